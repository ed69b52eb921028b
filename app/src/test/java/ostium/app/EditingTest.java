package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A manuscript, edited through the API as the browser does it. */
class EditingTest extends KeptManuscript {
    @Test
    void wordsAreTakenAndOnlyTheirSectionIsDrawnAgain() {
        Browserlike.Answer answer = headline("Swept, and left clean");
        assertThat(answer.status()).isEqualTo(200);
        JsonNode text = section(answer.json().path("manuscript"), "OPENING").at("/texts/headline");
        assertThat(text.path("mark").asString()).isEqualTo("OWN");
        JsonNode html = answer.json().at("/shopfront/html");
        assertThat(html.propertyNames())
                .containsExactly(section(manuscript, "OPENING").path("id").asString());
        assertThat(html.toString()).contains("Swept, and left clean");
        assertThat(answer.json().at("/shopfront/anew").asBoolean()).isFalse();
    }

    @Test
    void wordsCanBeChangedOnlyOnceADraftIsKept() {
        Browserlike fresh = Browserlike.fresh();
        String begun = fresh.site(Browserlike.sheet("Begun")).path("id").asString();
        assertThat(fresh.get("/api/sites/" + begun + "/manuscript").status()).isEqualTo(409);
        assertThat(fresh.call("POST", "/api/sites/" + begun + "/kept", null).status())
                .isEqualTo(401);
    }

    @Test
    void anEditSentTwiceIsOne() {
        Map<String, Object> body = Map.of(
                "revision",
                revision(),
                "key",
                UUID.randomUUID().toString(),
                "edit",
                Browserlike.setText(headline(manuscript), "Once"));
        long after = owner.call("POST", "/api/sites/" + id + "/edits", body)
                .json()
                .at("/manuscript/revision")
                .asLong();
        assertThat(owner.call("POST", "/api/sites/" + id + "/edits", body)
                        .json()
                        .at("/manuscript/revision")
                        .asLong())
                .isEqualTo(after);
    }

    @Test
    void aChangedFactChangesEverySectionThatSaysIt() {
        JsonNode answer = owner.edit(
                        id, revision(), Map.of("kind", "setLine", "path", "telephone", "words", "0117 496 0199"))
                .json();
        assertThat(answer.at("/shopfront/html").toString())
                .doesNotContain("0142")
                .contains("0117 496 0199");
        assertThat(answer.at("/shopfront/html").size()).isGreaterThan(3);
    }

    @Nested
    class TwoWindows {
        @Test
        void onDifferentPlacesMerge() {
            long base = revision();
            owner.edit(id, base, Browserlike.setText(headline(manuscript), "From one window"));
            Browserlike.Answer other =
                    owner.edit(id, base, Map.of("kind", "setLine", "path", "promise", "words", "within a day"));
            assertThat(other.status()).isEqualTo(200);
            assertThat(words(now())).isEqualTo("From one window");
            assertThat(owner.get("/api/sites/" + id)
                            .json()
                            .at("/sheet/lines/promise")
                            .asString())
                    .isEqualTo("within a day");
        }

        @Test
        void onOneTextKeepTheSecondWordsAside() {
            long base = revision();
            owner.edit(id, base, Browserlike.setText(headline(manuscript), "The first"));
            JsonNode second = owner.edit(id, base, Browserlike.setText(headline(manuscript), "The second"))
                    .json();
            assertThat(second.path("aside").asBoolean()).isTrue();
            assertThat(words(now())).isEqualTo("The first");
            JsonNode aside = now().at("/asides/0");
            assertThat(aside.toString()).contains("The second");
            assertThat(aside.path("mine").asBoolean()).isTrue();
            assertThat(owner.call(
                                    "DELETE",
                                    "/api/sites/" + id + "/asides/"
                                            + aside.path("id").asString(),
                                    null)
                            .status())
                    .isEqualTo(204);
            assertThat(now().path("asides").size()).isZero();
        }

        @Test
        void wordsForASectionThatIsGoneAreKeptAside() {
            long base = revision();
            String opening = section(manuscript, "OPENING").path("id").asString();
            owner.edit(id, base, Map.of("kind", "removeSection", "section", opening));
            JsonNode late = owner.edit(id, base, Browserlike.setText(headline(manuscript), "Too late"))
                    .json();
            assertThat(late.path("aside").asBoolean()).isTrue();
        }

        @Test
        void ofOneWindowSentInTurnNeverMeet() {
            long base = revision();
            for (int i = 1; i <= 2; i++) {
                Browserlike.Answer answer = owner.call(
                        "POST",
                        "/api/sites/" + id + "/edits",
                        Map.of(
                                "revision",
                                base,
                                "key",
                                "window-of-mine." + i,
                                "edit",
                                Map.of("kind", "setLine", "path", "promise", "words", "day " + i)));
                assertThat(answer.status()).isEqualTo(200);
            }
        }

        @Test
        void onOneLineTellTheSecond() {
            long base = revision();
            owner.edit(id, base, Map.of("kind", "setLine", "path", "telephone", "words", "0117 496 0111"));
            Browserlike.Answer second =
                    owner.edit(id, base, Map.of("kind", "setLine", "path", "telephone", "words", "0117 496 0222"));
            assertThat(second.status()).isEqualTo(409);
            assertThat(second.json().path("detail").asString()).contains("Somebody else has changed this");
        }
    }

    @Nested
    class Steps {
        private JsonNode step(String way) {
            return owner.call("POST", "/api/sites/" + id + "/" + way, Map.of("revision", revision()))
                    .json();
        }

        @Test
        void goBackToTheBeginningAndForwardAgain() {
            String before = words(manuscript);
            for (int i = 1; i <= 5; i++) {
                headline("Step " + i);
            }
            for (int i = 0; i < 5; i++) {
                step("undo");
            }
            assertThat(words(now())).isEqualTo(before);
            assertThat(now().path("canUndo").asBoolean()).isFalse();
            for (int i = 0; i < 5; i++) {
                step("redo");
            }
            assertThat(words(now())).isEqualTo("Step 5");
            step("undo");
            headline("Another way");
            assertThat(now().path("canRedo").asBoolean()).isFalse();
        }

        @Test
        void doNotGoBeyondTheKeptDraft() {
            Browserlike.Answer answer =
                    owner.call("POST", "/api/sites/" + id + "/undo", Map.of("revision", revision()));
            assertThat(answer.status()).isEqualTo(409);
            assertThat(answer.json().path("detail").asString()).isEqualTo("There is nothing to take back.");
        }

        @Test
        void sayWhatTheyWereAboutAndWhere() {
            headline("Told of");
            JsonNode told = step("undo").path("told");
            assertThat(told.path("words").asString()).isEqualTo("words in Opening");
            assertThat(told.path("text").asString()).isNotEmpty();
        }

        @Test
        void doNotReachIntoTheLookFromThePageNorIntoThePageFromTheLook() {
            headline("On the page");
            Map<String, Object> fromLook = Map.of("revision", revision(), "screen", "LOOK");
            Browserlike.Answer refused = owner.call("POST", "/api/sites/" + id + "/undo", fromLook);
            assertThat(refused.status()).isEqualTo(409);
            assertThat(refused.json().path("detail").asString())
                    .isEqualTo("Your last step was on Page: words in Opening. Take it back there.");
            assertThat(words(now())).isEqualTo("On the page");
            owner.call("POST", "/api/sites/" + id + "/look", Map.of("what", "shape", "value", "ROUND"));
            Map<String, Object> fromPage = Map.of("revision", revision(), "screen", "PAGE");
            assertThat(owner.call("POST", "/api/sites/" + id + "/undo", fromPage)
                            .json()
                            .path("detail")
                            .asString())
                    .contains("Your last step was on Look");
        }

        @Test
        void takeBackMyOwnAndLeaveWhatSomebodyElseHasBuiltUpon() {
            Browserlike helper = helper();
            headline("Mine");
            owner.edit(id, revision(), Map.of("kind", "setLine", "path", "promise", "words", "mine too"));
            helper.edit(id, revision(), Map.of("kind", "setLine", "path", "promise", "words", "theirs"));
            step("undo");
            assertThat(owner.get("/api/sites/" + id)
                            .json()
                            .at("/sheet/lines/promise")
                            .asString())
                    .isEqualTo("theirs");
            assertThat(words(now())).isNotEqualTo("Mine");
        }

        private Browserlike helper() {
            Browserlike helper = Browserlike.fresh();
            String email = UUID.randomUUID() + "@quill.example";
            helper.signUp(email);
            owner.call("POST", "/api/sites/" + id + "/invitations", Map.of("email", email, "kind", "HELP"));
            String link = StandInMails.linkTo(email);
            assertThat(helper.call("POST", "/api" + link.replace("/invitation/", "/invitations/"), null)
                            .status())
                    .isEqualTo(200);
            return helper;
        }
    }

    @Test
    void aHundredEditsLeaveASnapshotAndTheLogStillSaysTheSame() {
        for (int i = 1; i <= 110; i++) {
            headline("Number " + i);
        }
        JdbcTemplate database = RunningOstium.get().bean(JdbcTemplate.class);
        assertThat(database.queryForObject("select max(number) from snapshot where site = ?", Long.class, id))
                .isEqualTo(100);
        assertThat(words(now())).isEqualTo("Number 110");
        RunningOstium second = RunningOstium.another();
        try {
            JsonNode elsewhere = owner.at(second.port())
                    .get("/api/sites/" + id + "/manuscript")
                    .json();
            assertThat(elsewhere.path("site")).isEqualTo(now().path("site"));
        } finally {
            second.close();
        }
    }
}
