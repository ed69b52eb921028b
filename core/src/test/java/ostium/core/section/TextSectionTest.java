package ostium.core.section;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.edit.Redraft;
import ostium.core.edit.State;
import ostium.core.edit.TextEdit;
import ostium.core.edit.WholeEdit;
import ostium.core.section.enquiry.EnquirySection;
import ostium.core.section.text.TextSection;
import ostium.core.site.Node;
import ostium.core.site.Page;
import ostium.core.site.Section;
import ostium.core.site.Text;

/** Free text is put on a page by its owner alone, as often as wanted. */
class TextSectionTest {
    private static State kept() {
        State begun = State.begun(Samples.sheet("ashlatch"));
        Draft draft = Drafter.draft(begun.reading(Samples.NOW).brief(), new Seed(1));
        return new WholeEdit.PutDraft(draft.site(), draft.look()).apply(begun).state();
    }

    private static State add(State state, long seed) {
        return Redraft.put(state, state.reading(Samples.NOW), TextSection.KIND, new Seed(seed))
                .apply(state)
                .state();
    }

    private static List<Section> texts(State state) {
        return state.site().sections(TextSection.KIND).toList();
    }

    @Test
    void isNeverPlannedAndAlwaysOffered() {
        State state = kept();
        assertThat(texts(state)).isEmpty();
        State three = add(add(add(state, 1), 2), 3);
        assertThat(texts(three)).hasSize(3);
        assertThat(texts(three)).extracting(Section::anchor).containsExactlyInAnyOrder("text", "text-2", "text-3");
        assertThat(Redraft.offers(three, three.reading(Samples.NOW)))
                .extracting(Redraft.Offer::kind)
                .contains(TextSection.KIND);
    }

    @Test
    void standsBeforeTheForm() {
        State state = add(kept(), 1);
        Page page = state.site().pageOf(texts(state).get(0).id()).orElseThrow();
        List<Section> sections = page.sections();
        int form = sections.stream().map(Section::kind).toList().indexOf(EnquirySection.KIND);
        int text = sections.indexOf(texts(state).get(0));
        assertThat(text).isPositive();
        assertThat(form < 0 || text < form).isTrue();
    }

    @Test
    void isSeenOnceItHasWords() {
        State state = add(kept(), 1);
        Section empty = texts(state).get(0);
        var facts = state.reading(Samples.NOW).brief().facts();
        assertThat(SectionKinds.of(empty).isShown(empty, facts)).isFalse();
        State worded = new TextEdit.PutText(
                        empty.id(),
                        "body",
                        new Text(
                                "w1",
                                Text.Mark.OWN,
                                List.of(new Node.Paragraph(List.of(new Node.Words("We are also at the market.")))),
                                Text.Origin.own()))
                .apply(state)
                .state();
        Section written = texts(worded).get(0);
        assertThat(SectionKinds.of(written).isShown(written, facts)).isTrue();
    }

    @Test
    void staysWhereANewDraftKnowsNothingOfIt() {
        State state = add(kept(), 1);
        State again = Redraft.whole(state, state.reading(Samples.NOW), new Seed(9))
                .apply(state)
                .state();
        assertThat(texts(again))
                .extracting(Section::id)
                .containsExactly(texts(state).get(0).id());
        assertThat(texts(again).get(0).hidden()).isFalse();
    }
}
