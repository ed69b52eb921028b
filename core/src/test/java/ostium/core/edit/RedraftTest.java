package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Extent;
import ostium.core.draft.Drafter;
import ostium.core.section.about.AboutSection;
import ostium.core.section.enquiry.EnquirySection;
import ostium.core.section.hours.HoursSection;
import ostium.core.section.opening.OpeningSection;
import ostium.core.section.place.PlaceSection;
import ostium.core.section.services.ServicesSection;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;
import ostium.core.site.Item;
import ostium.core.site.Node;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Text;

/** A whole new draft of a document that stands already. */
class RedraftTest {
    private static final List<Node> OWN = List.of(new Node.Paragraph(List.of(new Node.Words("Soot is our business."))));

    private final State kept = kept(Samples.sheet("ashlatch"));

    private static State kept(TypedSheet sheet) {
        SheetReading reading = Samples.read(sheet);
        var draft = Drafter.draft(reading.brief(), new Seed(sheet.seed()));
        return new WholeEdit.PutDraft(draft.site(), draft.look())
                .apply(State.begun(sheet))
                .state();
    }

    private static State after(State state, Edit... edits) {
        State at = state;
        for (Edit edit : edits) {
            State next = edit.apply(at).state();
            for (Edit consequence : Consequences.of(at, next, Samples.NOW)) {
                next = consequence.apply(next).state();
            }
            at = next;
        }
        return at;
    }

    private static State again(State state, long seed) {
        return after(state, Redraft.whole(state, state.reading(Samples.NOW), new Seed(seed)));
    }

    private static Text text(State state, SectionKind kind, String slot) {
        return state.site().section(kind).flatMap(section -> section.text(slot)).orElseThrow();
    }

    private static State own(State state, SectionKind kind, String slot) {
        return after(state, new TextEdit.SetText(text(state, kind, slot).id(), Text.Mark.OWN, OWN, null));
    }

    private static State confirmed(State state, SectionKind kind, String slot) {
        return after(state, new TextEdit.SetMarks(Map.of(text(state, kind, slot).id(), Text.Mark.CONFIRMED)));
    }

    @Test
    void choosesOurOwnWordsAnew() {
        State next = again(kept, 99);
        List<String> before =
                kept.site().texts().map(text -> PlainText.of(text, facts(kept))).toList();
        List<String> after =
                next.site().texts().map(text -> PlainText.of(text, facts(next))).toList();
        assertThat(after).isNotEqualTo(before);
        assertThat(next.sheet().seed()).isNotEqualTo(kept.sheet().seed());
    }

    /** Who asks for another draft sees another, however the dice fall. */
    @Test
    void neverHeadsAllSectionsAsBefore() {
        for (long seed = 1; seed <= 200; seed++) {
            assertThat(headings(again(kept, seed))).as("seed " + seed).isNotEqualTo(headings(kept));
        }
    }

    @Test
    void headsASectionOtherwiseWhenItAloneIsDraftedAgain() {
        String id = kept.site().section(EnquirySection.KIND).orElseThrow().id();
        for (long seed = 1; seed <= 100; seed++) {
            State next = after(kept, Redraft.again(kept, kept.reading(Samples.NOW), id, new Seed(seed)));
            assertThat(text(next, EnquirySection.KIND, "heading").tree())
                    .as("seed " + seed)
                    .isNotEqualTo(text(kept, EnquirySection.KIND, "heading").tree());
        }
    }

    private static List<String> headings(State state) {
        return state.site()
                .sections()
                .flatMap(section -> section.text("heading").stream())
                .map(text -> PlainText.of(text, facts(state)))
                .toList();
    }

    private static ostium.core.fact.Facts facts(State state) {
        return state.reading(Samples.NOW).brief().facts();
    }

    @ParameterizedTest
    @ValueSource(longs = {2, 3, 4, 5, 6, 7, 8, 9})
    void keepsConfirmedAndOwnWordsInTheirPlaces(long seed) {
        State mine = confirmed(own(kept, OpeningSection.KIND, "headline"), EnquirySection.KIND, "heading");
        State next = again(mine, seed);
        assertThat(text(next, OpeningSection.KIND, "headline")).isEqualTo(text(mine, OpeningSection.KIND, "headline"));
        assertThat(text(next, EnquirySection.KIND, "heading")).isEqualTo(text(mine, EnquirySection.KIND, "heading"));
    }

    @Test
    void keepsWordsOfRows() {
        Section about = kept.site().section(AboutSection.KIND).orElseThrow();
        Item row = about.items().get(0);
        State mine = after(kept, new TextEdit.SetText(row.texts().get("says").id(), Text.Mark.OWN, OWN, null));
        for (long seed = 2; seed < 8; seed++) {
            assertThat(again(mine, seed).site().texts())
                    .anyMatch(text -> text.tree().equals(OWN) && text.mark() == Text.Mark.OWN);
        }
    }

    @Test
    void keepsWordsAsideThatHaveNoPlaceInTheNewPlan() {
        State mine = own(kept, HoursSection.KIND, "heading");
        State without = new SheetEdit.SetLine("hours", "").apply(mine).state();
        State next = again(without, 5);
        Section aside = next.site().section(HoursSection.KIND).orElseThrow();
        assertThat(aside.hidden()).isTrue();
        assertThat(aside.texts().values()).extracting(Text::tree).containsExactly(OWN);
    }

    @Test
    void isTakenBackInOneStep() {
        State mine = own(kept, OpeningSection.KIND, "headline");
        Edit whole = Redraft.whole(mine, mine.reading(Samples.NOW), new Seed(5));
        Applied applied = whole.apply(mine);
        assertThat(applied.inverse().apply(applied.state()).state()).isEqualTo(mine);
    }

    @Test
    void keepsWhatWasHiddenHiddenAndRowsInTheirOrder() {
        Section services = kept.site().section(ServicesSection.KIND).orElseThrow();
        State mine = after(
                kept,
                new SectionEdit.HideSection(
                        kept.site().section(HoursSection.KIND).orElseThrow().id(), true),
                new ItemEdit.MoveItem(services.id(), services.items().get(2).id(), ""),
                new ItemEdit.HideItem(services.id(), services.items().get(1).id(), true));
        State next = again(mine, 12);
        assertThat(next.site().section(HoursSection.KIND).orElseThrow().hidden())
                .isTrue();
        assertThat(next.site().section(ServicesSection.KIND).orElseThrow().items())
                .extracting(Item::fact, Item::hidden)
                .containsExactlyElementsOf(mine.site().section(ServicesSection.KIND).orElseThrow().items().stream()
                        .map(item -> org.assertj.core.api.Assertions.tuple(item.fact(), item.hidden()))
                        .toList());
    }

    @Test
    void laysItOnAFewPagesAndBackWithoutLosingAWord() {
        State mine = own(own(kept, AboutSection.KIND, "heading"), PlaceSection.KIND, "heading");
        State few = again(new SheetEdit.SetLine("pages", "few").apply(mine).state(), 3);
        assertThat(few.site().pages()).hasSizeGreaterThan(1);
        assertThat(few.reading(Samples.NOW).brief().wishes().extent()).contains(Extent.FEW);
        State one = again(new SheetEdit.SetLine("pages", "one").apply(few).state(), 4);
        assertThat(one.site().pages()).hasSize(1);
        for (State state : List.of(few, one)) {
            assertThat(text(state, AboutSection.KIND, "heading").tree()).isEqualTo(OWN);
            assertThat(text(state, PlaceSection.KIND, "heading").tree()).isEqualTo(OWN);
            assertThat(state.site().ids().toList()).doesNotHaveDuplicates();
        }
    }

    /** Denying an assumption of a document that stands. */
    @Nested
    class Denial {
        private final State tailor =
                kept(Samples.of(ostium.core.trade.TradeCatalogue.shipped().byId("tailor"), 3, 2));

        private State denied(State state) {
            return after(state, new SheetEdit.SetLine("denied/RECEIVES", "yes"));
        }

        @Test
        void takesTheSectionsThatHangOnItAwayAndBringsThemBack() {
            assertThat(tailor.site().section(PlaceSection.KIND)).isPresent();
            State denied = denied(tailor);
            assertThat(denied.site().section(PlaceSection.KIND)).isEmpty();
            State back = after(denied, new SheetEdit.SetLine("denied/RECEIVES", ""));
            assertThat(back.site().section(PlaceSection.KIND)).isPresent();
        }

        @Test
        void hidesASectionWithWordsOfTheOwners() {
            State denied = denied(own(tailor, PlaceSection.KIND, "heading"));
            Section place = denied.site().section(PlaceSection.KIND).orElseThrow();
            assertThat(place.hidden()).isTrue();
            assertThat(place.text("heading").orElseThrow().tree()).isEqualTo(OWN);
            State back = after(denied, new SheetEdit.SetLine("denied/RECEIVES", ""));
            assertThat(back.site().section(PlaceSection.KIND).orElseThrow().hidden())
                    .isFalse();
        }

        @Test
        void changesNoTextThatDoesNotHangOnIt() {
            State denied = denied(tailor);
            Predicate<Text> hangs = text -> text.origin().needs().stream()
                    .anyMatch(need -> !denied.reading(Samples.NOW).brief().carries(need));
            tailor.site()
                    .sections()
                    .filter(section -> !section.kind().equals(PlaceSection.KIND))
                    .forEach(section -> section.texts().values().stream()
                            .filter(hangs.negate())
                            .forEach(text ->
                                    assertThat(denied.site().text(text.id())).contains(text)));
        }

        @Test
        void leavesNoSuggestedTextThatIsNotSo() {
            State denied = denied(tailor);
            var brief = denied.reading(Samples.NOW).brief();
            assertThat(denied.site().texts().filter(text -> text.mark() == Text.Mark.SUGGESTED))
                    .allSatisfy(text -> assertThat(text.origin().needs()).allMatch(brief::carries));
        }
    }
}
