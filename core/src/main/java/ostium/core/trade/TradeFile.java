package ostium.core.trade;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import ostium.core.look.House;

/**
 * A file of trades as it is written: a family, and its trades, which take from the family what they do not say.
 *
 * @param family defaults of the family; its practices and fields come after a trade's own
 * @param trades the trades of the family
 */
record TradeFile(Entry family, List<Entry> trades) {

    /** A trade or a family as written; anything may be left out. */
    record Entry(
            String id,
            Map<String, List<String>> names,
            String schemaType,
            String doing,
            Trade.Speech speech,
            Trade.Coming coming,
            Trade.Urgency urgency,
            Goal goal,
            String motif,
            List<String> moods,
            List<House> houses,
            List<Trade.UsualService> services,
            List<Trade.UsualPractice> practices,
            List<Trade.UsualField> form,
            List<String> questions,
            List<String> proof,
            List<Trade.RegulatedLine> regulated) {}

    List<Trade> complete() {
        return trades.stream().map(this::complete).toList();
    }

    private Trade complete(Entry own) {
        return new Trade(
                own.id(),
                family.id(),
                names(own),
                first(own.schemaType(), family.schemaType()),
                own.doing(),
                own.speech() == null
                        ? family.speech().over(family.speech())
                        : own.speech().over(family.speech()),
                first(own.coming(), family.coming()),
                first(own.urgency(), family.urgency()),
                first(own.goal(), family.goal()),
                first(own.motif(), family.motif()),
                first(own.moods(), family.moods()),
                first(own.houses(), family.houses()),
                all(own.services()),
                joined(own.practices(), family.practices(), Trade.UsualPractice::key),
                joined(own.form(), family.form(), Trade.UsualField::key),
                all(own.questions()),
                all(own.proof()),
                all(own.regulated()),
                inherited(own));
    }

    /** Names as they are written, English first; those of other languages are for finding only. */
    private static List<Trade.Name> names(Entry own) {
        List<Trade.Name> names = new ArrayList<>();
        own.names().forEach((language, all) -> all.forEach(words -> names.add(new Trade.Name(language, words))));
        return List.copyOf(names);
    }

    private static Set<String> inherited(Entry own) {
        Map<String, Object> parts = new LinkedHashMap<>();
        parts.put("schema type", own.schemaType());
        parts.put("speech", own.speech());
        parts.put("coming", own.coming());
        parts.put("urgency", own.urgency());
        parts.put("goal", own.goal());
        parts.put("motif", own.motif());
        parts.put("moods", own.moods());
        parts.put("houses", own.houses());
        parts.put("practices", own.practices());
        parts.put("form", own.form());
        Set<String> inherited = new TreeSet<>();
        parts.forEach((part, value) -> {
            if (value == null) {
                inherited.add(part);
            }
        });
        return inherited;
    }

    private static <T> List<T> all(List<T> own) {
        return own == null ? List.of() : List.copyOf(own);
    }

    private static <T> T first(T own, T inherited) {
        return own != null ? own : inherited;
    }

    private static <T> List<T> joined(List<T> own, List<T> inherited, Function<T, String> key) {
        Map<String, T> all = new LinkedHashMap<>();
        for (List<T> list : List.of(own == null ? List.<T>of() : own, inherited == null ? List.<T>of() : inherited)) {
            list.forEach(entry -> all.putIfAbsent(key.apply(entry), entry));
        }
        return new ArrayList<>(all.values());
    }
}
