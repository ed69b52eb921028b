package ostium.core.enquiry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.booking.StartingRules;
import ostium.core.brief.Brief;
import ostium.core.door.Door;
import ostium.core.door.Doors;
import ostium.core.door.call.CallDoor;
import ostium.core.door.email.EmailDoor;
import ostium.core.draft.Drafter;
import ostium.core.site.Site;

/** What the page says of how messages are kept: what the forms ask, and no more. */
class PrivacyNoticeTest {
    private static final Brief BRIEF = Samples.brief("ashlatch");
    private static final Site SITE = Drafter.draft(BRIEF, new Seed(1)).site();

    private static List<String> said(Doors doors) {
        return new PrivacyNotice(SITE, BRIEF, doors)
                .parts().stream().flatMap(part -> part.sentences().stream()).toList();
    }

    @Test
    void namesTheBusinessWhatIsAskedAndHowToHaveItDeleted() {
        assertThat(said(Doors.none()))
                .contains("Ashlatch Chimney Care")
                .anyMatch(line -> line.startsWith("What you answer to: Your name · Telephone or e-mail · "))
                .last()
                .asString()
                .startsWith("Ask what is kept of you");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0  | As long as it takes to answer you and to do the work. Ask, and it is deleted sooner.",
                "6  | For 6 months after the last word in the matter. Then it is deleted by itself.",
                "12 | For a year after the last word in the matter. Then it is deleted by itself.",
                "36 | For 3 years after the last word in the matter. Then it is deleted by itself."
            })
    void saysHowLong(int months, String words) {
        assertThat(said(Doors.none().withKeptMonths(months))).contains(words);
    }

    @Test
    void leadsToADoorThatIsOpen() {
        Doors shut = Doors.none()
                .with(Door.usual(EmailDoor.KIND).withShut(true))
                .with(Door.usual(CallDoor.KIND).withShut(true));
        assertThat(said(shut)).last().asString().endsWith("write through the form.");
    }

    @Test
    void whereTimesAreBookedItSaysWhatIsKeptOfThem() {
        Doors books = Doors.none()
                .withMessagesTo(List.of("ada@ashlatch.example"))
                .withBooking(Optional.of(StartingRules.of(BRIEF)));
        assertThat(said(books))
                .contains(
                        "When you book a time: your name, how to reach you, where it is, the time, and what you answer there.",
                        "To answer you, to keep the time you booked, to do what you ask for, and perhaps to ask you how it was once"
                                + " it is done. For nothing else.",
                        "A time you booked is kept as long, from the day it was over.");
        assertThat(said(Doors.none())).noneMatch(line -> line.contains("book"));
    }
}
