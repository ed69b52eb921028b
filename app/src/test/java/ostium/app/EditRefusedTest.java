package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** Edits that are refused, and what is said of them. */
class EditRefusedTest extends KeptManuscript {
    @Test
    void aTextOfAMegabyte() {
        assertThat(headline("x".repeat(1_000_000)).status()).isEqualTo(413);
        assertThat(headline("x".repeat(201)).status()).isEqualTo(422);
        assertThat(headline("x".repeat(201)).json().path("detail").asString())
                .isEqualTo("At most 200 characters, please; this has 201. Shorten it.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"kind\":\"putDraft\",\"site\":null,\"look\":null}",
                "{\"kind\":\"nonsense\"}",
                "{\"kind\":\"setText\"}",
                "[]",
                "null",
                "{\"kind\":\"several\",\"edits\":[null]}",
                "7",
                "{\"kind\":\"several\",\"edits\":[{\"kind\":\"putDraft\",\"site\":null,\"look\":null}]}",
                "{\"kind\":\"setMarks\",\"marks\":{\"x\":\"SUGGESTED\"}}"
            })
    void whatIsNotMadeByHand(String edit) {
        Browserlike.Answer answer = owner.call(
                "POST",
                "/api/sites/" + id + "/edits",
                "{\"revision\":" + revision() + ",\"key\":\"" + UUID.randomUUID() + "\",\"edit\":" + edit + "}");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body()).doesNotContain("Exception", "tools.jackson", "ostium.core");
    }

    @Test
    void aPinThatIsNone() {
        Browserlike.Answer answer = owner.call("POST", "/api/sites/" + id + "/drafts", "{\"pins\":[null]}");
        assertThat(answer.status()).isEqualTo(400);
    }

    @Test
    void aSiteOfASchemaThatIsNotKnown() {
        JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
        String other =
                owner.site(Browserlike.sheet("From the future")).path("id").asString();
        database.update("delete from edit where site = ?", other);
        database.update("update site set revision = 1 where id = ?", other);
        database.update(
                "update snapshot set state = '{\"schema\":99,\"sheet\":{}}' where site = ? and number = 1", other);
        try (AutoCloseable second = closing(RunningOstium.another())) {
            Browserlike elsewhere = owner.at(((Closing) second).port());
            Browserlike.Answer answer = elsewhere.get("/api/sites/" + other);
            assertThat(answer.status()).isEqualTo(409);
            assertThat(answer.json().path("detail").asString()).contains("another version of Ostium");
        } catch (Exception e) {
            throw new AssertionError(e);
        } finally {
            database.update("delete from site where id = ?", other);
        }
    }

    private record Closing(RunningOstium instance) implements AutoCloseable {
        int port() {
            return instance.port();
        }

        @Override
        public void close() {
            instance.close();
        }
    }

    private static Closing closing(RunningOstium instance) {
        return new Closing(instance);
    }
}
