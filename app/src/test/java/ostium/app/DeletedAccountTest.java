package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import ostium.app.files.SpareFilesAccess;
import ostium.app.publishing.SpareVersionsAccess;
import tools.jackson.databind.JsonNode;

/** Of an account that is deleted nothing stays: every text column of every table is looked through, those of tomorrow too. */
class DeletedAccountTest {
    private final JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
    private final String mark = "gone" + UUID.randomUUID().toString().substring(0, 8);
    private final String email = mark + "@quill.example";
    private final Browserlike owner = Browserlike.fresh();

    /** Tables and columns that hold some words anywhere. */
    private List<String> holding(String words) {
        List<Map<String, Object>> columns = database.queryForList(
                "select table_name, column_name from"
                        + " information_schema.columns where table_schema = database()"
                        + " and data_type in ('char', 'varchar', 'text', 'mediumtext', 'longtext', 'blob', 'mediumblob', 'longblob')");
        List<String> found = new ArrayList<>();
        for (Map<String, Object> column : columns) {
            String table = column.get("table_name").toString();
            String name = column.get("column_name").toString();
            Integer rows = database.queryForObject(
                    "select count(*) from `" + table + "` where instr(`" + name + "`, ?) > 0", Integer.class, words);
            if (rows > 0) {
                found.add(table + "." + name);
            }
        }
        return found;
    }

    @Test
    void noRowAndNoFileStays() {
        JsonNode site = owner.site(Browserlike.sheet("Sweeps of " + mark));
        String id = site.path("id").asString();
        owner.signUpUnconfirmed(email);
        TestDatabase.confirm(email);
        GivenPictures.give(owner, id, mark + ".jpg", GivenPictures.picture(300, 200, "jpeg"));
        assertThat(owner.publish(site, mark).status()).isEqualTo(201);
        Browserlike.fresh()
                .post(
                        mark + ".localhost",
                        "/_ostium/enquiry",
                        Map.of("name", "Oona " + mark, "reach", "oona-" + mark + "@quayle.example", "message", mark));
        StandInMails.waitFor(email, 1);
        owner.call(
                "POST",
                "/api/sites/" + id + "/invitations",
                Map.of("kind", "HELP", "email", "nell-" + mark + "@corrin.example"));
        Browserlike.fresh().call("POST", "/api/password-resets", Map.of("email", email));
        StandInMails.waitFor(email, 2);
        assertThat(holding(mark)).isNotEmpty();
        String account = database.queryForObject("select id from account where email = ?", String.class, email);

        assertThat(owner.call("POST", "/api/account/deletion", Map.of("current", "a long password"))
                        .status())
                .isEqualTo(204);
        SpareVersionsAccess.sweep();
        SpareVersionsAccess.sweep();
        SpareFilesAccess.sweep();
        assertThat(holding(mark)).as("its words").isEmpty();
        assertThat(holding(id)).as("its site").isEmpty();
        assertThat(holding(account)).as("itself").isEmpty();
    }
}
