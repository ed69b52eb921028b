package ostium.core.snag;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.edit.SheetEdit;
import ostium.core.edit.State;
import ostium.core.proof.Slip;
import ostium.core.sheet.Line;

/** Likely slips among the owner's words: never in the way, one at a time, and the owner has the last word. */
class LikelySlipsTest {
    private static final Slip ALLWAYS = new Slip("allways", true, List.of("always"));
    private static final Slip SOOTLESS = new Slip("sootless", true, List.of());

    private static State spoken(String words) {
        Draft draft = Drafter.draft(Samples.brief("bellkite"), new Seed(1));
        State state = new State(Samples.sheet("bellkite"), draft.site(), draft.look(), draft.doors());
        return new SheetEdit.SetLine(Line.WORDS.id(), words).apply(state).state();
    }

    private static List<Snag> snags(State state) {
        return LikelySlips.of(
                state,
                state.reading(Samples.NOW),
                passage -> passage.line().equals(Line.WORDS.id()) ? List.of(ALLWAYS, SOOTLESS) : List.of());
    }

    @Test
    void areSaidOneAtATimeAndBlockNothing() {
        assertThat(snags(spoken("We allways leave it sootless.")))
                .singleElement()
                .satisfies(snag -> {
                    assertThat(snag.level()).isEqualTo(Snag.Level.COULD);
                    assertThat(snag.words()).contains("allways");
                    assertThat(snag.fix().words()).isEqualTo("Write “always”");
                    assertThat(snag.fix().line()).isEqualTo(Line.WORDS.id());
                });
    }

    @Test
    void makeRoomForTheNextOnceTheOwnerSaysThatOneIsRight() {
        State spoken = spoken("We allways leave it sootless.");
        State left = snags(spoken).get(0).leave().edit().apply(spoken).state();
        assertThat(snags(left)).singleElement().satisfies(snag -> {
            assertThat(snag.words()).contains("sootless");
            assertThat(snag.fix().edit())
                    .as("nothing is known that may have been meant")
                    .isNull();
            State done = snag.leave().edit().apply(left).state();
            assertThat(snags(done)).isEmpty();
        });
    }

    @Test
    void areNotSaidBeforeADraftIsKept() {
        State begun = State.begun(Samples.sheet("bellkite"));
        assertThat(snags(begun)).isEmpty();
    }
}
