package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;
import static ostium.app.GivenPictures.give;
import static ostium.app.GivenPictures.picture;
import static ostium.app.GivenPictures.pictured;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;
import ostium.app.files.SpareFilesAccess;
import tools.jackson.databind.JsonNode;

/** Files that nothing refers to go, and only those. */
class SpareFilesTest {
    private final Browserlike owner = Browserlike.fresh();
    private final JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);

    private int kept(String file) {
        return database.queryForObject(
                "select count(*) from kept_file where hash = ?", Integer.class, file.substring(0, 64));
    }

    @Test
    void onlyWhatNothingRefersToGoes() {
        JsonNode site = owner.site(Browserlike.sheet("Pictured Sweeps"));
        String id = site.path("id").asString();
        JsonNode used = give(owner, id, "used.jpg", picture(300, 200, "jpeg"));
        JsonNode spare = give(owner, id, "spare.jpg", picture(300, 200, "jpeg"));
        JsonNode with = pictured(owner, site, used, Map.of());
        Map<String, Object> without = Browserlike.sheet("Pictured Sweeps");
        without.put("services", List.of(Map.of("name", "Chimney sweep", "price", "£65")));
        owner.keepSheet(with, without);

        SpareFilesAccess.sweep();
        assertThat(kept(spare.path("file").asString()))
                .as("on the day it was given")
                .isEqualTo(1);
        database.update("update site_file set given_at = given_at - interval 2 day where site = ?", id);
        SpareFilesAccess.sweep();
        assertThat(kept(spare.path("file").asString())).isZero();
        assertThat(kept(used.path("file").asString()))
                .as("a step that took it out can be undone")
                .isEqualTo(1);
    }

    @Test
    void whoeverSweepsWaitsForNobodyWhoWorksOnAPicture() {
        String id = owner.site(Browserlike.sheet("Pictured Sweeps")).path("id").asString();
        JsonNode taken = give(owner, id, "busy.jpg", picture(300, 200, "jpeg"));
        TransactionTemplate work = RunningOstium.get().bean(TransactionTemplate.class);
        String hash = taken.path("file").asString().substring(0, 64);

        work.executeWithoutResult(status -> {
            assertThat(database.update("update rendition set wanted_at = now(6) where file in"
                            + " (select id from kept_file where hash = '" + hash + "')"))
                    .isPositive();
            assertThat(CompletableFuture.runAsync(SpareFilesAccess::sweep)).succeedsWithin(Duration.ofSeconds(20));
        });
    }

    @Test
    void whatIsGivenAgainIsKeptForAnotherDay() {
        byte[] bytes = picture(300, 200, "jpeg");
        String id = owner.site(Browserlike.sheet("Pictured Sweeps")).path("id").asString();
        JsonNode taken = give(owner, id, "again.jpg", bytes);
        database.update("update site_file set given_at = given_at - interval 2 day where site = ?", id);
        give(owner, id, "again.jpg", bytes);
        SpareFilesAccess.sweep();
        assertThat(kept(taken.path("file").asString())).isEqualTo(1);
    }
}
