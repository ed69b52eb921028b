package ostium.app.site;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import ostium.app.Browserlike;
import ostium.app.Browserlike.Answer;

/** One new site asked for by two requests at once, before the browser has a key: the file chooser and the first word typed. */
class BegunAtOnceTest {
    private static final int TIMES = 10;
    private static final int AT_ONCE = 4;

    @Test
    void ofManyRequestsOneMakesItAndTheOthersAreToldWithoutAnotherKey() throws Exception {
        ExecutorService clients = Executors.newFixedThreadPool(AT_ONCE);
        try {
            for (int time = 0; time < TIMES; time++) {
                List<Answer> answers = atOnce(clients, UUID.randomUUID().toString());
                assertThat(answers)
                        .extracting(Answer::status)
                        .containsOnlyOnce(201)
                        .isSubsetOf(201, 401);
                assertThat(answers)
                        .filteredOn(answer -> answer.status() != 201)
                        .allSatisfy(
                                answer -> assertThat(answer.response().headers().allValues("Set-Cookie"))
                                        .noneMatch(cookie -> cookie.startsWith("ostium_key=")));
            }
        } finally {
            clients.shutdownNow();
        }
    }

    private static List<Answer> atOnce(ExecutorService clients, String id) throws Exception {
        CountDownLatch start = new CountDownLatch(1);
        List<Future<Answer>> asked = new ArrayList<>();
        for (int client = 0; client < AT_ONCE; client++) {
            Browserlike browser = Browserlike.fresh();
            browser.get("/api/session");
            asked.add(clients.submit(() -> {
                start.await();
                return browser.call("POST", "/api/sites", Map.of("id", id));
            }));
        }
        start.countDown();
        List<Answer> answers = new ArrayList<>();
        for (Future<Answer> each : asked) {
            answers.add(each.get());
        }
        return answers;
    }
}
