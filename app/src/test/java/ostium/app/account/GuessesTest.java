package ostium.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import ostium.app.OstiumProperties;
import ostium.app.RunningOstium;
import ostium.app.web.Problem;

/** How often a password may be guessed. */
class GuessesTest {
    private static final String ADA = "ada@ashlatch.example";
    private Instant now = Instant.parse("2026-11-29T12:00:00Z");
    private final Guesses guesses = new Guesses(
            Clock.tick(clock(), Duration.ofMillis(1)), RunningOstium.get().bean(OstiumProperties.class));

    private Clock clock() {
        return new Clock() {
            @Override
            public ZoneOffset getZone() {
                return ZoneOffset.UTC;
            }

            @Override
            public Clock withZone(java.time.ZoneId zone) {
                return this;
            }

            @Override
            public Instant instant() {
                return now;
            }
        };
    }

    /** Guesses as soon as it may; how long that took. */
    private Duration waits() {
        Instant begun = now;
        while (true) {
            try {
                guesses.begin(ADA);
                return Duration.between(begun, now);
            } catch (Problem problem) {
                now = now.plus(problem.retryAfter());
            }
        }
    }

    private void wrong(int times) {
        for (int i = 0; i < times; i++) {
            waits();
        }
    }

    @Test
    void someAreFreeAndThenEachWaitsTwiceAsLong() {
        wrong(5);
        assertThat(waits()).hasSeconds(1);
        assertThat(waits()).hasSeconds(2);
        assertThat(waits()).hasSeconds(4);
        wrong(20);
        assertThat(waits()).as("and never longer").hasMinutes(15);
    }

    @Test
    void howLongIsSaid() {
        wrong(8);
        assertThatThrownBy(() -> guesses.begin(ADA))
                .hasMessageContaining("Try again in 8 s")
                .isInstanceOfSatisfying(
                        Problem.class,
                        problem -> assertThat(problem.retryAfter()).hasSeconds(8));
        wrong(4);
        assertThatThrownBy(() -> guesses.begin(ADA)).hasMessageContaining("Try again in 3 minutes");
    }

    @Test
    void theRightOneForgetsTheWrongOnes() {
        wrong(8);
        waits();
        guesses.right(ADA);
        assertThat(waits()).isZero();
        assertThat(waits()).isZero();
    }

    @Test
    void othersAreNotKeptWaiting() {
        wrong(20);
        guesses.begin("piet@marrow.example");
    }

    /** Long words are kept as small as short ones, and are not mixed up with others. */
    @Test
    void whoGuessesCanBeAnyWords() {
        guesses.begin("a".repeat(1_000_000));
        guesses.begin("");
    }
}
