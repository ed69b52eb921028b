package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.Samples;
import ostium.core.edit.Changes.Change;
import ostium.core.edit.Changes.Part;
import ostium.core.section.enquiry.EnquirySection;
import ostium.core.section.hours.HoursSection;
import ostium.core.section.opening.OpeningSection;
import ostium.core.section.place.PlaceSection;
import ostium.core.section.services.ServicesSection;
import ostium.core.site.Node;
import ostium.core.site.Position;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Text;

/** What has changed, as it is said to the owner before publishing. */
class ChangesTest {
    private static final State STATE = RandomEdits.kept("ashlatch", 1);

    private static List<Change> changed(State after) {
        return Changes.between(STATE, STATE.reading(Samples.NOW), after, after.reading(Samples.NOW));
    }

    private static Section section(SectionKind kind) {
        return STATE.site().section(kind).orElseThrow();
    }

    private static Edit headline(String words) {
        return new TextEdit.SetText(
                section(OpeningSection.KIND).text("headline").orElseThrow().id(),
                Text.Mark.OWN,
                List.of(new Node.Paragraph(List.of(new Node.Words(words)))),
                null);
    }

    static Stream<Arguments> said() {
        BiFunction<Edit, Change, Arguments> row = Arguments::of;
        Section services = section(ServicesSection.KIND);
        return Stream.of(
                row.apply(
                        new SheetEdit.SetLine("telephone", "0117 496 0199"),
                        new Change(Part.FACTS, "Facts", "Your telephone number", "0117 496 0142", "0117 496 0199")),
                row.apply(
                        new SheetEdit.SetLine("service/sweep/price", "£70"),
                        new Change(
                                Part.SECTION,
                                "Services and prices",
                                "Chimney sweep: price",
                                "Chimney sweep · 45 min · £65",
                                "Chimney sweep · 45 min · £70")),
                row.apply(
                        new SectionEdit.HideSection(section(HoursSection.KIND).id(), true),
                        new Change(Part.SECTION, "Hours", "Hidden from visitors", "", "")),
                row.apply(
                        new SectionEdit.RemoveSection(section(PlaceSection.KIND).id()),
                        new Change(Part.SECTION, "Place", "Removed", "", "")),
                row.apply(
                        new ItemEdit.MoveItem(
                                services.id(), services.items().get(2).id(), ""),
                        new Change(Part.SECTION, "Services and prices", "Rows in another order", "", "")),
                row.apply(
                        new SectionEdit.SetLayout(
                                services.id(), services.layout().equals("rows") ? "cards" : "rows"),
                        new Change(Part.SECTION, "Services and prices", "Laid out differently", "", "")));
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("said")
    void aChangeIsSaidOnceAtItsSection(Edit edit, Change change) {
        assertThat(changed(edit.apply(STATE).state())).containsExactly(change);
    }

    @Test
    void wordsAreShownBeforeAndAfter() {
        List<Change> changes =
                changed(headline("Chimneys swept on Quill").apply(STATE).state());
        assertThat(changes).hasSize(1);
        assertThat(changes.get(0).where()).isEqualTo("Opening");
        assertThat(changes.get(0).words()).isEqualTo("Headline");
        assertThat(changes.get(0).after()).isEqualTo("Chimneys swept on Quill");
    }

    @Test
    void movingASectionIsSaidWithBothOrders() {
        Edit edit = new SectionEdit.MoveSection(
                section(EnquirySection.KIND).id(),
                new Position(STATE.site().home().id(), ""));
        assertThat(changed(edit.apply(STATE).state()))
                .extracting(Change::words)
                .containsExactly("Sections in another order");
    }

    @Test
    void confirmingChangesNothingForAVisitor() {
        Text text = STATE.site().texts().findFirst().orElseThrow();
        Edit edit = new TextEdit.SetMarks(java.util.Map.of(text.id(), Text.Mark.CONFIRMED));
        assertThat(changed(edit.apply(STATE).state())).isEmpty();
    }
}
