package ostium.core.snag;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.door.Door;
import ostium.core.door.DoorKind;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.edit.State;

/** A door nobody has gone through is a snag that does not block. */
class DoorsUntriedTest {
    private static final DoorKind CALL = new DoorKind("call");
    private static final DoorKind FORM = new DoorKind("form");
    private static final Draft DRAFT = Drafter.draft(Samples.brief("ashlatch"), new Seed(1));
    private static final State STATE = new State(
            Samples.sheet("ashlatch"),
            DRAFT.site(),
            DRAFT.look(),
            DRAFT.doors()
                    .withMessagesTo(List.of("ada@ashlatch.example"))
                    .with(Door.usual(new DoorKind("email")).withShut(true)));

    private static java.util.Optional<Snag> of(State state, Set<DoorKind> tried) {
        return DoorsUntried.of(state, state.reading(Samples.NOW), tried);
    }

    @Test
    void namesThoseThatAreOpenAndUntried() {
        assertThat(of(STATE, Set.of())).hasValueSatisfying(snag -> {
            assertThat(snag.level()).isEqualTo(Snag.Level.SHOULD);
            assertThat(snag.words()).isEqualTo("These doors were not tried as they are now: Call, Form.");
        });
        assertThat(of(STATE, Set.of(CALL)))
                .hasValueSatisfying(
                        snag -> assertThat(snag.words()).isEqualTo("This door was not tried as it is now: Form."));
    }

    @Test
    void isGoneOnceAllWereTried() {
        assertThat(of(STATE, Set.of(CALL, FORM))).isEmpty();
        assertThat(of(State.begun(Samples.sheet("ashlatch")), Set.of())).isEmpty();
    }
}
