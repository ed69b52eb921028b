package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.app.standin.CaughtCalls;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Messages through the form of a public page. */
class EnquiryTest {
    private static final Browserlike OWNER = Browserlike.fresh();
    private static int sites;
    private String host;
    private JsonNode site;

    @BeforeAll
    static void signUp() {
        OWNER.signUp("messages@quill.example");
    }

    /** Every test has a site of its own, so that counts and limits do not meet. */
    @org.junit.jupiter.api.BeforeEach
    void publish() {
        String name = "messages-" + ++sites;
        site = OWNER.site(Browserlike.sheet("Messages"));
        OWNER.publish(site, name);
        host = name + ".localhost";
    }

    private static Map<String, String> message(String words) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("name", "Piet Marrow");
        fields.put("reach", "piet@marrow.example");
        fields.put("message", words);
        return fields;
    }

    private Browserlike.Answer send(Map<String, String> fields, String... headers) {
        return Browserlike.fresh().post(host, "/_ostium/enquiry", fields, headers);
    }

    private JsonNode kept() {
        return OWNER.get("/api/sites/" + site.path("id").asString() + "/enquiries")
                .json();
    }

    @Test
    void withoutScriptLeadsToAPageThatSaysWhereItIs() {
        Browserlike.Answer answer = send(message("The stove smokes."));
        assertThat(answer.status()).isEqualTo(303);
        assertThat(answer.header("Location")).isEqualTo("/thanks");
        assertThat(Browserlike.fresh().getAt(host, "/thanks").body()).contains("Your message is with Messages.");
        assertThat(kept().at("/0/answers/2/value").asString()).isEqualTo("The stove smokes.");
        assertThat(kept().at("/0/state").asString()).isEqualTo("NEW");
    }

    @Test
    void withScriptIsAnsweredInPlace() {
        Browserlike.Answer answer = send(message("By script."), "Accept", "application/json");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().path("sent").asBoolean()).isTrue();
        assertThat(kept().size()).isEqualTo(1);
    }

    /** A program of the owner's is told what people send and nothing else: no test, nothing unwanted, nothing twice. */
    @Test
    void aProgramIsToldOfWhatPeopleSend() {
        String hook = "/api/sites/" + site.path("id").asString() + "/hooks/ENQUIRIES";
        String address = "http://127.0.0.1:" + RunningOstium.get().port() + "/api/stand-in/calls";
        assertThat(OWNER.call("PUT", hook, Map.of("address", address)).status()).isEqualTo(200);
        Map<String, String> fields = message("<b>Smoke</b> from " + host);
        fields.put("submission", host + "-submission-1");
        send(fields);
        send(fields);
        Map<String, String> unwanted = message("Unwanted from " + host);
        unwanted.put("website", "http://spam.example");
        send(unwanted);
        OWNER.call("POST", "/api/sites/" + site.path("id").asString() + "/doors/form/test", Map.of("fields", fields));
        CaughtCalls program = RunningOstium.get().bean(CaughtCalls.class);
        ListTest.waitUntil(
                () -> OWNER.get(hook).json().at("/calls/0/state").asString().equals("TAKEN"));
        List<CaughtCalls.CaughtCall> told = program.caught().stream()
                .filter(call -> call.body().contains(host))
                .toList();
        assertThat(told).hasSize(1);
        JsonNode call = new JsonMapper().readTree(told.get(0).body());
        assertThat(call.path("type").asString()).isEqualTo("enquiry.came");
        assertThat(call.at("/data/enquiry").asString())
                .isEqualTo(kept().at("/0/id").asString());
        assertThat(call.at("/data/answers/2/value").asString()).isEqualTo("<b>Smoke</b> from " + host);
        assertThat(OWNER.get(hook).json().path("calls")).hasSize(1);
        assertThat(OWNER.call("DELETE", hook, null).json().path("hook").isNull())
                .isTrue();
    }

    @Test
    void sentTwiceIsOneEnquiry() {
        send(message("Once."));
        send(message("Once."));
        assertThat(kept().size()).isEqualTo(1);
        Map<String, String> other = message("Once.");
        other.put("submission", "another-visitor");
        send(other);
        assertThat(kept().size()).isEqualTo(2);
    }

    @Test
    void inAnyScriptIsKeptWhole() {
        send(message("Ça fume 🙂 الموقد\n\nسطر"));
        assertThat(kept().at("/0/answers/2/value").asString()).isEqualTo("Ça fume 🙂 الموقد\n\nسطر");
    }

    @Test
    void thatFillsTheTrapIsSetAsideAndNotThrownAway() {
        Map<String, String> fields = message("Buy now");
        fields.put("website", "http://spam.example");
        assertThat(send(fields).status()).isEqualTo(303);
        assertThat(kept().at("/0/state").asString()).isEqualTo("UNWANTED");
    }

    @Test
    void canBeMarkedDone() {
        send(message("Mark me."));
        String path = "/api/sites/" + site.path("id").asString() + "/enquiries/"
                + kept().at("/0/id").asString() + "/state";
        assertThat(OWNER.call("PUT", path, Map.of("state", "DONE")).status()).isEqualTo(200);
        assertThat(kept().at("/0/state").asString()).isEqualTo("DONE");
        assertThat(OWNER.call("PUT", path, "{\"state\": \"SUNG\"}").status()).isEqualTo(400);
    }

    @Nested
    class ThatIsNotRight {
        @Test
        void isShownAgainWithAllThatWasTyped() {
            Map<String, String> fields = message("My long and careful <message>");
            fields.put("reach", "under the mat");
            Browserlike.Answer answer = send(fields);
            assertThat(answer.status()).isEqualTo(422);
            var page = org.jsoup.Jsoup.parse(answer.body());
            assertThat(page.select("#enquiry-message").val()).isEqualTo("My long and careful <message>");
            assertThat(page.select("#enquiry-reach").val()).isEqualTo("under the mat");
            assertThat(page.select("#enquiry-reach-fault").text()).contains("neither a telephone number");
            assertThat(page.select("#enquiry-reach").attr("aria-describedby")).isEqualTo("enquiry-reach-fault");
            assertThat(kept().size()).isZero();
        }

        @Test
        void namesEachFieldToTheScript() {
            Browserlike.Answer answer = send(Map.of(), "Accept", "application/json");
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.json().path("faults").propertyNames()).containsExactly("name", "reach", "message");
        }

        @Test
        void isNotCutWhenTooLong() {
            Browserlike.Answer answer = send(message("x".repeat(4001)), "Accept", "application/json");
            assertThat(answer.json().at("/faults/message").asString()).contains("At most 4000 characters");
        }

        @Test
        void refusesFieldsTheFormHasNot() {
            Map<String, String> fields = message("Hello");
            fields.put("state", "DONE");
            assertThat(send(fields).status()).isEqualTo(400);
        }

        @Test
        void refusesAFieldSentTwice() {
            String body = Browserlike.form(message("Hello")) + "&name=Another";
            Browserlike.Answer answer =
                    Browserlike.fresh().postBody(host, "/_ostium/enquiry", body, "Accept", "application/json");
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.json().at("/faults/name").asString()).contains("twice");
        }

        /** The page that says what is wrong stands under another address than the one it was sent from. */
        @Test
        void answersWithAPageWhoseLooksAndLinksAreFound() {
            String at = "http://" + host + "/_ostium/enquiry";
            Document page = Jsoup.parse(send(message("")).body(), at);
            assertThat(page.select(".fault:not([hidden])")).isNotEmpty();
            List<String> addresses = new ArrayList<>(
                    page.select("link[rel=stylesheet], link[rel=preload]").eachAttr("abs:href"));
            addresses.addAll(page.select("nav.nav a[href]").eachAttr("abs:href"));
            assertThat(addresses).isNotEmpty();
            for (String address : addresses) {
                assertThat(Browserlike.fresh()
                                .getAt(host, URI.create(address).getPath())
                                .status())
                        .as(address)
                        .isEqualTo(200);
            }
        }

        @ParameterizedTest
        @ValueSource(strings = {"%", "name=%zz", "&&&", "=", "name", ""})
        void neverFailsOnABrokenBody(String body) {
            assertThat(Browserlike.fresh()
                            .postBody(host, "/_ostium/enquiry", body)
                            .status())
                    .isBetween(400, 422);
        }

        @Test
        void refusesMoreThanAFormCanHold() {
            assertThat(send(message("x".repeat(70_000))).status()).isEqualTo(413);
        }

        @Test
        void refusesAPostFromAnotherSite() {
            assertThat(send(message("Hello"), "Origin", "https://evil.example").status())
                    .isEqualTo(403);
            assertThat(send(message("Hello"), "Sec-Fetch-Site", "cross-site").status())
                    .isEqualTo(403);
            assertThat(send(
                                    message("Hello"),
                                    "Origin",
                                    "http://" + host + ":" + RunningOstium.get().port())
                            .status())
                    .isEqualTo(303);
        }

        @Test
        void isLimitedPerSender() {
            int last = 0;
            for (int i = 0; i < 22; i++) {
                last = send(message("Message " + i)).status();
            }
            assertThat(last).isEqualTo(429);
        }

        @Test
        void isNotReachedByGet() {
            assertThat(Browserlike.fresh().getAt(host, "/_ostium/enquiry").status())
                    .isEqualTo(405);
        }
    }
}
