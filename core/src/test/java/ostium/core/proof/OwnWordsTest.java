package ostium.core.proof;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.edit.Edit;
import ostium.core.edit.SheetEdit;
import ostium.core.edit.State;
import ostium.core.edit.TextEdit;
import ostium.core.fact.Facts;
import ostium.core.section.opening.OpeningSection;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.site.Node;
import ostium.core.site.PlainText;
import ostium.core.site.Text;

/** Which words are read for slips, and what a slip put right leaves alone. */
class OwnWordsTest {
    private final State drafted = drafted();
    private final String lead = drafted.site()
            .section(OpeningSection.KIND)
            .orElseThrow()
            .text("lead")
            .orElseThrow()
            .id();

    private static State drafted() {
        Draft draft = Drafter.draft(Samples.brief("bellkite"), new Seed(1));
        return new State(Samples.sheet("bellkite"), draft.site(), draft.look(), draft.doors());
    }

    private static Facts facts(State state) {
        return state.reading(Samples.NOW).brief().facts();
    }

    private static List<String> words(State state) {
        return OwnWords.of(state, facts(state)).stream().map(Passage::words).toList();
    }

    private State with(Edit edit) {
        return edit.apply(drafted).state();
    }

    private State written(Node... inside) {
        return with(new TextEdit.SetText(
                lead, Text.Mark.OWN, List.of(new Node.Paragraph(List.of(inside))), Text.Origin.own()));
    }

    @Test
    void areLinesOfSentencesAndTextsMadeOnesOwn() {
        List<String> before = words(drafted);
        State spoken = with(new SheetEdit.SetLine(Line.WORDS.id(), "We allways sweep up."));
        assertThat(words(spoken)).contains("We allways sweep up.");
        assertThat(words(written(new Node.Words("Clean chimnies."))))
                .contains("Clean chimnies.")
                .containsAll(before);
    }

    /** The owner's story stands on the sheet and on the page: it is read once, beside the section, and mended on its line. */
    @Test
    void ofALineThatThePageRepeatsStandBesideItAndAreReadOnce() {
        State spoken = new SheetEdit.SetLine(Line.WORDS.id(), "We allways sweep up. We are proud of it.")
                .apply(written(new Node.Words("We allways sweep up.")))
                .state();
        assertThat(OwnWords.of(spoken, facts(spoken)))
                .filteredOn(passage -> passage.words().contains("allways"))
                .singleElement()
                .satisfies(passage -> {
                    assertThat(passage.line()).isEqualTo(Line.WORDS.id());
                    assertThat(passage.section())
                            .isEqualTo(spoken.site()
                                    .section(OpeningSection.KIND)
                                    .orElseThrow()
                                    .id());
                });
    }

    @Test
    void areNotOursNorACustomers() {
        State said = with(new SheetEdit.PutRow(
                new TypedRow("testimonial", "t", Map.of("words", "Realy good.", "who", "Oona")), ""));
        assertThat(words(said)).doesNotContain("Realy good.");
        String ours = PlainText.of(drafted.site().text(lead).orElseThrow(), facts(drafted));
        assertThat(words(drafted)).doesNotContain(ours);
    }

    @Test
    void knowNamesAmongTheFactsAndWhatWasLeftAsItIs() {
        assertThat(OwnWords.known(drafted.sheet())).contains("bellkite");
        Edit leave = Correction.leave(drafted, new Slip("Lum-sweepery", true, List.of()));
        State left = with(leave);
        assertThat(OwnWords.known(left.sheet())).contains("lum-sweepery");
        State more = Correction.leave(left, new Slip("Inglenook", true, List.of()))
                .apply(left)
                .state();
        assertThat(OwnWords.known(more.sheet())).contains("lum-sweepery", "inglenook");
    }

    @Test
    void areCorrectedWhereTheSlipStandsFirst() {
        Node fact = new Node.LinkedFact("name", "text");
        State written = written(
                new Node.Words("Unrecieved, we recieve "),
                fact,
                new Node.Strong(List.of(new Node.Words(" and recieve it"))));
        Passage passage = new Passage("", "", lead, "");
        Edit edit = Correction.of(written, passage, new Slip("recieve", true, List.of("receive")))
                .orElseThrow();
        assertThat(edit.apply(written).state().site().text(lead).orElseThrow().tree())
                .containsExactly(new Node.Paragraph(List.of(
                        new Node.Words("Unrecieved, we receive "),
                        fact,
                        new Node.Strong(List.of(new Node.Words(" and recieve it"))))));
    }

    @Test
    void areLeftWhereASlipRunsOverPartsOfAText() {
        State written = written(new Node.Words("We is "), new Node.Strong(List.of(new Node.Words("here"))));
        assertThat(Correction.of(
                        written, new Passage("", "", lead, ""), new Slip("is here", false, List.of("are here"))))
                .isEmpty();
        assertThat(Correction.of(written, new Passage("", "", lead, ""), new Slip("is", false, List.of())))
                .isEmpty();
    }

    @Test
    void ofALineAreCorrectedOnTheLine() {
        State spoken = with(new SheetEdit.SetLine(Line.WORDS.id(), "We allways sweep up. Allways."));
        Passage passage = new Passage(Line.WORDS.id(), "", "", "We allways sweep up. Allways.");
        Edit edit = Correction.of(spoken, passage, new Slip("allways", true, List.of("always")))
                .orElseThrow();
        assertThat(edit.apply(spoken).state().sheet().line(Line.WORDS)).isEqualTo("We always sweep up. Allways.");
    }
}
