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
import ostium.core.draft.Drafter;
import ostium.core.draft.Extent;
import ostium.core.draft.Seed;
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
            for (Edit consequence : Consequences.of(at, next, Samples.TODAY)) {
                next = consequence.apply(next).state();
            }
            at = next;
        }
        return at;
    }

    private static State again(State state, long seed) {
        return after(state, Redraft.whole(state, state.reading(Samples.TODAY), new Seed(seed)));
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
        assertThat(next.sheet().seed()).isEqualTo(99);
    }

    private static ostium.core.fact.Facts facts(State state) {
        return state.reading(Samples.TODAY).brief().facts();
    }

    @ParameterizedTest
    @ValueSource(longs = {2, 3, 4, 5, 6, 7, 8, 9})
    void keepsConfirmedAndOwnWordsInTheirPlaces(long seed) {
        State mine = confirmed(own(kept, SectionKind.OPENING, "headline"), SectionKind.ENQUIRY, "heading");
        State next = again(mine, seed);
        assertThat(text(next, SectionKind.OPENING, "headline")).isEqualTo(text(mine, SectionKind.OPENING, "headline"));
        assertThat(text(next, SectionKind.ENQUIRY, "heading")).isEqualTo(text(mine, SectionKind.ENQUIRY, "heading"));
    }

    @Test
    void keepsWordsOfRows() {
        Section about = kept.site().section(SectionKind.ABOUT).orElseThrow();
        Item row = about.items().get(0);
        State mine = after(kept, new TextEdit.SetText(row.texts().get("says").id(), Text.Mark.OWN, OWN, null));
        for (long seed = 2; seed < 8; seed++) {
            assertThat(again(mine, seed).site().texts())
                    .anyMatch(text -> text.tree().equals(OWN) && text.mark() == Text.Mark.OWN);
        }
    }

    @Test
    void keepsWordsAsideThatHaveNoPlaceInTheNewPlan() {
        State mine = own(kept, SectionKind.HOURS, "heading");
        State without = new SheetEdit.SetLine("hours", "").apply(mine).state();
        State next = again(without, 5);
        Section aside = next.site().section(SectionKind.HOURS).orElseThrow();
        assertThat(aside.hidden()).isTrue();
        assertThat(aside.texts().values()).extracting(Text::tree).containsExactly(OWN);
    }

    @Test
    void isTakenBackInOneStep() {
        State mine = own(kept, SectionKind.OPENING, "headline");
        Edit whole = Redraft.whole(mine, mine.reading(Samples.TODAY), new Seed(5));
        Applied applied = whole.apply(mine);
        assertThat(applied.inverse().apply(applied.state()).state()).isEqualTo(mine);
    }

    @Test
    void keepsWhatWasHiddenHiddenAndRowsInTheirOrder() {
        Section services = kept.site().section(SectionKind.SERVICES).orElseThrow();
        State mine = after(
                kept,
                new SectionEdit.HideSection(
                        kept.site().section(SectionKind.HOURS).orElseThrow().id(), true),
                new ItemEdit.MoveItem(services.id(), services.items().get(2).id(), ""),
                new ItemEdit.HideItem(services.id(), services.items().get(1).id(), true));
        State next = again(mine, 12);
        assertThat(next.site().section(SectionKind.HOURS).orElseThrow().hidden())
                .isTrue();
        assertThat(next.site().section(SectionKind.SERVICES).orElseThrow().items())
                .extracting(Item::fact, Item::hidden)
                .containsExactlyElementsOf(mine.site().section(SectionKind.SERVICES).orElseThrow().items().stream()
                        .map(item -> org.assertj.core.api.Assertions.tuple(item.fact(), item.hidden()))
                        .toList());
    }

    @Test
    void laysItOnAFewPagesAndBackWithoutLosingAWord() {
        State mine = own(own(kept, SectionKind.ABOUT, "heading"), SectionKind.PLACE, "heading");
        State few = again(new SheetEdit.SetLine("pages", "few").apply(mine).state(), 3);
        assertThat(few.site().pages()).hasSizeGreaterThan(1);
        assertThat(few.reading(Samples.TODAY).brief().wishes().extent()).contains(Extent.FEW);
        State one = again(new SheetEdit.SetLine("pages", "one").apply(few).state(), 4);
        assertThat(one.site().pages()).hasSize(1);
        for (State state : List.of(few, one)) {
            assertThat(text(state, SectionKind.ABOUT, "heading").tree()).isEqualTo(OWN);
            assertThat(text(state, SectionKind.PLACE, "heading").tree()).isEqualTo(OWN);
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
            assertThat(tailor.site().section(SectionKind.PLACE)).isPresent();
            State denied = denied(tailor);
            assertThat(denied.site().section(SectionKind.PLACE)).isEmpty();
            State back = after(denied, new SheetEdit.SetLine("denied/RECEIVES", ""));
            assertThat(back.site().section(SectionKind.PLACE)).isPresent();
        }

        @Test
        void hidesASectionWithWordsOfTheOwners() {
            State denied = denied(own(tailor, SectionKind.PLACE, "heading"));
            Section place = denied.site().section(SectionKind.PLACE).orElseThrow();
            assertThat(place.hidden()).isTrue();
            assertThat(place.text("heading").orElseThrow().tree()).isEqualTo(OWN);
            State back = after(denied, new SheetEdit.SetLine("denied/RECEIVES", ""));
            assertThat(back.site().section(SectionKind.PLACE).orElseThrow().hidden())
                    .isFalse();
        }

        @Test
        void changesNoTextThatDoesNotHangOnIt() {
            State denied = denied(tailor);
            Predicate<Text> hangs = text -> text.origin().needs().stream()
                    .anyMatch(need -> !denied.reading(Samples.TODAY).brief().carries(need));
            tailor.site()
                    .sections()
                    .filter(section -> section.kind() != SectionKind.PLACE)
                    .forEach(section -> section.texts().values().stream()
                            .filter(hangs.negate())
                            .forEach(text ->
                                    assertThat(denied.site().text(text.id())).contains(text)));
        }

        @Test
        void leavesNoSuggestedTextThatIsNotSo() {
            State denied = denied(tailor);
            var brief = denied.reading(Samples.TODAY).brief();
            assertThat(denied.site().texts().filter(text -> text.mark() == Text.Mark.SUGGESTED))
                    .allSatisfy(text -> assertThat(text.origin().needs()).allMatch(brief::carries));
        }
    }
}
