package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Drafts on the table, and the look of a kept one, over HTTP. */
class LookTest {
    private final Browserlike owner = Browserlike.fresh();
    private String site;

    @BeforeEach
    void begins() {
        site = "/api/sites/"
                + owner.site(Browserlike.sheet("Looked Sweeps")).path("id").asString();
    }

    private JsonNode draws(Object... pins) {
        return owner.call("POST", site + "/drafts", Map.of("pins", List.of(pins)))
                .json();
    }

    private static Map<String, Object> pin(String part, int round, int place) {
        return Map.of("pin", part, "round", round, "place", place);
    }

    private JsonNode keeps(int round, int place) {
        return owner.call("POST", site + "/kept", Map.of("round", round, "place", place))
                .json();
    }

    private String draft(JsonNode table, int place) {
        String preview = table.at("/drafts/" + (place - 1) + "/preview").asString();
        return owner.getAt("preview.localhost", preview.replaceFirst("https?://[^/]+", ""))
                .body();
    }

    private static String headline(String html) {
        return org.jsoup.Jsoup.parse(html).select("h1").text();
    }

    @Nested
    class TheTable {
        @Test
        void isEmptyUntilThreeAreLaidAndKeepsEveryRound() {
            assertThat(owner.get(site + "/drafts").json().path("rounds").asInt())
                    .isZero();
            JsonNode first = draws();
            assertThat(first.path("drafts").size()).isEqualTo(3);
            JsonNode second = draws();
            assertThat(second.path("round").asInt()).isEqualTo(2);
            assertThat(second.at("/drafts/0/line")).isNotEqualTo(first.at("/drafts/0/line"));
            JsonNode again = owner.get(site + "/drafts?round=1").json();
            assertThat(again.at("/drafts/2/line")).isEqualTo(first.at("/drafts/2/line"));
            assertThat(owner.get(site + "/drafts").json().path("round").asInt()).isEqualTo(2);
        }

        @Test
        void showsEachDraftAsARealPageInAHouseOfItsOwn() {
            JsonNode table = draws();
            for (int place = 1; place <= 3; place++) {
                assertThat(draft(table, place))
                        .contains("house-"
                                + table.at("/drafts/" + (place - 1) + "/house")
                                        .asString()
                                        .toLowerCase(java.util.Locale.ROOT));
            }
        }

        @Test
        void holdsWhatIsPinned() {
            String words = headline(draft(draws(), 2));
            JsonNode next = draws(pin("WORDS", 1, 2));
            assertThat(next.at("/pins/0/pin").asString()).isEqualTo("WORDS");
            for (int place = 1; place <= 3; place++) {
                assertThat(headline(draft(next, place))).isEqualTo(words);
            }
        }

        @ParameterizedTest(name = "round {0}, place {1}")
        @CsvSource({"1, 9", "7, 1", "0, 0"})
        void saysSoWhenAPinPointsNowhere(int round, int place) {
            draws();
            Browserlike.Answer answer =
                    owner.call("POST", site + "/drafts", Map.of("pins", List.of(pin("LOOK", round, place))));
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.body()).contains("not on the table");
        }

        @Test
        void hasNothingAtAnAddressNobodyLaid() {
            assertThat(owner.get(site + "/drafts?round=4").status()).isEqualTo(404);
            String preview = draws().at("/drafts/0/preview").asString().replaceFirst("https?://[^/]+", "");
            assertThat(owner.getAt("preview.localhost", preview.replace("/drafts/1/1/", "/drafts/9/1/"))
                            .status())
                    .isEqualTo(404);
        }

        @Test
        void givesTheDraftThatIsKept() {
            JsonNode table = draws();
            String words = headline(draft(table, 3));
            owner.signUp(UUID.randomUUID() + "@quill.example");
            JsonNode kept = keeps(1, 3);
            assertThat(kept.at("/site/pages/0/sections/0/kind").asString()).isEqualTo("OPENING");
            String preview = kept.path("preview").asString().replaceFirst("https?://[^/]+", "");
            assertThat(headline(owner.getAt("preview.localhost", preview).body()))
                    .isEqualTo(words);
        }

        @Test
        void laterOnReplacesTheSiteInOneStepThatCanBeTakenBack() {
            draws();
            owner.signUp(UUID.randomUUID() + "@quill.example");
            JsonNode before = keeps(1, 1).path("site");
            assertThat(keeps(1, 2).path("site")).isNotEqualTo(before);
            owner.call("POST", site + "/undo", Map.of("revision", 1));
            assertThat(owner.get(site + "/manuscript").json().path("site")).isEqualTo(before);
        }
    }

    @Nested
    class TheLook {
        private JsonNode look() {
            return owner.get(site + "/look").json();
        }

        private Browserlike.Answer asks(String what, String value) {
            return owner.call("POST", site + "/look", Map.of("what", what, "value", value));
        }

        private void keepsADraft() {
            owner.signUp(UUID.randomUUID() + "@quill.example");
            owner.call("POST", site + "/kept", Map.of());
        }

        @Test
        void canBeChangedOnceADraftIsKept() {
            assertThat(asks("house", "garden").status()).isEqualTo(409);
            keepsADraft();
            assertThat(asks("house", "garden").status()).isEqualTo(200);
            assertThat(look().at("/houses/5/chosen").asBoolean()).isTrue();
        }

        @ParameterizedTest(name = "{0} {1}: {2}")
        @CsvSource(
                delimiter = '|',
                value = {
                    "house|castle|no such house",
                    "paint|greenish|not a colour we know",
                    "brand||not a colour we know",
                    "say|zingy|says nothing",
                    "say|darker and zingy|We do not know “zingy”",
                    "say||Say what should be different",
                    "shape|oval|no such choice",
                    "type|comic|no such letters",
                    "scene|moon|no such scene",
                    "roof|red|Say what to change"
                })
        void saysWhatIsWrongAtTheFieldItWasTypedIn(String what, String value, String words) {
            keepsADraft();
            Browserlike.Answer answer = asks(what, value == null ? "" : value);
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.json().path("detail").asString()).contains(words);
        }

        @Test
        void changesOnlyWhatIsAskedForAndIsTakenBack() {
            keepsADraft();
            JsonNode before = look();
            assertThat(asks("say", "rounder").status()).isEqualTo(200);
            JsonNode after = look();
            assertThat(after.path("card")).isEqualTo(before.path("card"));
            assertThat(after.path("shapes")).isNotEqualTo(before.path("shapes"));
            owner.call("POST", site + "/undo", Map.of("revision", 1, "screen", "LOOK"));
            assertThat(look().path("shapes")).isEqualTo(before.path("shapes"));
        }

        @Test
        void keepsEveryPairReadableWhateverIsSetByHand() {
            keepsADraft();
            for (String colour : List.of("#ffff00", "white", "black", "oklch(0.9 0.3 140)")) {
                for (String role : List.of("paint", "trim", "ground", "ink")) {
                    JsonNode look = asks(role, colour).json();
                    for (JsonNode pair : look.path("pairs")) {
                        assertThat(pair.path("contrast").asDouble())
                                .as(pair.toString())
                                .isGreaterThanOrEqualTo(pair.path("needed").asDouble());
                    }
                }
            }
        }

        @Test
        void isShownInEveryHouseBeforeOneIsTaken() {
            keepsADraft();
            for (JsonNode house : look().path("houses")) {
                String preview = house.path("preview").asString().replaceFirst("https?://[^/]+", "");
                assertThat(owner.getAt("preview.localhost", preview).body())
                        .contains("house-" + house.path("id").asString());
            }
        }
    }

    @Nested
    class ASign {
        @BeforeEach
        void keepsADraft() {
            owner.signUp(UUID.randomUUID() + "@quill.example");
            owner.call("POST", site + "/kept", Map.of());
        }

        private String head() {
            String preview = owner.get(site + "/manuscript")
                    .json()
                    .path("preview")
                    .asString()
                    .replaceFirst("https?://[^/]+", "");
            return org.jsoup.Jsoup.parse(
                            owner.getAt("preview.localhost", preview).body())
                    .select(".brand .logo img")
                    .attr("src");
        }

        @Test
        void isDrawnFromNameAndTrade() {
            JsonNode signs = owner.get(site + "/signs").json();
            assertThat(signs.size()).isEqualTo(4);
            for (JsonNode sign : signs) {
                Browserlike.Answer drawing = owner.get(sign.path("drawing").asString());
                assertThat(drawing.header("Content-Type")).startsWith("image/svg+xml");
                assertThat(drawing.body()).startsWith("<svg ").doesNotContain("<text", "currentColor");
            }
            assertThat(owner.get(site + "/signs/nothing").status()).isEqualTo(404);
        }

        @Test
        void isTakenAsTheLogoReplacedByAnotherAndTakenBack() {
            assertThat(head()).isEmpty();
            assertThat(owner.call("POST", site + "/signs/initials", Map.of()).status())
                    .isEqualTo(204);
            String first = head();
            assertThat(first).endsWith(".svg");
            owner.call("POST", site + "/signs/beside", Map.of());
            assertThat(head()).endsWith(".svg").isNotEqualTo(first);
            owner.call("POST", site + "/undo", Map.of("revision", 1, "screen", "LOOK"));
            assertThat(head()).isEqualTo(first);
            owner.call("POST", site + "/undo", Map.of("revision", 1, "screen", "LOOK"));
            assertThat(head()).isEmpty();
        }

        @Test
        void givesItsColoursBack() {
            owner.call("POST", site + "/signs/motif", Map.of());
            assertThat(owner.call("POST", site + "/look/picture", Map.of("from", "logo"))
                            .status())
                    .isEqualTo(200);
            Browserlike.Answer none = owner.call("POST", site + "/look/picture", Map.of("from", "opening"));
            assertThat(none.status()).isEqualTo(422);
            assertThat(none.body()).contains("no such picture");
        }
    }
}
