package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.section.questions.QuestionsSection;
import ostium.core.section.testimonials.TestimonialsSection;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;

/** Rows of the facts sheet as edits: put, moved, taken out, and what that means for the page. */
class RowEditsTest {
    private static TypedRow said(String id, String words) {
        return new TypedRow("testimonial", id, Map.of("words", words, "who", "Piet", "permission", "yes"));
    }

    private static State with(TypedRow... rows) {
        return State.begun(Samples.sheet("ashlatch").withRows(List.of(rows)));
    }

    private static List<String> ids(State state) {
        return state.sheet().rows().stream().map(TypedRow::id).toList();
    }

    @Test
    void aRowIsPutAfterItsNeighbourMovedAndTakenOut() {
        State state = with(said("a", "One."), said("b", "Two."));
        Applied put = new SheetEdit.PutRow(said("c", "Three."), "a").apply(state);
        assertThat(ids(put.state())).containsExactly("a", "c", "b");
        assertThat(put.inverse().apply(put.state()).state()).isEqualTo(state);
        Applied moved = new SheetEdit.MoveRow("b", "").apply(put.state());
        assertThat(ids(moved.state())).containsExactly("b", "a", "c");
        assertThat(moved.inverse().apply(moved.state()).state()).isEqualTo(put.state());
        Applied removed = new SheetEdit.RemoveRow("a").apply(moved.state());
        assertThat(ids(removed.state())).containsExactly("b", "c");
        assertThat(removed.inverse().apply(removed.state()).state()).isEqualTo(moved.state());
    }

    @Test
    void aLineOfARowIsALineOfTheSheet() {
        State state = with(said("a", "One."));
        Applied edit = new SheetEdit.SetLine("testimonial/a/words", "Other words.").apply(state);
        assertThat(SheetLines.get(edit.state().sheet(), "testimonial/a/words")).contains("Other words.");
        assertThat(edit.inverse().apply(edit.state()).state()).isEqualTo(state);
        assertThatThrownBy(() -> new SheetEdit.SetLine("person/a/words", "x").apply(state))
                .isInstanceOf(EditRefused.class);
        assertThatThrownBy(() -> new SheetEdit.SetLine("testimonial/z/words", "x").apply(state))
                .isInstanceOf(EditRefused.class);
    }

    @Test
    void whatCannotBeIsRefused() {
        State state = with(said("a", "One."));
        assertThatThrownBy(() -> new SheetEdit.PutRow(said("a", "Twice."), "").apply(state))
                .hasMessageContaining("already");
        assertThatThrownBy(() -> new SheetEdit.PutRow(new TypedRow("song", "s", Map.of()), "").apply(state))
                .isInstanceOf(EditRefused.class);
        assertThatThrownBy(() -> new SheetEdit.PutRow(said("a b", "Id."), "").apply(state))
                .isInstanceOf(EditRefused.class);
        assertThatThrownBy(() -> new SheetEdit.RemoveRow("z").apply(state)).isInstanceOf(EditRefused.class);
        State full = state;
        for (int i = 0; i < 5; i++) {
            full = new SheetEdit.PutRow(new TypedRow("guarantee", "g" + i, Map.of("words", "W")), "")
                    .apply(full)
                    .state();
        }
        State six = new SheetEdit.PutRow(new TypedRow("guarantee", "g6", Map.of("words", "W")), "")
                .apply(full)
                .state();
        assertThatThrownBy(() ->
                        new SheetEdit.PutRow(new TypedRow("guarantee", "g7", Map.of("words", "W")), "").apply(six))
                .hasMessageContaining("At most 6");
    }

    private static State keptWith(List<TypedRow> rows) {
        State begun = State.begun(Samples.sheet("ashlatch").withRows(rows));
        var draft = begun.draft(begun.reading(Samples.NOW));
        return new WholeEdit.PutDraft(draft.site(), draft.look()).apply(begun).state();
    }

    private static TypedRow asked(String id, String ask, String answer) {
        return new TypedRow("question", id, Map.of("ask", ask, "answer", answer));
    }

    @Test
    void withTheFirstAnswerItsSectionComesAndGoesBackWithIt() {
        State kept = keptWith(List.of());
        assertThat(kept.site().section(QuestionsSection.KIND)).isEmpty();

        SheetEdit.PutRow first = new SheetEdit.PutRow(asked("q", "How much mess?", "None that stays."), "");
        State typed = first.apply(kept).state();
        List<Edit> follows = Consequences.of(kept, typed, Samples.NOW);
        assertThat(follows).singleElement().isInstanceOf(SectionEdit.PutSection.class);
        Applied whole = new WholeEdit.Several(
                        java.util.stream.Stream.concat(java.util.stream.Stream.of(first), follows.stream())
                                .toList())
                .apply(kept);
        assertThat(whole.state()
                        .site()
                        .section(QuestionsSection.KIND)
                        .orElseThrow()
                        .items())
                .hasSize(1);
        assertThat(whole.inverse().apply(whole.state()).state()).isEqualTo(kept);

        State second = new SheetEdit.PutRow(asked("r", "How often?", "Once a winter."), "q")
                .apply(whole.state())
                .state();
        assertThat(Consequences.of(whole.state(), second, Samples.NOW))
                .singleElement()
                .isInstanceOf(ItemEdit.PutItem.class);
    }

    @Test
    void aSectionThatWasRemovedStaysAway() {
        State kept = keptWith(List.of(asked("q", "How much mess?", "None that stays.")));
        String section =
                kept.site().section(QuestionsSection.KIND).orElseThrow().id();
        State without = new SectionEdit.RemoveSection(section).apply(kept).state();
        State more = new SheetEdit.PutRow(asked("r", "How often?", "Once a winter."), "q")
                .apply(without)
                .state();
        assertThat(Consequences.of(without, more, Samples.NOW)).isEmpty();
    }

    @Test
    void aQuestionWithoutAnAnswerIsNoFact() {
        State kept = keptWith(List.of(asked("q", "How much mess?", " ")));
        assertThat(kept.site().section(QuestionsSection.KIND)).isEmpty();
        assertThat(kept.reading(Samples.NOW).answers().get("question/q").remark())
                .contains("what is the answer?");
    }

    @Test
    void rowsOfTestimonialsFollowTheirFacts() {
        TypedSheet sheet = Samples.sheet("ashlatch").withRows(List.of(said("a", "One."), said("b", "Two.")));
        State begun = State.begun(sheet);
        var draft = begun.draft(begun.reading(Samples.NOW));
        State kept =
                new WholeEdit.PutDraft(draft.site(), draft.look()).apply(begun).state();
        assertThat(kept.site().section(TestimonialsSection.KIND).orElseThrow().items())
                .hasSize(2);
        State after = new SheetEdit.RemoveRow("a").apply(kept).state();
        assertThat(Consequences.of(kept, after, Samples.NOW)).singleElement().isInstanceOf(ItemEdit.RemoveItem.class);
        State more = new SheetEdit.PutRow(said("c", "Three."), "b").apply(kept).state();
        assertThat(Consequences.of(kept, more, Samples.NOW)).singleElement().isInstanceOf(ItemEdit.PutItem.class);
        State silent = new SheetEdit.PutRow(
                        new TypedRow("testimonial", "d", Map.of("words", "No.", "who", "Oona")), "b")
                .apply(kept)
                .state();
        assertThat(Consequences.of(kept, silent, Samples.NOW)).isEmpty();
        assertThat(silent.reading(Samples.NOW).brief().facts().byId("testimonial/d"))
                .map(Fact::state)
                .contains(Fact.State.HIDDEN);
        assertThat(silent.reading(Samples.NOW).brief().facts().all(FactValue.Testimonial.class))
                .hasSize(2);
    }
}
