package ostium.app.drafting;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.ask.PageQuestion;
import ostium.core.ask.PageQuestions;
import ostium.core.edit.State;
import ostium.core.section.opening.OpeningSection;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReading;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;

/**
 * What is asked of the owner now.
 *
 * @param next the question that would help most, or null when nothing is left to ask
 * @param section id of the section of the page it is asked beside: the one its answer would stand in, or else the opening;
 *     empty before a draft is kept
 * @param putOff keys of those that were put off, with blanks between
 */
public record QuestionView(@Schema(nullable = true) PageQuestion next, String section, String putOff) {

    /** @param reading what was understood of the sheet of the state */
    public static QuestionView of(State state, SheetReading reading) {
        String line = state.sheet().line(Line.PUT_OFF);
        Set<String> putOff = Arrays.stream(line.split("\\s+")).collect(Collectors.toSet());
        List<PageQuestion> open = PageQuestions.of(reading.brief(), putOff);
        return open.isEmpty()
                ? new QuestionView(null, "", line)
                : new QuestionView(open.get(0), beside(state, open.get(0).beside()), line);
    }

    private static String beside(State state, SectionKind kind) {
        return !state.isKept()
                ? ""
                : Stream.of(kind, OpeningSection.KIND)
                        .flatMap(each -> state.site()
                                .shownSections()
                                .filter(section -> section.kind().equals(each)))
                        .map(Section::id)
                        .findFirst()
                        .orElse("");
    }
}
