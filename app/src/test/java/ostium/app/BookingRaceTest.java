package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Many who want the same time at one moment, of two instances. */
class BookingRaceTest {
    private static final int VISITORS = 200;

    private static RunningOstium second;

    @BeforeAll
    static void start() {
        second = RunningOstium.another();
    }

    @AfterAll
    static void stop() {
        second.close();
    }

    @Test
    void oneTimeIsGivenOnce() throws Exception {
        assertThat(accepted(1)).isEqualTo(1);
    }

    @Test
    void aClassTakesAsManyAsItHolds() throws Exception {
        assertThat(accepted(7)).isEqualTo(7);
    }

    private static long accepted(int capacity) throws Exception {
        BookingSite site = BookingSite.open();
        site.sets(Map.of("services", List.of(BookingSite.service("service/sweep", capacity))));
        Browserlike here = site.visitor;
        Browserlike there = new Browserlike(second.port());
        Map<String, String> wanted =
                Map.of("service", "sweep", "start", site.at("10:00").toString());
        ExecutorService visitors = Executors.newFixedThreadPool(VISITORS);
        CountDownLatch together = new CountDownLatch(1);
        List<Future<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < VISITORS; i++) {
            Browserlike at = i % 2 == 0 ? here : there;
            answers.add(visitors.submit(() -> {
                together.await();
                return at.post(site.host(), "/_ostium/booking/hold", wanted).status();
            }));
        }
        together.countDown();
        long accepted = 0;
        for (Future<Integer> answer : answers) {
            assertThat(answer.get()).isIn(303, 409);
            accepted += answer.get() == 303 ? 1 : 0;
        }
        visitors.shutdown();
        return accepted;
    }
}
