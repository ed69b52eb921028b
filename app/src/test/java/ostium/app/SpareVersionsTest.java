package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.publishing.SpareVersionsAccess;
import tools.jackson.databind.JsonNode;

/** Versions of long ago go, and the bytes nobody has any more; what is live never does. */
class SpareVersionsTest {
    private final Browserlike owner = Browserlike.fresh();
    private final String host = "versions-" + UUID.randomUUID().toString().substring(0, 8);
    private final JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);

    private String published() {
        JsonNode site = owner.site(Browserlike.sheet("Often Published " + host));
        owner.signUp(UUID.randomUUID() + "@quill.example");
        assertThat(owner.publish(site, host).status()).isEqualTo(201);
        return site.path("id").asString();
    }

    private List<Long> versions(String site) {
        return database.queryForList("select id from publication where site = ? order by id", Long.class, site);
    }

    @Test
    void theNewestStayAndWhatIsLive() {
        String site = published();
        long live = versions(site).get(0);
        for (int i = 0; i < 110; i++) {
            database.update(
                    "insert into publication (site, number, revision, state, url, form, opening)"
                            + " select site, number, revision, state, url, form, opening from publication where id = ?",
                    live);
        }
        List<Long> all = versions(site);
        SpareVersionsAccess.sweep();
        assertThat(versions(site))
                .as("the first is live, though the oldest")
                .containsExactlyElementsOf(java.util.stream.Stream.concat(
                                java.util.stream.Stream.of(live), all.stream().skip(11))
                        .toList());
        assertThat(owner.getAt(host + ".localhost", "/").status()).isEqualTo(200);
    }

    @Test
    void theBytesOfASiteThatIsDeletedGoToo() {
        String site = published();
        String words = "select count(*) from stored_file where instr(plain, ?) > 0";
        assertThat(database.queryForObject(words, Integer.class, host)).isPositive();
        owner.call("DELETE", "/api/sites/" + site, Map.of());
        SpareVersionsAccess.sweep();
        assertThat(database.queryForObject(words, Integer.class, host)).isZero();
    }
}
