package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.draft.Draft;
import ostium.core.section.about.AboutSection;
import ostium.core.section.services.ServicesSection;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.site.Item;
import ostium.core.site.Node;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.Text;

/** What changing a fact does to a document that stands already. */
class ConsequencesTest {
    private final State kept = RandomEdits.kept("ashlatch", 1);

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

    private static String page(State state) {
        var facts = state.reading(Samples.NOW).brief().facts();
        return String.join(
                "\n",
                state.site().texts().map(text -> PlainText.of(text, facts)).toList());
    }

    private static Section services(State state) {
        return state.site().section(ServicesSection.KIND).orElseThrow();
    }

    @Nested
    class ARowOfServicesIsItsFact {
        @Test
        void aNewServiceGetsARowAtTheEnd() {
            State state = after(
                    kept, new SheetEdit.PutService(new TypedService("cowl", "", "Cowl fitting", "", "£60", ""), ""));
            List<String> facts =
                    services(state).items().stream().map(Item::fact).toList();
            assertThat(facts).hasSize(6).endsWith("service/cowl");
        }

        @Test
        void aServiceTakenOffTheSheetTakesItsRowAlong() {
            String first = kept.sheet().services().get(0).id();
            State state = after(kept, new SheetEdit.RemoveService(first));
            assertThat(services(state).items()).extracting(Item::fact).doesNotContain("service/" + first);
        }

        @Test
        void aRowTakenOffThePageStaysOffWhenAnotherFactChanges() {
            Section services = services(kept);
            State state = after(
                    kept,
                    new ItemEdit.RemoveItem(
                            services.id(), services.items().get(0).id()),
                    new SheetEdit.SetLine("promise", "within a week"));
            assertThat(services(state).items()).hasSize(4);
        }
    }

    @Nested
    class WordsThatAreOurs {
        @Test
        void linkedFactsNeedNoEditAtAll() {
            State next = new SheetEdit.SetLine("telephone", "0117 496 0199")
                    .apply(kept)
                    .state();
            assertThat(Consequences.of(kept, next, Samples.NOW)).isEmpty();
        }

        @Test
        void suggestedWordsThatLoseTheirFactAreChosenAnew() {
            assertThat(page(kept)).contains("2009");
            State state = after(kept, new SheetEdit.SetLine("founded", ""));
            assertThat(page(state)).doesNotContain("2009").doesNotContain("since");
        }

        @Test
        void suggestedWordsThatSpellAnOldValueOutAreChosenAnew() {
            State state = after(kept, new SheetEdit.SetLine("trade", "window cleaner"));
            assertThat(page(state)).doesNotContainIgnoringCase("chimney sweeping");
            assertThat(state.site().masthead().texts().values()).allMatch(text -> text.mark() == Text.Mark.SUGGESTED);
        }

        @Test
        void aPracticeThatIsNotSoAnyMoreLosesItsRow() {
            Section about = kept.site().section(AboutSection.KIND).orElseThrow();
            String fact = about.items().get(0).fact();
            State state = after(kept, new SheetEdit.SetLine(fact, ""));
            assertThat(state.site().section(AboutSection.KIND).orElseThrow().items())
                    .hasSize(about.items().size() - 1);
        }
    }

    @Nested
    class WordsThatAreTheOwners {
        @Test
        void confirmedWordsStay() {
            List<Edit> confirm = new ArrayList<>();
            kept.site()
                    .texts()
                    .forEach(text ->
                            confirm.add(new TextEdit.SetMarks(java.util.Map.of(text.id(), Text.Mark.CONFIRMED))));
            State confirmed = after(kept, confirm.toArray(Edit[]::new));
            State state = after(confirmed, new SheetEdit.SetLine("trade", "window cleaner"));
            assertThat(state.site()).isEqualTo(confirmed.site());
        }

        @Test
        void ownWordsOfTheSheetFollowTheSheetUntilTheyAreChangedOnThePage() {
            State begun = new SheetEdit.SetLine("words", "We sweep by hand.")
                    .apply(State.begun(kept.sheet()))
                    .state();
            Draft draft = begun.draft(begun.reading(Samples.NOW));
            State told = new WholeEdit.PutDraft(draft.site(), draft.look())
                    .apply(begun)
                    .state();
            State changed = after(told, new SheetEdit.SetLine("words", "We sweep by ear."));
            assertThat(page(changed)).contains("by ear").doesNotContain("by hand");

            String own = told.site()
                    .section(AboutSection.KIND)
                    .orElseThrow()
                    .text("own")
                    .orElseThrow()
                    .id();
            Edit onThePage = new TextEdit.SetText(
                    own, Text.Mark.OWN, List.of(new Node.Paragraph(List.of(new Node.Words("By nose.")))), null);
            State both = after(told, onThePage, new SheetEdit.SetLine("words", "We sweep by ear."));
            assertThat(page(both)).contains("By nose.").doesNotContain("by ear");
        }
    }

    @Test
    void nothingHappensBeforeADraftIsKept() {
        State begun = State.begun(kept.sheet());
        State next = new SheetEdit.SetLine("trade", "tailor").apply(begun).state();
        assertThat(Consequences.of(begun, next, Samples.NOW)).isEmpty();
    }
}
