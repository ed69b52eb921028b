package ostium.core.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.door.call.CallDoor;
import ostium.core.door.email.EmailDoor;
import ostium.core.door.form.FormDoor;
import ostium.core.draft.Drafter;
import ostium.core.edit.Applied;
import ostium.core.edit.State;
import ostium.core.edit.WholeEdit;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;
import ostium.core.site.Site;

/** What a visitor finds at the doors of a business, at an instant. */
class DoorsTest {
    private static final TypedSheet SHEET =
            Samples.sheet("ashlatch").with(Line.HOURS, "Mon-Fri 9-5").with(Line.EXCEPTIONS, "3 Dec 2026 closed");
    private static final Instant NOON = Instant.parse("2026-12-02T12:00:00Z");

    private static FoundDoor find(TypedSheet sheet, Doors doors, DoorKind kind, Instant t) {
        Brief brief = SheetReader.read(sheet, Samples.NOW).brief();
        Site site = Drafter.draft(brief, new Seed(1)).site();
        return doors.found(brief.facts(), site, t).stream()
                .filter(found -> found.kind().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    @Nested
    class HowTheyStand {
        @Test
        void openWithAllTheyNeed() {
            Doors doors = Doors.none().withMessagesTo(List.of("ada@ashlatch.example"));
            assertThat(find(SHEET, doors, CallDoor.KIND, NOON).address()).isEqualTo("tel:+441174960142");
            assertThat(find(SHEET, doors, EmailDoor.KIND, NOON).address()).startsWith("mailto:");
            assertThat(find(SHEET, doors, FormDoor.KIND, NOON).isOpen()).isTrue();
        }

        @Test
        void ajarWithWhatIsMissingSaid() {
            TypedSheet sheet = SHEET.with(Line.TELEPHONE, "");
            FoundDoor call = find(sheet, Doors.none(), CallDoor.KIND, NOON);
            assertThat(call.state()).isEqualTo(FoundDoor.State.AJAR);
            assertThat(call.missing()).isEqualTo("Which number do people call?");
            assertThat(find(SHEET, Doors.none(), FormDoor.KIND, NOON).missing()).isEqualTo("Who is told of messages?");
        }

        @Test
        void shutByTheOwnerAndLeadingNowhere() {
            Doors doors = Doors.none().with(Door.usual(CallDoor.KIND).withShut(true));
            FoundDoor call = find(SHEET, doors, CallDoor.KIND, NOON);
            assertThat(call.state()).isEqualTo(FoundDoor.State.SHUT);
            assertThat(call.answered()).isFalse();
            assertThat(call.address()).isEmpty();
        }
    }

    @ParameterizedTest(name = "{0} at {1}: {2}")
    @CsvSource({
        "ALWAYS, 2026-12-02T03:00:00Z, true",
        "IN_HOURS, 2026-12-02T08:59:59Z, false",
        "IN_HOURS, 2026-12-02T09:00:00Z, true",
        "IN_HOURS, 2026-12-02T17:00:00Z, false",
        "IN_HOURS, 2026-12-03T12:00:00Z, false",
        "OUT_OF_HOURS, 2026-12-02T12:00:00Z, false",
        "OUT_OF_HOURS, 2026-12-02T20:00:00Z, true",
        "OUT_OF_HOURS, 2026-12-03T12:00:00Z, true",
        "OWN, 2026-12-05T10:00:00Z, true",
        "OWN, 2026-12-02T12:00:00Z, false",
    })
    void areAnsweredInTheirHours(DoorHours.When when, Instant t, boolean answered) {
        Door call = Door.usual(CallDoor.KIND)
                .withHours(new DoorHours(when, "Sat 9-12"))
                .withStandIn(EmailDoor.KIND);
        FoundDoor found = find(SHEET, Doors.none().with(call), CallDoor.KIND, t);
        assertThat(found.answered()).isEqualTo(answered);
        assertThat(found.leadsTo().isPresent()).isEqualTo(!answered);
    }

    @Test
    void whereNoHoursAreKnownADoorInHoursIsAnswered() {
        Door call = Door.usual(CallDoor.KIND).withHours(new DoorHours(DoorHours.When.IN_HOURS, ""));
        TypedSheet sheet = SHEET.with(Line.HOURS, "").with(Line.EXCEPTIONS, "");
        assertThat(find(sheet, Doors.none().with(call), CallDoor.KIND, NOON).answered())
                .isTrue();
    }

    @Test
    void areSetByAnEditThatIsTakenBackExactly() {
        State state = State.begun(SHEET);
        Door shut = Door.usual(CallDoor.KIND).withShut(true).withWords("Ring us");
        Applied applied = new WholeEdit.SetDoor(shut).apply(state);
        assertThat(applied.state().doors().door(CallDoor.KIND)).isEqualTo(shut);
        assertThat(applied.inverse().apply(applied.state()).state()).isEqualTo(state);
    }

    @Test
    void aKindOfDoorIsSetOnce() {
        Door door = Door.usual(CallDoor.KIND);
        assertThatThrownBy(() -> new Doors(List.of(), List.of(door, door), Map.of(), Map.of(), 0, null, Map.of()))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
