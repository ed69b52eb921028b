package ostium.core.base;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.hours.BusinessDay;
import ostium.core.paste.PasteReader;
import ostium.core.paste.Source;
import ostium.core.sheet.TypedSheet;

/** Work that was given a time ends when it is up; work that was given none goes on. */
class TimeBudgetTest {
    @AfterEach
    void noLimitForOthers() {
        TimeBudget.end();
    }

    private static void checkOften() {
        for (int i = 0; i < 1_000; i++) {
            TimeBudget.check();
        }
    }

    @Test
    void timeThatIsUpIsSaid() {
        TimeBudget.begin(Duration.ZERO);
        assertThatThrownBy(TimeBudgetTest::checkOften).isInstanceOf(TimeBudget.Spent.class);
    }

    @Test
    void timeThatIsLeftIsNot() {
        TimeBudget.begin(Duration.ofHours(1));
        checkOften();
    }

    @Test
    void whatComesAfterwardsHasNoLimit() {
        TimeBudget.begin(Duration.ZERO);
        TimeBudget.end();
        checkOften();
    }

    @Test
    void theTimeOfOneIsNotThatOfAnother() throws InterruptedException {
        TimeBudget.begin(Duration.ZERO);
        Thread[] failed = new Thread[1];
        Thread other = new Thread(TimeBudgetTest::checkOften);
        other.setUncaughtExceptionHandler((thread, failure) -> failed[0] = thread);
        other.start();
        other.join();
        assertThat(failed[0]).isNull();
    }

    /** Each of them in another kind of source. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Sweeping of flue %d, from £%d\n",
                "<p>Sweeping of flue %d, from £%d</p>\n",
                "sweep_%d=yes %d\n",
                "Sweeping %d;%d\n"
            })
    void whoeverReadsWhatWasPastedLooksAtIt(String line) {
        String words = IntStream.range(1, 3_000)
                .mapToObj(i -> line.formatted(i, i))
                .collect(Collectors.joining("", line.contains(";") ? "name;price\n" : "", ""));
        Source source = Source.pasted(words).value().orElseThrow();
        BusinessDay today = BusinessDay.at(Instant.parse("2026-11-29T12:00:00Z"), ZoneOffset.UTC);
        Supplier<Object> read = () -> PasteReader.read(source, TypedSheet.empty("GB", 1), today);
        assertThat(read.get()).isNotNull();
        TimeBudget.begin(Duration.ZERO);
        assertThatThrownBy(read::get).isInstanceOf(TimeBudget.Spent.class);
    }
}
