package ostium.core.snag;

import java.util.stream.Stream;
import ostium.core.edit.State;
import ostium.core.fact.Facts;
import ostium.core.sheet.SheetReading;
import ostium.core.site.Section;
import ostium.core.site.Site;
import ostium.core.site.Text;

/** What rules look at: a kept site with its facts read. */
record Subject(State state, SheetReading reading) {
    Facts facts() {
        return reading.brief().facts();
    }

    Site site() {
        return state.site();
    }

    /** A text that visitors see, and the section it stands in. */
    record Standing(Section section, Text text) {}

    Stream<Standing> shownTexts() {
        return site().shownSections()
                .flatMap(section -> Stream.concat(
                                section.texts().values().stream(),
                                section.shownItems().stream().flatMap(item -> item.texts().values().stream()))
                        .map(text -> new Standing(section, text)));
    }
}
