package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.edit.Steps.Step;
import ostium.core.edit.Steps.Way;

/** Which entry is taken back next, and which is done again: a log in letters, d do, u undo, r redo, D another's, b a draft kept. */
class StepsTest {
    @ParameterizedTest(name = "{0}: undo {1}, redo {2}")
    @CsvSource({
        "-,,",
        "d,1,",
        "dd,2,",
        "ddu,1,3",
        "dduu,,4",
        "dduur,5,3",
        "dduurr,6,",
        "ddud,4,",
        "ddbd,4,",
        "ddub,,",
        "dDD,1,",
        "dDu,,3",
        "DD,,",
    })
    void theLogSaysWhatComesNext(String letters, Long undo, Long redo) {
        List<Step> log = new ArrayList<>();
        Deque<Long> done = new ArrayDeque<>();
        Deque<Long> undone = new ArrayDeque<>();
        for (char letter : letters.replace("-", "").toCharArray()) {
            long number = log.size() + 1;
            switch (letter) {
                case 'u' -> {
                    log.add(new Step(number, "me", Way.UNDO, done.pop()));
                    undone.push(number);
                }
                case 'r' -> {
                    log.add(new Step(number, "me", Way.REDO, undone.pop()));
                    done.push(number);
                }
                case 'b' -> {
                    log.add(new Step(number, "somebody", Way.BEGIN, null));
                    done.clear();
                    undone.clear();
                }
                case 'D' -> log.add(new Step(number, "somebody", Way.DO, null));
                default -> {
                    log.add(new Step(number, "me", Way.DO, null));
                    done.push(number);
                }
            }
        }
        Steps steps = Steps.of(log, "me");
        assertThat(steps.toUndo().stream().findFirst().orElse(null)).isEqualTo(undo);
        assertThat(steps.toRedo().stream().findFirst().orElse(null)).isEqualTo(redo);
    }

    /** A step in between that somebody else has built upon is left; the one before it is taken back instead. */
    @Test
    void aStepCanBeTakenBackOutOfOrder() {
        Steps steps = Steps.of(
                List.of(
                        new Step(1, "me", Way.DO, null),
                        new Step(2, "me", Way.DO, null),
                        new Step(3, "me", Way.UNDO, 1L)),
                "me");
        assertThat(steps.toUndo()).containsExactly(2L);
        assertThat(steps.toRedo()).containsExactly(3L);
    }
}
