package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A site as an earlier version stored it, log and all, is opened, edited, taken back and published. */
class StoredSitePublishedTest {
    private static final Browserlike OWNER = Browserlike.fresh();

    private static JdbcTemplate database() {
        return RunningOstium.get().bean(JdbcTemplate.class);
    }

    /** Puts the fixture into the tables as it stood there; entries about kept files, which it has not, are left out. */
    private static String stored(String fixture, String account) throws IOException {
        Path file = TestDatabase.root().resolve("core/src/test/resources/ostium/edit/" + fixture + ".json");
        JsonNode site = JsonMapper.builder().build().readTree(Files.readString(file));
        String id = UUID.randomUUID().toString();
        database().update("insert into site (id, owner, revision) values (?, ?, 1)", id, account);
        database()
                .update(
                        "insert into snapshot (site, number, state) values (?, 1, ?)",
                        id,
                        site.path("snapshot").toString());
        int number = 1;
        for (JsonNode entry : site.path("log")) {
            if (entry.path("edit").path("kind").asString().equals("putRow")) {
                continue;
            }
            number++;
            database()
                    .update(
                            "insert into edit (site, number, edit_key, author, way, entry) values (?, ?, ?, ?, ?, ?)",
                            id,
                            number,
                            UUID.randomUUID().toString(),
                            account,
                            number == 2 ? "BEGIN" : "DO",
                            entry.toString());
        }
        database().update("update site set revision = ? where id = ?", number, id);
        return id;
    }

    @Test
    void ofTheFourthSchema() throws IOException {
        OWNER.signUp("stored@quill.example");
        String account = database()
                .queryForObject("select id from account where email = ?", String.class, "stored@quill.example");
        String id = stored("site-schema-4-ashlatch", account);

        JsonNode manuscript = OWNER.get("/api/sites/" + id + "/manuscript").json();
        String headline = manuscript
                .path("site")
                .path("pages")
                .path(0)
                .path("sections")
                .path(0)
                .path("texts")
                .path("headline")
                .path("id")
                .asString();
        long revision = manuscript.path("revision").asLong();
        assertThat(OWNER.edit(id, revision, Browserlike.setText(headline, "Written since"))
                        .status())
                .isEqualTo(200);
        assertThat(OWNER.call("POST", "/api/sites/" + id + "/undo", Map.of("revision", revision + 1))
                        .status())
                .isEqualTo(200);
        Browserlike.Answer published =
                OWNER.call("POST", "/api/sites/" + id + "/publications", Map.of("address", "stored-sweeps"));
        assertThat(published.status()).as(published.body()).isEqualTo(201);
        assertThat(Browserlike.fresh().getAt("stored-sweeps.localhost", "/").body())
                .contains("Ashlatch Chimney Care")
                .doesNotContain("Written since");
    }
}
