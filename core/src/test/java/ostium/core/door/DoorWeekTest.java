package ostium.core.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Drafter;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;

/** Seven days of the doors, as the owner's week band draws them. */
class DoorWeekTest {
    private static final TypedSheet SHEET = Samples.sheet("ashlatch")
            .with(Line.HOURS, "Mon-Fri 9-5")
            .with(Line.EXCEPTIONS, "3 Dec 2026 closed, guild day");
    private static final DoorKind CALL = new DoorKind("call");
    private static final Doors DOORS = Doors.none()
            .withMessagesTo(List.of("ada@ashlatch.example"))
            .with(Door.usual(CALL)
                    .withHours(new DoorHours(DoorHours.When.IN_HOURS, ""))
                    .withStandIn(new DoorKind("form")));

    private static DoorsOf doors(TypedSheet sheet, Doors doors) {
        Brief brief = SheetReader.read(sheet, Samples.NOW).brief();
        return doors.of(brief.facts(), Drafter.draft(brief, new Seed(1)).site());
    }

    private static DoorWeek week(Doors doors, String day) {
        return DoorWeek.of(doors(SHEET, doors), LocalDate.parse(day));
    }

    private static String lane(DoorWeek week, String kind) {
        return week.lane(new DoorKind(kind)).stream()
                .map(stretch -> stretch.from() / 1440 + "." + stretch.from() % 1440 / 60 + "-" + stretch.to() / 1440
                        + "." + stretch.to() % 1440 / 60)
                .collect(Collectors.joining(" "));
    }

    @Test
    void beginsOnMondayAndLeavesTheDayOffOut() {
        DoorWeek week = week(DOORS, "2026-12-05");
        assertThat(week.monday()).isEqualTo(LocalDate.parse("2026-11-30"));
        assertThat(lane(week, "call")).isEqualTo("0.9-0.17 1.9-1.17 2.9-2.17 4.9-4.17");
        assertThat(lane(week, "form")).isEqualTo("0.0-7.0");
        assertThat(lane(week, "chat")).as("not open").isEmpty();
        assertThat(week.differing()).containsExactly(new DoorWeek.Differs(LocalDate.parse("2026-12-03"), "guild day"));
    }

    @Test
    void aDoorOutOfHoursIsAnsweredInBetween() {
        Doors doors = DOORS.with(Door.usual(CALL).withHours(new DoorHours(DoorHours.When.OUT_OF_HOURS, "")));
        assertThat(lane(week(doors, "2026-12-05"), "call")).isEqualTo("0.0-0.9 0.17-1.9 1.17-2.9 2.17-4.9 4.17-7.0");
    }

    @Test
    void saysWhatAVisitorFinds() {
        DoorWeek week = week(DOORS, "2026-12-02");
        List<DoorWeek.Moment> moments = week.moments();
        assertThat(moments.get(0).says())
                .isEqualTo(
                        "Nobody answers the telephone. A visitor can leave a message, write an e-mail or find the way.");
        assertThat(moments.get(1).minute()).isEqualTo(9 * 60);
        assertThat(moments.get(1).says())
                .isEqualTo("A visitor can call, leave a message, write an e-mail or find the way.");
        assertThat(moments).extracting(DoorWeek.Moment::minute).isSorted();
    }

    @Test
    void theClockChangeIsAMomentOfItsOwn() {
        DoorWeek week = week(DOORS, "2027-03-28");
        assertThat(week.moments()).anySatisfy(moment -> {
            assertThat(moment.at()).isEqualTo(Instant.parse("2027-03-28T01:00:00Z"));
            assertThat(moment.minute()).as("two o'clock, an hour on").isEqualTo(6 * 1440 + 120);
        });
        assertThat(week.minuteOf(Instant.parse("2027-03-28T12:00:00Z"))).hasValue(6 * 1440 + 13 * 60);
        assertThat(week.minuteOf(Instant.parse("2027-03-29T12:00:00Z"))).isEmpty();
    }

    @Test
    void theChangesOfAPageAreThoseOfTheRule() {
        DoorsOf doors =
                doors(SHEET, DOORS.with(Door.usual(new DoorKind("email")).withShut(true)));
        Instant from = Instant.parse("2026-11-30T00:00:00Z");
        var moments = doors.moments(from, 400);
        for (Instant t = from; t.isBefore(from.plusSeconds(20 * 86_400)); t = t.plusSeconds(900)) {
            Instant last = moments.headMap(t.plusSeconds(1)).lastKey();
            assertThat(moments.get(last)).as("%s", t).isEqualTo(doors.moment(t));
        }
        assertThat(doors.moment(from).away()).containsExactly(CALL);
        assertThat(doors.moment(from).shut()).containsExactly(new DoorKind("email"));
        assertThat(doors.moment(Instant.parse("2026-12-02T12:00:00Z")).away()).isEmpty();
    }
}
