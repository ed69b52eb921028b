package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** What somebody could fill the disk with has an end, and says so in words. */
class QuotaTest {
    private final Browserlike owner = Browserlike.fresh();
    private final JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);

    private Browserlike.Answer begins() {
        return owner.call("POST", "/api/sites", Map.of("id", UUID.randomUUID().toString()));
    }

    @Test
    void aBrowserBeginsSoManySitesBeforeItSignsUp() {
        for (int i = 0; i < 40; i++) {
            assertThat(begins().status()).isEqualTo(201);
        }
        Browserlike.Answer refused = begins();
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().path("detail").asString()).startsWith("This browser has begun 40 sites.");
        owner.signUp(UUID.randomUUID() + "@quill.example");
        assertThat(begins().status()).isEqualTo(201);
    }

    @Test
    void aSiteTakesSoManyMegabytesAndMoreOnceItIsSomebodys() {
        JsonNode site = owner.site(Browserlike.sheet("Heavy Sweeps"));
        String id = site.path("id").asString();
        GivenPictures.give(owner, id, "first.jpg", GivenPictures.picture(300, 200, "jpeg"));
        database.update(
                "update kept_file set size = 100 * 1024 * 1024 where id in (select file from site_file where site = ?)",
                id);
        byte[] second = GivenPictures.picture(310, 200, "jpeg");
        Browserlike.Answer refused = owner.upload("/api/sites/" + id + "/files", "second.jpg", second);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().path("detail").asString()).contains("100 MB of files");
        owner.signUp(UUID.randomUUID() + "@quill.example");
        assertThat(owner.upload("/api/sites/" + id + "/files", "second.jpg", second)
                        .status())
                .isLessThan(300);
    }

    @Test
    void aSiteIsChangedSoOftenBeforeAnybodySignsUpForIt() {
        JsonNode site = owner.site(Browserlike.sheet("Busy Sweeps"));
        String id = site.path("id").asString();
        database.update("update snapshot set number = number + 5000 where site = ?", id);
        database.update("update edit set number = number + 5000 where site = ?", id);
        database.update("update site set revision = revision + 5000 where id = ?", id);
        JsonNode now = owner.get("/api/sites/" + id).json();
        Map<String, Object> edit = Map.of("kind", "setLine", "path", "promise", "words", "soon");
        Browserlike.Answer refused = owner.keepSheet(now, edit);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().path("detail").asString()).contains("changed 5000 times");
        owner.signUp(UUID.randomUUID() + "@quill.example");
        assertThat(owner.keepSheet(now, edit).status()).isEqualTo(200);
    }
}
