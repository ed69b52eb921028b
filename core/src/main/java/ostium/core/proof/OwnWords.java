package ostium.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ostium.core.edit.State;
import ostium.core.fact.Facts;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.site.Item;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.Text;

/** The words on a site that its owner wrote: lines that stand on the page as they were typed, and texts made their own. */
public final class OwnWords {
    private static final List<Line> LINES =
            List.of(Line.WORDS_DOES, Line.WORDS_CUSTOMERS, Line.WORDS, Line.WORDS_BEGAN, Line.WORDS_FINDING);

    /** Lines of rows that are sentences; what customers said stays as they said it. */
    private static final Map<String, List<String>> ROWS = Map.of(
            "person", List.of("about"),
            "guarantee", List.of("words"),
            "question", List.of("ask", "answer"));

    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{M}'’-]++");

    private OwnWords() {}

    /**
     * Every passage of a kept site, the same words once. A line that a text of the page repeats stands beside that text, and
     * is put right on its line.
     */
    public static List<Passage> of(State state, Facts facts) {
        List<Passage> texts = onThePage(state, facts).filter(OwnWords::says).toList();
        List<Passage> passages = new ArrayList<>();
        Set<String> seen = new TreeSet<>();
        Stream.concat(onTheSheet(state.sheet()).filter(OwnWords::says).map(line -> beside(line, texts)), texts.stream())
                .filter(passage -> passages.stream().noneMatch(line -> line.repeats(passage)))
                .filter(passage -> seen.add(passage.words()))
                .forEach(passages::add);
        return passages;
    }

    private static boolean says(Passage passage) {
        return !passage.words().isBlank();
    }

    private static Passage beside(Passage line, List<Passage> texts) {
        return texts.stream()
                .filter(line::repeats)
                .findFirst()
                .map(text -> new Passage(line.line(), text.section(), "", line.words()))
                .orElse(line);
    }

    /** Words that are right here whatever a dictionary says, in small letters: names among the facts, and what was left as it is. */
    public static Set<String> known(TypedSheet sheet) {
        Set<String> known = new TreeSet<>(
                sheet.line(Line.LEFT_AS_IS).lines().map(OwnWords::folded).toList());
        Stream<String> names = Stream.of(
                        Stream.of(Line.NAME, Line.SHORT_NAME, Line.TRADE, Line.PERSON, Line.PLACE, Line.AREA)
                                .map(sheet::line),
                        sheet.services().stream().map(TypedSheet.TypedService::name),
                        sheet.rows().stream().map(row -> row.line("name")),
                        sheet.rows().stream().map(row -> row.line("body")))
                .flatMap(each -> each);
        names.flatMap(BETWEEN_WORDS::splitAsStream).map(OwnWords::folded).forEach(known::add);
        return known;
    }

    /** How two spellings of a word are compared. */
    public static String folded(String word) {
        return word.strip().toLowerCase(Locale.ROOT).replace('’', '\'');
    }

    private static Stream<Passage> onThePage(State state, Facts facts) {
        return state.site()
                .shownSections()
                .flatMap(section -> texts(section)
                        .filter(text -> text.mark() == Text.Mark.OWN)
                        .map(text -> new Passage("", section.id(), text.id(), PlainText.of(text, facts))));
    }

    private static Stream<Text> texts(Section section) {
        return Stream.concat(
                section.texts().values().stream(),
                section.shownItems().stream().map(Item::texts).flatMap(texts -> texts.values().stream()));
    }

    private static Stream<Passage> onTheSheet(TypedSheet sheet) {
        Stream<Passage> lines = LINES.stream().map(line -> Passage.ofLine(line.id(), sheet.line(line)));
        Stream<Passage> services = sheet.services().stream()
                .map(service -> Passage.ofLine("service/" + service.id() + "/summary", service.summary()));
        Stream<Passage> rows = sheet.rows().stream()
                .flatMap(row -> ROWS.getOrDefault(row.kind(), List.of()).stream()
                        .map(line -> Passage.ofLine(row.kind() + "/" + row.id() + "/" + line, row.line(line))));
        return Stream.of(lines, services, rows).flatMap(each -> each);
    }
}
