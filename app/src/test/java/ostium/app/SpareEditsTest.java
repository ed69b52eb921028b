package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.site.SpareEditsAccess;
import tools.jackson.databind.JsonNode;

/** Steps of long ago go; the site stands as it did, can be edited, and steps that stay can be taken back. */
class SpareEditsTest {
    private static final int KEPT = 30;
    private final Browserlike owner = Browserlike.fresh();
    private final JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
    private final String id = kept();

    private String kept() {
        owner.signUp(UUID.randomUUID() + "@quill.example");
        JsonNode site = owner.site(Browserlike.sheet("Often Edited"));
        owner.keep(site);
        return site.path("id").asString();
    }

    private Browserlike.Answer says(long revision, String line, String words) {
        return owner.edit(id, revision, Map.of("kind", "setLine", "path", line, "words", words));
    }

    private void editTo(long revision) {
        while (revision() < revision) {
            says(revision(), "promise", "promise " + revision());
        }
    }

    private long revision() {
        return owner.get("/api/sites/" + id + "/revision")
                .json()
                .path("revision")
                .asLong();
    }

    private JsonNode sheet(Browserlike asker) {
        return asker.get("/api/sites/" + id).json().path("sheet");
    }

    private Browserlike.Answer undo(Browserlike asker) {
        return asker.call("POST", "/api/sites/" + id + "/undo", Map.of("revision", revision()));
    }

    @Test
    void theNewestStepsStayAndBeginWithAWholeState() throws Exception {
        editTo(240);
        JsonNode before = sheet(owner);
        SpareEditsAccess.sweep(RunningOstium.get(), KEPT);

        assertThat(database.queryForObject("select min(number) from snapshot where site = ?", Long.class, id))
                .isEqualTo(200);
        assertThat(database.queryForObject("select min(number) from edit where site = ?", Long.class, id))
                .isEqualTo(201);
        RunningOstium second = RunningOstium.another();
        try {
            Browserlike elsewhere = owner.at(second.port());
            assertThat(sheet(elsewhere))
                    .as("replayed by who has nothing in memory")
                    .isEqualTo(before);
        } finally {
            second.close();
        }
        assertThat(says(230, "area", "of a page that is ten steps old").status())
                .isEqualTo(200);
        Browserlike.Answer old = says(150, "area", "of a page that is older than the log");
        assertThat(old.status()).isEqualTo(409);
        assertThat(old.json().path("detail").asString()).containsIgnoringCase("reload");
    }

    @Test
    void whoGoesBackComesToTheFirstStepThatStays() {
        editTo(104);
        assertThat(undo(owner).status()).as("and all steps are known now").isEqualTo(200);
        SpareEditsAccess.sweep(RunningOstium.get(), 5);
        int steps = 0;
        Browserlike.Answer answer = undo(owner);
        while (answer.status() == 200) {
            steps++;
            answer = undo(owner);
        }
        assertThat(steps).isEqualTo(3);
        assertThat(answer.status()).isEqualTo(409);
        assertThat(sheet(owner).toString()).contains("promise 99");
    }
}
