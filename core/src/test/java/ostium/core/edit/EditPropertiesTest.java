package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.Samples;

/** What holds for every sequence of edits. The seed of a failing one is in its name. */
@Tag("long")
class EditPropertiesTest {
    private static final int STEPS = 80;

    /** An edit of a whole step, with what it means for the document, as the application applies it. */
    private static Edit step(State state, Edit edit) {
        State after = edit.apply(state).state();
        List<Edit> all = new ArrayList<>(List.of(edit));
        all.addAll(Consequences.of(state, after, Samples.NOW));
        return WholeEdit.of(all);
    }

    private interface Visitor {
        void visit(State before, Edit edit, Applied applied);
    }

    private static State walk(String business, long seed, Visitor visitor) {
        RandomEdits edits = new RandomEdits(seed);
        State state = RandomEdits.kept(business, seed);
        int applied = 0;
        for (int i = 0; i < STEPS; i++) {
            Edit edit = edits.next(state);
            Applied next;
            try {
                edit = step(state, edit);
                next = edit.apply(state);
            } catch (EditRefused refused) {
                assertThat(refused.getMessage()).isNotBlank();
                continue;
            }
            visitor.visit(state, edit, next);
            state = next.state();
            applied++;
        }
        assertThat(applied).as("edits that were applied").isGreaterThan(STEPS / 3);
        return state;
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
    void theInverseGivesTheStateBefore(long seed) {
        walk("ashlatch", seed, (before, edit, applied) -> {
            Applied back = applied.inverse().apply(applied.state());
            assertThat(back.state()).as("%s", edit).isEqualTo(before);
            assertThat(back.inverse().apply(back.state()).state()).isEqualTo(applied.state());
        });
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {21, 22, 23, 24, 25, 26, 27, 28})
    void whatIsStoredIsTheSameOutAndIn(long seed) {
        walk("wren-and-tindle", seed, (before, edit, applied) -> {
            Stored.Entry entry = new Stored.Entry(edit, applied.inverse());
            assertThat(Stored.readEntry(Stored.write(entry))).isEqualTo(entry);
            assertThat(Stored.readState(Stored.write(applied.state()))).isEqualTo(applied.state());
        });
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {31, 32, 33, 34, 35, 36, 37, 38})
    void idsStayUnique(long seed) {
        walk("bellkite", seed, (before, edit, applied) -> {
            Set<String> seen = new HashSet<>();
            applied.state()
                    .site()
                    .ids()
                    .forEach(id -> assertThat(seen.add(id)).as(id).isTrue());
        });
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {41, 42, 43, 44, 45, 46, 47, 48})
    void replayingTheStoredLogGivesTheState(long seed) {
        List<String> log = new ArrayList<>();
        State end = walk(
                "ashlatch",
                seed,
                (before, edit, applied) -> log.add(Stored.write(new Stored.Entry(edit, applied.inverse()))));
        State state = RandomEdits.kept("ashlatch", seed);
        for (String entry : log) {
            state = Stored.readEntry(entry).edit().apply(state).state();
        }
        assertThat(state).isEqualTo(end);
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {51, 52, 53, 54})
    void goingBackToTheBeginningAndForwardAgainGivesBothEnds(long seed) {
        Deque<Edit> back = new ArrayDeque<>();
        State end = walk("ashlatch", seed, (before, edit, applied) -> back.push(applied.inverse()));
        State state = end;
        Deque<Edit> forward = new ArrayDeque<>();
        while (!back.isEmpty()) {
            Applied applied = back.pop().apply(state);
            state = applied.state();
            forward.push(applied.inverse());
        }
        assertThat(state).isEqualTo(RandomEdits.kept("ashlatch", seed));
        while (!forward.isEmpty()) {
            state = forward.pop().apply(state).state();
        }
        assertThat(state).isEqualTo(end);
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {61, 62, 63, 64, 65, 66, 67, 68})
    void editsToDifferentPlacesGiveTheSameInEitherOrder(long seed) {
        RandomEdits edits = new RandomEdits(seed);
        State state = RandomEdits.kept("ashlatch", seed);
        int compared = 0;
        for (int i = 0; i < 400; i++) {
            Edit one = edits.next(state);
            Edit other = edits.next(state);
            if (!(one instanceof TextEdit.SetText || one instanceof SheetEdit.SetLine) || one.meets(other)) {
                continue;
            }
            try {
                State first = other.apply(one.apply(state).state()).state();
                State second = one.apply(other.apply(state).state()).state();
                assertThat(first).as("%s and %s", one, other).isEqualTo(second);
                compared++;
            } catch (EditRefused refused) {
                // One takes away what the other changes: the second is told so.
                assertThat(refused.getMessage()).isNotBlank();
            }
        }
        assertThat(compared).isGreaterThan(20);
    }
}
