package ostium.core.paste;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import ostium.core.base.Reading.Span;
import ostium.core.base.TimeBudget;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.TypedSheet;

/**
 * Reads a source and holds what it finds against a sheet.
 *
 * <pre>{@code
 * Source source = Source.pasted(signature).value().orElseThrow();
 * Findings findings = PasteReader.read(source, sheet, today);
 * findings.proposals();      // "Telephone 0117 496 0142", new
 * findings.notUnderstood();  // what nothing was made of
 * }</pre>
 */
public final class PasteReader {
    /** Where one thing ends and another begins: lines, sentences, bars. */
    private PasteReader() {}

    /** @param today the day by which dates without a year are understood */
    public static Findings read(Source source, TypedSheet sheet, BusinessDay today) {
        Finder.Result result = switch (source.kind()) {
            case TEXT -> new TextFinder(source.text(), sheet, today).find();
            case HTML -> new HtmlFinder(source.text(), sheet, today).find();
            case VCARD -> new VCardFinder(source.text()).find();
            case JSON_LD -> new JsonLdFinder(source.text(), sheet).find();
            case CSV ->
                HoursTable.isOne(source.text())
                        ? new HoursTable(source.text(), sheet, today).find()
                        : new ServicesTable(source.text()).find();
            case CALENDAR -> new CalendarFinder(source.text(), today).find();
            case TAGS -> new TagsFinder(source.text(), sheet.region()).find();
        };
        List<Proposal> proposals = new Proposals(sheet, today).of(result.found());
        return new Findings(source.kind().words(), result.text(), proposals, notUnderstood(result), result.note());
    }

    /** Lines with words in them that nothing found touches, neighbours together. */
    private static List<Span> notUnderstood(Finder.Result result) {
        if (!result.saysAll()) {
            return List.of();
        }
        boolean[] seen = new boolean[result.text().length() + 1];
        result.found()
                .forEach(
                        found -> Arrays.fill(seen, found.at().from(), found.at().to(), true));
        result.aside().forEach(aside -> Arrays.fill(seen, aside.from(), aside.to(), true));
        Set<String> said = new HashSet<>();
        result.found().forEach(found -> said.add(found.words().toLowerCase(Locale.ROOT)));
        said.add(HtmlFinder.DATA_HEADING.toLowerCase(Locale.ROOT));
        // Of lines that are the same only the first has been read.
        Set<String> understood = new HashSet<>();
        List<Span> left = new ArrayList<>();
        int at = 0;
        for (String part : parts(result.text())) {
            TimeBudget.check();
            String line = part.strip();
            int from = at + part.indexOf(line);
            int to = from + line.length();
            at += part.length();
            boolean touched = said.contains(line.toLowerCase(Locale.ROOT)) || understood.contains(line);
            for (int i = from; i < to && !touched; i++) {
                touched = seen[i];
            }
            if (touched) {
                left.addAll(LeftOver.in(result.text(), new Span(from, to), seen, said));
            }
            boolean hasWords =
                    line.codePoints().filter(Character::isLetterOrDigit).count() > 3;
            if (!touched && hasWords) {
                Span last = left.isEmpty() ? null : left.get(left.size() - 1);
                boolean follows =
                        last != null && result.text().substring(last.to(), from).isBlank();
                if (follows && to - last.from() < 400) {
                    left.set(left.size() - 1, new Span(last.from(), to));
                } else {
                    left.add(new Span(from, to));
                }
            }
        }
        return left;
    }

    /** A text cut after line ends, after sentences, and before bars; every letter of it is in one of the parts. */
    private static List<String> parts(String text) {
        List<String> parts = new ArrayList<>();
        int from = 0;
        for (int i = 1; i < text.length(); i++) {
            if (isCut(text, i)) {
                parts.add(text.substring(from, i));
                from = i;
            }
        }
        parts.add(text.substring(from));
        return parts;
    }

    private static boolean isCut(String text, int at) {
        char before = text.charAt(at - 1);
        char after = text.charAt(at);
        if (before == '\n') {
            return true;
        }
        if (!Character.isWhitespace(after)) {
            return false;
        }
        boolean sentence = ".!?".indexOf(before) >= 0
                && at > 1
                && (Character.isLetterOrDigit(text.charAt(at - 2)) || text.charAt(at - 2) == ')');
        boolean bar = at + 2 < text.length()
                && "|•·".indexOf(text.charAt(at + 1)) >= 0
                && Character.isWhitespace(text.charAt(at + 2));
        return sentence || bar;
    }
}
