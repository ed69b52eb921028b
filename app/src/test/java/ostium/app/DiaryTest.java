package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What an owner does in the diary, and who else may. */
class DiaryTest {
    private BookingSite site;

    @BeforeEach
    void open() {
        site = BookingSite.open();
    }

    private String path(String more) {
        return "/api/sites/" + site.id() + "/diary" + more;
    }

    private JsonNode day() {
        return site.owner.get(path("?days=1&day=" + site.day)).json();
    }

    private List<String> who() {
        return day().at("/days/0/tickets")
                .valueStream()
                .map(each -> each.at("/ticket/who").asString())
                .toList();
    }

    private Map<String, Object> time(int minute) {
        return Map.of("date", site.day.toString(), "minute", minute);
    }

    private Map<String, Object> somebody(String name, int minute) {
        Map<String, Object> asked = new HashMap<>();
        asked.put("service", "service/sweep");
        asked.put("time", time(minute));
        asked.put("minutes", null);
        asked.put("resource", "");
        asked.put("name", name);
        asked.put("email", "");
        asked.put("telephone", "0117 496 0601");
        asked.put("place", "");
        asked.put("note", "Rang on Monday");
        asked.put("tells", false);
        return asked;
    }

    private Browserlike.Answer writeIn(String name, int minute) {
        return site.owner.call("POST", path("/bookings"), somebody(name, minute));
    }

    private Browserlike.Answer move(String booking, int minute, int minutes) {
        return site.owner.call(
                "PUT",
                path("/bookings/" + booking),
                Map.of("time", time(minute), "minutes", minutes, "resource", "", "words", "Sorry", "tells", true));
    }

    @Test
    void theNextFreeTimeIsAtHand() {
        assertThat(site.owner.get(path("")).json().at("/soonest/minute").asInt() % 15)
                .isZero();
        site.sets(Map.of("services", List.of()));
        assertThat(site.owner.get(path("")).json().path("soonest").isNull()).isTrue();
    }

    @Test
    void beforeBookingIsSetUpThereIsNone() {
        Browserlike owner = Browserlike.fresh();
        owner.signUp("no-diary-" + site.name + "@quill.example");
        String id = owner.site(Browserlike.sheet("No diary")).path("id").asString();
        assertThat(owner.get("/api/sites/" + id + "/diary").json().path("open").asBoolean())
                .isFalse();
        assertThat(owner.get("/api/sites/" + id + "/diary/why?day=2026-12-01&minute=600")
                        .status())
                .isEqualTo(422);
        JsonNode setup = owner.get("/api/sites/" + id + "/booking").json();
        assertThat(setup.path("set").asBoolean()).isFalse();
        assertThat(setup.at("/rules/daysAhead").asInt()).isEqualTo(60);
    }

    @Test
    void isNobodyElses() {
        Browserlike stranger = Browserlike.fresh();
        stranger.signUp("stranger-" + site.name + "@quill.example");
        for (String more : List.of("", ".ics", "/why?day=2026-12-01&minute=600")) {
            assertThat(stranger.get(path(more)).status()).as(more).isEqualTo(404);
            assertThat(Browserlike.fresh().get(path(more)).status()).as(more).isEqualTo(401);
        }
        String booking = writeIn("Dunnock", 600).json().path("id").asString();
        assertThat(stranger.call("PUT", path("/bookings/" + booking + "/state"), Map.of("state", "DONE"))
                        .status())
                .isEqualTo(404);
    }

    @Nested
    class WritingIn {
        @Test
        void somebodyOnTheTelephoneStandsInTheDiary() {
            Browserlike.Answer made = writeIn("Isolde Dunnock", 600);
            assertThat(made.status()).isEqualTo(201);
            assertThat(made.json().path("short").asString()).isEqualTo("Dunnock");
            assertThat(made.json().path("note").asString()).isEqualTo("Rang on Monday");
            assertThat(who()).containsExactly("Isolde Dunnock");
            assertThat(site.page("?service=sweep&day=" + site.day)
                            .select(".stubs button")
                            .eachText())
                    .doesNotContain("10:00");
        }

        @Test
        void outsideHoursAndAtShortNoticeToo() {
            assertThat(writeIn("Late", 20 * 60).status()).isEqualTo(201);
        }

        @Test
        void neverOnTopOfAnother() {
            writeIn("Dunnock", 600);
            Browserlike.Answer second = writeIn("Cole", 620);
            assertThat(second.status()).isEqualTo(422);
            assertThat(second.json().path("detail").asString())
                    .isEqualTo("Dunnock is booked then. Choose another time, or move that one first.");
            assertThat(second.json().path("field").asString()).isEqualTo("start");
        }

        @Test
        void saysWhatIsMissing() {
            assertThat(writeIn(" ", 600).json().path("field").asString()).isEqualTo("name");
            Map<String, Object> asked = somebody("Cole", 600);
            asked.put("email", "nobody at home");
            assertThat(site.owner
                            .call("POST", path("/bookings"), asked)
                            .json()
                            .path("field")
                            .asString())
                    .isEqualTo("email");
            asked.put("service", "service/none");
            asked.put("email", "");
            assertThat(site.owner
                            .call("POST", path("/bookings"), asked)
                            .json()
                            .path("field")
                            .asString())
                    .isEqualTo("service");
            asked.put("time", null);
            assertThat(site.owner.call("POST", path("/bookings"), asked).status())
                    .isEqualTo(422);
        }
    }

    @Nested
    class Changing {
        @Test
        void movesStretchesAndTells() {
            String link = site.book("sweep", "10:00");
            String id = day().at("/days/0/tickets/0/ticket/id").asString();
            JsonNode moved = move(id, 14 * 60, 90).json();
            assertThat(moved.path("when").asString()).contains("14:00 to 15:30");
            String to = "oona-" + site.name + "@quill.example";
            StandInMails.waitFor(to, 2);
            assertThat(StandInMails.to(to)).anySatisfy(mail -> {
                assertThat(mail.subject()).startsWith("Moved: Chimney sweep");
                assertThat(mail.text()).contains("Sorry");
            });
            assertThat(site.page("?booking=" + link).select(".ticket").text()).contains("14:00 to 15:30");
        }

        @Test
        void cancelsWithAWordAndPutsBack() {
            String link = site.book("sweep", "10:00");
            String id = day().at("/days/0/tickets/0/ticket/id").asString();
            site.owner.call(
                    "POST", path("/bookings/" + id + "/cancel"), Map.of("words", "The van is ill.", "tells", true));
            assertThat(who()).isEmpty();
            assertThat(site.page("?booking=" + link).select("h1").text()).isEqualTo("Called off");
            assertThat(site.owner
                            .call("POST", path("/bookings/" + id + "/restore"), null)
                            .status())
                    .isEqualTo(200);
            assertThat(who()).containsExactly("Oona Quayle");
        }

        @Test
        void whatIsTakenMeanwhileIsNotPutBack() {
            site.book("sweep", "10:00");
            String id = day().at("/days/0/tickets/0/ticket/id").asString();
            site.owner.call("POST", path("/bookings/" + id + "/cancel"), Map.of("words", "", "tells", false));
            writeIn("Cole", 600);
            assertThat(site.owner
                            .call("POST", path("/bookings/" + id + "/restore"), null)
                            .status())
                    .isEqualTo(422);
        }

        @Test
        void marksHowItWent() {
            String id = writeIn("Cole", 600).json().path("id").asString();
            for (String state : List.of("DONE", "MISSED", "BOOKED")) {
                assertThat(site.owner
                                .call("PUT", path("/bookings/" + id + "/state"), Map.of("state", state))
                                .json()
                                .path("state")
                                .asString())
                        .isEqualTo(state);
            }
            assertThat(site.owner
                            .call("PUT", path("/bookings/" + id + "/state"), Map.of("state", "HELD"))
                            .status())
                    .isEqualTo(422);
        }

        @Test
        void answersARequest() {
            site.sets(Map.of("atOnce", false));
            site.book("sweep", "10:00");
            site.book("sweep", "12:00");
            JsonNode asked = site.owner.get(path("")).json().path("asked");
            assertThat(asked).hasSize(2);
            assertThat(site.owner
                            .get("/api/sites/" + site.id())
                            .json()
                            .path("bookingsAsked")
                            .asInt())
                    .isEqualTo(2);
            String yes = asked.get(0).path("id").asString();
            String no = asked.get(1).path("id").asString();
            Map<String, Object> word = Map.of("words", "", "tells", true);
            assertThat(site.owner
                            .call("POST", path("/bookings/" + yes + "/agree"), word)
                            .json()
                            .path("state")
                            .asString())
                    .isEqualTo("BOOKED");
            assertThat(site.owner
                            .call("POST", path("/bookings/" + yes + "/agree"), word)
                            .status())
                    .as("twice")
                    .isEqualTo(200);
            site.owner.call("POST", path("/bookings/" + no + "/cancel"), word);
            String to = "oona-" + site.name + "@quill.example";
            StandInMails.waitFor(to, 4);
            assertThat(StandInMails.to(to))
                    .extracting(mail -> mail.subject().replaceFirst(":.*", ""))
                    .contains("Chimney sweep", "Not possible");
        }
    }

    @Nested
    class Blocking {
        @Test
        void nothingCanBeBookedThereUntilItIsFreeAgain() {
            Browserlike.Answer made = site.owner.call(
                    "POST",
                    path("/blocks"),
                    Map.of("from", time(9 * 60), "to", time(12 * 60), "resource", "", "words", "Errand"));
            assertThat(made.status()).isEqualTo(201);
            assertThat(site.page("?service=sweep&day=" + site.day)
                            .select(".stubs button")
                            .eachText())
                    .contains("12:00")
                    .doesNotContain("09:00", "11:45");
            assertThat(day().at("/days/0/blocks/0/words").asString()).isEqualTo("Errand");
            assertThat(site.owner
                            .call(
                                    "DELETE",
                                    path("/blocks/" + made.json().path("id").asString()),
                                    null)
                            .status())
                    .isEqualTo(204);
            assertThat(site.page("?service=sweep&day=" + site.day)
                            .select(".stubs button")
                            .eachText())
                    .contains("09:00");
        }

        @Test
        void theEndComesAfterTheBeginning() {
            assertThat(site.owner
                            .call(
                                    "POST",
                                    path("/blocks"),
                                    Map.of("from", time(600), "to", time(600), "resource", "", "words", ""))
                            .json()
                            .path("detail")
                            .asString())
                    .startsWith("Say from when to when");
        }
    }

    @Test
    void saysWhyATimeIsNotOffered() {
        writeIn("Isolde Dunnock", 600);
        JsonNode why =
                site.owner.get(path("/why?day=" + site.day + "&minute=610")).json();
        assertThat(why.get(0).path("service").asString()).isEqualTo("Chimney sweep");
        assertThat(why.get(0).path("says").asString()).isEqualTo("Isolde Dunnock is booked until 10:45.");
        assertThat(site.owner
                        .get(path("/why?day=" + site.day + "&minute=900"))
                        .json()
                        .get(0)
                        .path("says")
                        .asString())
                .isEmpty();
        assertThat(site.owner.get(path("/why?day=soon&minute=0")).status()).isEqualTo(422);
        assertThat(site.owner.get(path("/why?day=" + site.day + "&minute=-5")).status())
                .isEqualTo(422);
    }

    @Test
    void hoursThatChangeLeaveWhatIsBookedAndSayIt() {
        site.book("sweep", "17:00");
        site.edit(Map.of("kind", "setLine", "path", "hours", "words", "Mon-Sun 8-12"));
        assertThat(who()).containsExactly("Oona Quayle");
        assertThat(site.owner.get("/api/sites/" + site.id() + "/booking").json().path("outside"))
                .extracting(JsonNode::asString)
                .singleElement()
                .asString()
                .contains("17:00 to 17:45, Oona Quayle");
    }

    @Test
    void aTestOfTheDoorGoesTheWholeWayAndTakesNobodysTime() {
        Browserlike.Answer test =
                site.owner.call("POST", "/api/sites/" + site.id() + "/doors/book/test", Map.of("fields", Map.of()));
        assertThat(test.status()).isEqualTo(200);
        assertThat(test.json().at("/steps/0/says").asString()).isEqualTo("The first free time was booked.");
        assertThat(StandInMails.next(site.email).subject()).startsWith("Test: Chimney sweep");
        assertThat(who()).isEmpty();
    }
}
