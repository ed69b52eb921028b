package ostium.core.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Drafter;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.Goal;

/** Where each kind of door leads, what it needs, and what stands on it. */
class EachDoorTest {
    private static final TypedSheet SHEET = Samples.sheet("ashlatch")
            .with(Line.TEXTS, "07700 900142")
            .with(Line.PLACE, "3 Net Loft, Quillhaven, QH1 2AB")
            .with(Line.POINT, "49.7001, -7.4002")
            .withLinks(List.of("https://wa.me/447700900142", "https://www.instagram.com/ashlatch/"));

    private static DoorsOf doors(TypedSheet sheet, Doors doors) {
        Brief brief = SheetReader.read(sheet, Samples.NOW).brief();
        return doors.of(brief.facts(), Drafter.draft(brief, new Seed(1)).site());
    }

    private static FoundDoor found(TypedSheet sheet, Doors doors, String kind) {
        return doors(sheet, doors).found(Samples.NOW).stream()
                .filter(door -> door.kind().id().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "call       | tel:+441174960142",
                "text       | sms:+447700900142",
                "chat       | https://wa.me/447700900142",
                "directions | https://www.openstreetmap.org/?mlat=49.70010&mlon=-7.40020#map=17/49.70010/-7.40020",
                "form       | ''",
                "follow     | ''",
            })
    void leadSomewhere(String kind, String address) {
        FoundDoor door = found(SHEET, Doors.none().withMessagesTo(List.of("ada@ashlatch.example")), kind);
        assertThat(door.state()).isEqualTo(FoundDoor.State.OPEN);
        assertThat(door.address()).isEqualTo(address);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "text  | sms:+447700900142?body=Hello%2C%20I%20have%20a%20stove%20%26%20a%20jackdaw",
                "chat  | https://wa.me/447700900142?text=Hello%2C%20I%20have%20a%20stove%20%26%20a%20jackdaw",
                "email | mailto:ada@ashlatch.example?subject=Hello%2C%20I%20have%20a%20stove%20%26%20a%20jackdaw",
            })
    void beginAMessageWithALine(String kind, String address) {
        Door door = Door.usual(new DoorKind(kind)).withOpening("Hello, I have a stove & a jackdaw");
        assertThat(found(
                                SHEET.with(Line.EMAIL, "ada@ashlatch.example"),
                                Doors.none().with(door),
                                kind)
                        .address())
                .isEqualTo(address);
    }

    @Test
    void directionsAreNeverCloserThanVisitorsMayKnow() {
        assertThat(found(SHEET.with(Line.PLACE_SHOWN, "town"), Doors.none(), "directions")
                        .address())
                .isEqualTo("https://www.openstreetmap.org/search?query=Quillhaven");
        assertThat(found(SHEET.with(Line.POINT, ""), Doors.none(), "directions").address())
                .isEqualTo("https://www.openstreetmap.org/search?query=3%20Net%20Loft%2C%20Quillhaven%20QH1%202AB");
        assertThat(found(SHEET.with(Line.PLACE_SHOWN, "hidden"), Doors.none(), "directions")
                        .missing())
                .isEqualTo("Where are you? The town will do.");
    }

    @ParameterizedTest
    @CsvSource({
        "call, Which number do people call?",
        "text, Which number takes texts?",
        "chat, Paste a link to a chat among your pages elsewhere.",
        "directions, Where are you? The town will do.",
        "follow, Where else are you on the web?",
    })
    void areAjarWithAQuestion(String kind, String missing) {
        FoundDoor door = found(TypedSheet.empty("GB", 1), Doors.none(), kind);
        assertThat(door.state()).isEqualTo(FoundDoor.State.AJAR);
        assertThat(door.missing()).isEqualTo(missing);
    }

    @Test
    void aNetworkPeopleDoNotChatOnIsNoChat() {
        TypedSheet sheet = SHEET.withLinks(List.of("https://www.instagram.com/ashlatch/"));
        assertThat(found(sheet, Doors.none(), "chat").state()).isEqualTo(FoundDoor.State.AJAR);
        assertThat(found(sheet, Doors.none(), "follow").state()).isEqualTo(FoundDoor.State.OPEN);
    }

    static List<DoorDescriptor> kinds() {
        return DoorKinds.all();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindHasItsWords(DoorDescriptor kind) {
        Premises premises = doors(SHEET, Doors.none()).premises();
        assertThat(kind.words()).isNotBlank();
        assertThat(kind.usualWords(premises)).isNotBlank().hasSizeLessThanOrEqualTo(Door.LONGEST_WORDS);
        if (!kind.isTriedWhole()) {
            assertThat(kind.test(premises, Door.usual(kind.kind()).withOpening("Hello")))
                    .isNotBlank()
                    .doesNotContain("{");
        }
        assertThat(kind.missing(doors(TypedSheet.empty("GB", 1), Doors.none()).premises()))
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource({"CALL, call", "WRITE, form", "BOOK, book", "VISIT, directions"})
    void theGoalNamesTheMainDoor(Goal goal, String kind) {
        assertThat(DoorKinds.main(goal).id()).isEqualTo(kind);
    }
}
