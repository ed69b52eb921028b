package ostium.core.section;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.edit.Consequences;
import ostium.core.edit.Edit;
import ostium.core.edit.Redraft;
import ostium.core.edit.State;
import ostium.core.edit.WholeEdit;
import ostium.core.section.gallery.GallerySection;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.site.Item;
import ostium.core.site.Section;
import ostium.core.snag.Snag;
import ostium.core.snag.Snags;

/** Galleries show photographs of the owner's work, and nothing else; a site may have several. */
class GallerySectionTest {
    private static final String HASH = "a".repeat(64);

    private static TypedRow picture(String id, String use, String shows) {
        return new TypedRow(
                "picture", id, Map.of("file", HASH + " jpeg 1600x1200 90000", "use", use, "alternative", shows));
    }

    private static State kept(TypedRow... rows) {
        TypedSheet sheet = Samples.sheet("ashlatch").withRows(List.of(rows));
        State begun = State.begun(sheet);
        Draft draft = Drafter.draft(begun.reading(Samples.NOW).brief(), new Seed(1));
        return new WholeEdit.PutDraft(draft.site(), draft.look()).apply(begun).state();
    }

    private static List<Section> galleries(State state) {
        return state.site().sections(GallerySection.KIND).toList();
    }

    private static List<String> shown(Section gallery) {
        return gallery.items().stream().map(Item::fact).toList();
    }

    private static State add(State state, long seed) {
        Edit edit = Redraft.put(state, state.reading(Samples.NOW), GallerySection.KIND, new Seed(seed));
        return edit.apply(state).state();
    }

    private static State withRows(State state, TypedRow... more) {
        List<TypedRow> rows = new ArrayList<>(state.sheet().rows());
        rows.addAll(List.of(more));
        State next = state.withSheet(state.sheet().withRows(rows));
        State at = next;
        for (Edit edit : Consequences.of(state, next, Samples.NOW)) {
            at = edit.apply(at).state();
        }
        return at;
    }

    @Test
    void isPlannedWithPhotographsOfWorkOnly() {
        assertThat(galleries(kept(picture("o", "opening", "Ada at work")))).isEmpty();
        State state = kept(picture("a", "work", "A hearth"), picture("b", "work", "A flue"));
        assertThat(galleries(state)).singleElement().satisfies(gallery -> {
            assertThat(shown(gallery)).containsExactly("picture/a", "picture/b");
            assertThat(gallery.text("heading")).isPresent();
        });
    }

    @Test
    void comesWithTheFirstPhotographAndLosesThoseThatGo() {
        State state = withRows(kept(), picture("a", "work", "A hearth"));
        assertThat(galleries(state))
                .singleElement()
                .satisfies(gallery -> assertThat(shown(gallery)).containsExactly("picture/a"));
        State without = state.withSheet(state.sheet().withRows(List.of()));
        State at = without;
        for (Edit edit : Consequences.of(state, without, Samples.NOW)) {
            at = edit.apply(at).state();
        }
        assertThat(galleries(at)).singleElement().satisfies(gallery -> {
            assertThat(shown(gallery)).isEmpty();
            assertThat(SectionKinds.of(gallery)
                            .isShown(
                                    gallery,
                                    without.reading(Samples.NOW).brief().facts()))
                    .isFalse();
        });
    }

    @Test
    void aSecondOneShowsWhatTheFirstDoesNotAtAnAnchorOfItsOwn() {
        State one = kept(picture("a", "work", "A hearth"), picture("b", "work", "A flue"));
        Section first = galleries(one).get(0);
        State fewer = one.withSite(one.site().with(first.withItems(first.items().subList(0, 1))));
        State two = add(fewer, 7);
        assertThat(galleries(two)).hasSize(2);
        assertThat(galleries(two).stream().map(Section::anchor)).containsExactlyInAnyOrder("gallery", "gallery-2");
        assertThat(galleries(two).stream().map(GallerySectionTest::shown))
                .containsExactlyInAnyOrder(List.of("picture/a"), List.of("picture/b"));
        assertThat(galleries(add(two, 8))).hasSize(3);
    }

    @Test
    void ofTwoBothAreKeptByANewDraft() {
        State two = add(kept(picture("a", "work", "A hearth")), 7);
        State again = Redraft.whole(two, two.reading(Samples.NOW), new Seed(9))
                .apply(two)
                .state();
        assertThat(galleries(again).stream().map(Section::id))
                .containsExactlyInAnyOrderElementsOf(
                        galleries(two).stream().map(Section::id).toList());
    }

    @Test
    void aPhotographThatSaysNothingBlocksWhereItStands() {
        State state = kept(picture("a", "work", ""));
        assertThat(Snags.of(state, state.reading(Samples.NOW)))
                .filteredOn(snag -> snag.rule().equals("picture-without-words"))
                .extracting(Snag::section)
                .containsExactly(galleries(state).get(0).id());
    }
}
