package ostium.app.publishing;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Proxy;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;

/** An instance says that it is ready when it can show what stands. */
class LiveSitesAheadTest {
    private final List<String> asked = new ArrayList<>();

    /** A database that is away when it is asked for the first time. */
    private PublicationMapper awayAtFirst() {
        return (PublicationMapper) Proxy.newProxyInstance(
                PublicationMapper.class.getClassLoader(),
                new Class<?>[] {PublicationMapper.class},
                (proxy, method, arguments) -> {
                    asked.add(method.getName());
                    if (asked.size() == 1) {
                        throw new DataAccessResourceFailureException("gone");
                    }
                    return method.getName().equals("hosts") ? List.of("sweeps.localhost") : Optional.empty();
                });
    }

    @Test
    void aDatabaseThatGoesAwayDuringTheStartIsWaitedFor() throws InterruptedException {
        PublicationMapper publications = awayAtFirst();
        Clock clock = Clock.systemUTC();
        new LiveSitesAhead(publications, new LiveSites(publications, null, null, null, clock), clock).begin();
        assertThat(asked).containsExactly("hosts", "hosts", "live");
    }
}
