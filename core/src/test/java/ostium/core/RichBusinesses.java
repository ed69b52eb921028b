package ostium.core;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ostium.core.base.DataFile;
import ostium.core.brief.Brief;
import ostium.core.fact.FactValue;
import ostium.core.sheet.Line;
import ostium.core.sheet.RowKind;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.trade.Trade;

/** Businesses about which much is known, from {@code rich-businesses.yaml}: people, words, guarantees, voices, answers. */
public final class RichBusinesses {
    private RichBusinesses() {}

    /** @param practices {@code all} where the owner says yes to every practice of the trade */
    record Written(
            String name,
            String trade,
            Map<String, String> lines,
            List<String> services,
            List<String> people,
            List<String> guarantees,
            List<String> said,
            List<String> credentials,
            List<String> questions,
            String practices) {}

    public static List<Brief> all() {
        return Stream.of(DataFile.read("/ostium/rich-businesses.yaml", Written[].class))
                .map(RichBusinesses::brief)
                .toList();
    }

    private static Brief brief(Written written) {
        TypedSheet sheet =
                TypedSheet.empty("GB", 1).with(Line.NAME, written.name()).with(Line.TRADE, written.trade());
        for (Map.Entry<String, String> line : written.lines().entrySet()) {
            sheet = sheet.with(Line.named(line.getKey()).orElseThrow(), line.getValue());
        }
        sheet = sheet.withServices(written.services().stream()
                .map(words -> words.split("\\|", -1))
                .map(words -> new TypedService("", "", words[0], "", words[1], words[2]))
                .toList());
        List<TypedRow> rows = new ArrayList<>();
        rows.addAll(rows(RowKind.PERSON, written.people(), "name", "role"));
        rows.addAll(rows(RowKind.GUARANTEE, written.guarantees(), "words"));
        rows.addAll(rows(RowKind.CREDENTIAL, written.credentials(), "body", "number"));
        rows.addAll(rows(RowKind.QUESTION, written.questions(), "ask", "answer"));
        rows(RowKind.TESTIMONIAL, written.said(), "words", "who").forEach(row -> {
            Map<String, String> lines = new LinkedHashMap<>(row.lines());
            lines.put("permission", "yes");
            rows.add(new TypedRow(row.kind(), row.id(), lines));
        });
        sheet = sheet.withRows(rows);
        Trade trade = Samples.read(sheet).brief().trade();
        return Samples.read(sheet.withPractices(
                        trade.practices().stream().map(Trade.UsualPractice::key).toList()))
                .brief();
    }

    private static List<TypedRow> rows(RowKind kind, List<String> written, String... names) {
        List<TypedRow> rows = new ArrayList<>();
        for (String words : written == null ? List.<String>of() : written) {
            String[] parts = words.split("\\|", -1);
            Map<String, String> lines = new LinkedHashMap<>();
            for (int i = 0; i < names.length && i < parts.length; i++) {
                lines.put(names[i], parts[i].strip());
            }
            rows.add(new TypedRow(kind.id(), kind.id() + "-" + (rows.size() + 1), lines));
        }
        return rows;
    }

    /** What a brief is called in a report. */
    public static String name(Brief brief) {
        return brief.facts().one(FactValue.Name.class).orElseThrow().value();
    }
}
