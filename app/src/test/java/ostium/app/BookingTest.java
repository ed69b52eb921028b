package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import ostium.app.booking.RemindersAccess;
import ostium.app.standin.CaughtMail;

/** What visitors do on the booking page, without a script; and what reaches them and the owner. */
class BookingTest {
    private BookingSite site;

    @BeforeEach
    void open() {
        site = BookingSite.open();
    }

    private Document at(Browserlike.Answer answer) {
        return org.jsoup.Jsoup.parse(
                site.visitor.getAt(site.host(), answer.header("Location")).body());
    }

    @Nested
    class Choosing {
        @Test
        void goesFromTheServiceToTheDayToTheTime() {
            Document offers = site.page("");
            assertThat(offers.select(".offers a b").eachText()).containsExactly("Chimney sweep", "Camera survey");
            assertThat(offers.select(".offers a").first().text()).contains("45 min", "£65");
            Document times = site.page("?service=sweep&day=" + site.day);
            assertThat(times.select(".day")).hasSize(14);
            assertThat(times.select(".day[aria-current] b").text()).isNotEmpty();
            assertThat(times.select(".stubs button").eachText())
                    .contains("08:00", "17:15")
                    .doesNotContain("17:30");
            assertThat(times.select("h3").eachText()).contains("Morning", "Afternoon");
        }

        @Test
        void oddAddressesAreAnsweredAsIfNothingHadBeenChosen() {
            for (String query :
                    List.of("?service=none", "?day=99", "?service=sweep&day=0000-00-00", "?who=%00", "?where=%25zz")) {
                assertThat(site.visitor.getAt(site.host(), "/book" + query).status())
                        .as(query)
                        .isEqualTo(200);
            }
            assertThat(site.visitor.getAt(site.host(), "/book?booking=nobody").status())
                    .isEqualTo(404);
            assertThat(site.act("hold", Map.of("service", "sweep", "start", "noon"))
                            .status())
                    .isEqualTo(422);
            assertThat(site.act("take", Map.of("link", "nobody")).status()).isEqualTo(404);
            assertThat(site.act("dance", Map.of()).status()).isEqualTo(404);
        }

        @Test
        void theShutDoorTakesNothing() {
            site.edit(Map.of("kind", "setBooking", "rules", site.rules, "none", true));
            assertThat(site.visitor.getAt(site.host(), "/book").status()).isEqualTo(404);
            assertThat(site.hold("sweep", "10:00").status()).isEqualTo(404);
        }

        @Test
        void rulesActAtOnce() {
            site.sets(Map.of("grid", 60));
            assertThat(site.page("?service=sweep&day=" + site.day)
                            .select(".stubs button")
                            .eachText())
                    .startsWith("08:00", "09:00");
        }

        @Test
        void anotherSitesPageCannotBook() {
            assertThat(site.visitor
                            .post(
                                    site.host(),
                                    "/_ostium/booking/hold",
                                    Map.of(
                                            "service",
                                            "sweep",
                                            "start",
                                            site.at("10:00").toString()),
                                    "Sec-Fetch-Site",
                                    "cross-site")
                            .status())
                    .isEqualTo(403);
        }
    }

    @Nested
    class Taking {
        @Test
        void holdsTheTimeAsksAndBooks() {
            Browserlike.Answer held = site.hold("sweep", "10:00");
            assertThat(held.status()).isEqualTo(303);
            Document details = at(held);
            assertThat(details.select(".ticket").text())
                    .contains("Chimney sweep", "10:00 to 10:45", "Kept for you until");
            assertThat(details.select(".costs").text()).isEqualTo("Pay on the day.");
            assertThat(site.page("?service=sweep&day=" + site.day)
                            .select(".stubs button")
                            .eachText())
                    .as("held for one")
                    .doesNotContain("10:00", "09:30", "10:30");
            Browserlike.Answer taken = site.act("take", site.who(BookingSite.link(held)));
            assertThat(taken.status()).isEqualTo(303);
            Document booked = at(taken);
            assertThat(booked.select("h1").text()).isEqualTo("Booked");
            assertThat(booked.select("a.btn").eachAttr("href"))
                    .anyMatch(href -> href.startsWith("/_ostium/booking.ics"))
                    .anyMatch(href -> href.contains("move="));
            assertThat(site.act("take", site.who(BookingSite.link(held))).header("Location"))
                    .as("sent twice")
                    .isEqualTo("/book?booking=" + BookingSite.link(held));
        }

        @Test
        void saysWhatIsMissingAndKeepsWhatWasTyped() {
            Map<String, String> fields = new LinkedHashMap<>(site.who(BookingSite.link(site.hold("sweep", "10:00"))));
            fields.put("email", "oona at quill");
            fields.remove("question-1");
            Browserlike.Answer answer = site.act("take", fields);
            assertThat(answer.status()).isEqualTo(422);
            Document page = org.jsoup.Jsoup.parse(answer.body());
            assertThat(page.select("[role=alert]").text()).startsWith("2 fields need a look");
            assertThat(page.select("#book-email").val()).isEqualTo("oona at quill");
            assertThat(page.select("#book-email").attr("aria-describedby")).isEqualTo("book-email-fault");
            assertThat(page.select("#book-question-1-fault").text()).isEqualTo("This is needed.");
            assertThat(page.select("#book-note").text()).isEqualTo("Never swept; the back door is best.");
        }

        @Test
        void whatIsGoneIsSaidAndTheNearestOffered() {
            site.hold("sweep", "10:00");
            Browserlike.Answer second = site.hold("survey", "10:15");
            assertThat(second.status()).isEqualTo(409);
            assertThat(org.jsoup.Jsoup.parse(second.body())
                            .select("[role=alert]")
                            .text())
                    .isEqualTo("10:15 has just been taken. These times are free.");
        }

        @Test
        void aHeldTimeThatLapsedIsTakenIfItIsStillFreeAndElseKeepsWhatWasTyped() {
            String first = BookingSite.link(site.hold("sweep", "10:00"));
            RemindersAccess.lapse(first);
            String second = BookingSite.link(site.hold("sweep", "10:00"));
            site.act("take", site.who(second));
            Browserlike.Answer late = site.act("take", site.who(first));
            assertThat(late.status()).isEqualTo(409);
            Document page = org.jsoup.Jsoup.parse(late.body());
            assertThat(page.select("#book-name").val()).isEqualTo("Oona Quayle");
            List<String> others = page.select("[name=start]").eachAttr("value");
            assertThat(others).isNotEmpty();
            Map<String, String> again = site.who(first);
            again.put("start", others.get(0));
            assertThat(at(site.act("take", again)).select("h1").text()).isEqualTo("Booked");
        }

        @Test
        void anotherTimeInsteadLetsTheFirstGo() {
            String first = BookingSite.link(site.hold("sweep", "10:00"));
            site.act(
                    "hold", Map.of("service", "sweep", "start", site.at("11:00").toString(), "hold", first));
            assertThat(site.page("?service=sweep&day=" + site.day)
                            .select(".stubs button")
                            .eachText())
                    .contains("10:00")
                    .doesNotContain("11:00");
        }
    }

    @Nested
    class Afterwards {
        @Test
        void bothSidesHaveAMailWithTheAppointment() {
            String link = site.book("sweep", "10:00");
            CaughtMail.Caught mail = StandInMails.next("oona-" + site.name + "@quill.example");
            assertThat(mail.subject()).startsWith("Chimney sweep: ").contains("10:00 to 10:45");
            assertThat(mail.text()).contains("Hello Oona Quayle", "Pay on the day.", "/book?booking=" + link);
            VEvent event = Biweekly.parse(mail.calendar()).first().getEvents().get(0);
            assertThat(event.getDateStart().getValue().toInstant()).isEqualTo(site.at("10:00"));
            assertThat(event.getSummary().getValue()).contains("Chimney sweep");
            CaughtMail.Caught told = StandInMails.next(site.email);
            assertThat(told.subject()).startsWith("Oona Quayle has booked Chimney sweep");
            assertThat(told.text())
                    .contains("How many flues?", "\nTwo", "Never swept", "0117 496 0633", "/diary?booking=");
            assertThat(told.replyTo()).isEqualTo("oona-" + site.name + "@quill.example");
        }

        @Test
        void itIsMovedByItsPrivateLink() {
            String link = site.book("sweep", "10:00");
            Document times = site.page("?move=" + link + "&day=" + site.day);
            assertThat(times.select(".stubs button").eachText())
                    .as("its own time is free to it")
                    .contains("10:15");
            Browserlike.Answer moved = site.act(
                    "move", Map.of("move", link, "start", site.at("14:00").toString()));
            assertThat(at(moved).select(".ticket").text()).contains("14:00 to 14:45");
            assertThat(site.page("?service=sweep&day=" + site.day)
                            .select(".stubs button")
                            .eachText())
                    .contains("10:00")
                    .doesNotContain("14:00");
            assertThat(site.act(
                                    "move",
                                    Map.of(
                                            "move",
                                            link,
                                            "start",
                                            site.at("03:00").toString()))
                            .status())
                    .isEqualTo(409);
        }

        @Test
        void itIsCalledOffByItsPrivateLink() {
            String link = site.book("sweep", "10:00");
            Browserlike.Answer gone = site.act("cancel", Map.of("link", link));
            assertThat(at(gone).select("h1").text()).isEqualTo("Called off");
            assertThat(site.page("?service=sweep&day=" + site.day)
                            .select(".stubs button")
                            .eachText())
                    .contains("10:00");
            assertThat(site.act("cancel", Map.of("link", link)).status())
                    .as("twice")
                    .isEqualTo(303);
        }

        @Test
        void tooLateToChangeIsSaid() {
            site.sets(Map.of("changeUntil", 30 * 24 * 60));
            String link = site.book("sweep", "10:00");
            assertThat(site.page("?booking=" + link).select(".book").text())
                    .contains("It can no longer be changed here. Call, please: 0117 496 0142");
            assertThat(site.act("cancel", Map.of("link", link)).status()).isEqualTo(422);
        }

        @Test
        void theCalendarFileIsReadByOthers() {
            String link = site.book("survey", "12:00");
            Browserlike.Answer file = site.visitor.getAt(site.host(), "/_ostium/booking.ics?booking=" + link);
            assertThat(file.header("Content-Type")).startsWith("text/calendar");
            assertThat(Biweekly.parse(file.body()).first().getEvents()).hasSize(1);
        }

        @Test
        void whoeverBookedIsRemindedADayBeforeAndOnce() {
            String link = site.book("sweep", "10:00");
            RemindersAccess.tomorrow(link);
            RemindersAccess.round();
            RemindersAccess.round();
            String to = "oona-" + site.name + "@quill.example";
            StandInMails.waitFor(to, 2);
            assertThat(StandInMails.to(to))
                    .filteredOn(mail -> mail.subject().startsWith("Tomorrow"))
                    .hasSize(1);
        }
    }

    @Nested
    class OnRequest {
        @Test
        void theTimeIsKeptUntilTheOwnerAnswers() {
            site.sets(Map.of("atOnce", false));
            String link = site.book("sweep", "10:00");
            assertThat(site.page("?booking=" + link).select("h1").text()).isEqualTo("Asked for");
            assertThat(site.page("?service=sweep&day=" + site.day)
                            .select(".stubs button")
                            .eachText())
                    .doesNotContain("10:00");
            assertThat(StandInMails.next(site.email).text()).contains("waits for your answer");
        }
    }

    @Nested
    class Places {
        @Test
        void theWayFromTheOneBeforeCounts() {
            site.sets(Map.of("travels", true));
            Map<String, String> there = site.who(BookingSite.link(site.act(
                    "hold",
                    Map.of(
                            "service",
                            "sweep",
                            "where",
                            "Tolver",
                            "start",
                            site.at("10:00").toString()))));
            there.put("place", "3 Sail Street, Tolver QH4 1AA");
            site.act("take", there);
            Document near = site.page("?service=sweep&where=Tolver&day=" + site.day);
            Document far = site.page("?service=sweep&where=Quillhaven&day=" + site.day);
            assertThat(near.select(".where .small").text())
                    .isEqualTo("Times that leave room for the way there are shown.");
            assertThat(far.select(".stubs button"))
                    .hasSizeLessThan(near.select(".stubs button").size() + 1);
            assertThat(far.select(".stubs button").eachText()).doesNotContain("10:45");
        }
    }
}
