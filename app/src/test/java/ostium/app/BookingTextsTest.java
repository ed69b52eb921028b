package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import ostium.app.standin.CaughtTexts;

/** Texts to telephones, beside the mails of a booking. */
class BookingTextsTest {
    private static final String MOBILE = "07700 900461";
    private static final String OWNER = "07700 900733";

    private final BookingSite site = BookingSite.open();
    private final CaughtTexts gateway = RunningOstium.get().bean(CaughtTexts.class);

    private void texts(boolean customers, String to) {
        assertThat(site.sets(Map.of("texts", Map.of("customers", customers, "to", to)))
                        .status())
                .isEqualTo(200);
    }

    private String book(String telephone) {
        Map<String, String> who = site.who(BookingSite.link(site.hold("sweep", "10:00")));
        who.put("name", "Oona of " + site.name);
        who.put("telephone", telephone);
        return BookingSite.link(site.act("take", who));
    }

    private List<String> words() {
        return gateway.caught().stream()
                .map(CaughtTexts.CaughtText::words)
                .filter(words -> words.contains(site.name))
                .toList();
    }

    private void waitFor(int number) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (words().size() < number && System.nanoTime() < end) {
            Thread.onSpinWait();
        }
        assertThat(words()).hasSize(number);
    }

    @Test
    void bothSidesAreTextedWhereThatIsWanted() {
        texts(true, OWNER);
        String link = book(MOBILE);
        waitFor(2);
        assertThat(words())
                .anySatisfy(words -> assertThat(words)
                        .startsWith("Ashes of " + site.name + ": Chimney sweep is booked, ")
                        .contains("10:00")
                        .endsWith("/book?booking=" + link))
                .anySatisfy(
                        words -> assertThat(words).startsWith("Oona of " + site.name + " has booked Chimney sweep, "));
        assertThat(gateway.caught()).extracting(CaughtTexts.CaughtText::to).contains("+447700900461", "+447700900733");
    }

    @Test
    void aLandlineGetsNone() {
        texts(true, "");
        book("0117 496 0633");
        StandInMails.next("oona-" + site.name + "@quill.example");
        assertThat(words()).isEmpty();
    }

    @Test
    void withoutTheOwnersWordNobodyIsTexted() {
        book(MOBILE);
        StandInMails.next("oona-" + site.name + "@quill.example");
        assertThat(words()).isEmpty();
    }

    @Test
    void whileTheGatewayIsDownTheyWait() {
        gateway.setDown(true);
        try {
            texts(true, "");
            book(MOBILE);
            String diary = "/api/sites/" + site.id() + "/diary?days=1&day=" + site.day;
            assertThat(site.owner.get(diary).json().at("/days/0/tickets/0/ticket/mails"))
                    .anySatisfy(
                            said -> assertThat(said.asString()).isEqualTo("The text to +447700900461 is on its way."));
        } finally {
            gateway.setDown(false);
        }
        waitFor(1);
    }

    @Test
    void theOwnersNumberMustTakeTexts() {
        for (String typed : List.of("0117 496 0633", "none")) {
            Browserlike.Answer answer = site.sets(Map.of("texts", Map.of("customers", false, "to", typed)));
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.body()).contains("mobile number");
        }
    }
}
