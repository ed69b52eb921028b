package ostium.core.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Drafter;
import ostium.core.edit.Applied;
import ostium.core.edit.EditRefused;
import ostium.core.edit.State;
import ostium.core.edit.WholeEdit;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.Goal;

/** Which doors stand where, and what can be set on them. */
class DoorPlacesTest {
    private static final TypedSheet SHEET =
            Samples.sheet("ashlatch").with(Line.TEXTS, "07700 900142").with(Line.PLACE, "Quillhaven");
    private static final Doors DOORS = Doors.none().withMessagesTo(List.of("ada@ashlatch.example"));
    private static final State STATE = State.begun(SHEET).withDoors(DOORS);

    private static List<DoorKind> kinds(String ids) {
        return Arrays.stream(ids.split(" "))
                .filter(id -> !id.isEmpty())
                .map(DoorKind::new)
                .toList();
    }

    private static String at(Doors doors, TypedSheet sheet, DoorPlace place, Goal goal) {
        Brief brief = SheetReader.read(sheet, Samples.NOW).brief();
        return doors.of(brief.facts(), Drafter.draft(brief, new Seed(1)).site()).at(place, goal).stream()
                .map(DoorKind::id)
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest(name = "{0} with the goal {1}: {2}")
    @CsvSource({
        "HEAD, CALL, call",
        "OPENING, CALL, call form",
        "OPENING, WRITE, form call",
        "OPENING, BOOK, form call",
        "OPENING, VISIT, call directions",
        "BAND, CALL, form",
        "BAR, WRITE, call form",
    })
    void standAsTheGoalAsks(DoorPlace place, Goal goal, String kinds) {
        assertThat(at(DOORS, SHEET, place, goal)).isEqualTo(kinds);
    }

    @Test
    void aFormWhoseMessagesGoNowhereYetStandsAllTheSame() {
        assertThat(at(Doors.none(), SHEET, DoorPlace.OPENING, Goal.WRITE)).isEqualTo("form call");
    }

    @Test
    void withoutAFormMailTakesItsPlace() {
        Doors shut = DOORS.with(Door.usual(new DoorKind("form")).withShut(true));
        assertThat(at(shut, SHEET, DoorPlace.OPENING, Goal.WRITE)).isEqualTo("email call");
    }

    @Test
    void standWhereTheOwnerPutsThem() {
        Doors placed = ((WholeEdit) new WholeEdit.PlaceDoors(DoorPlace.BAR, kinds("text form"), false))
                .apply(STATE)
                .state()
                .doors();
        assertThat(at(placed, SHEET, DoorPlace.BAR, Goal.CALL)).isEqualTo("text form");
        assertThat(at(placed, SHEET.with(Line.TEXTS, ""), DoorPlace.BAR, Goal.CALL))
                .as("one that is ajar stands nowhere")
                .isEqualTo("form");
    }

    @Test
    void anEmptyPlaceStaysEmptyAndTheUsualComesBack() {
        WholeEdit none = new WholeEdit.PlaceDoors(DoorPlace.HEAD, List.of(), false);
        Applied applied = none.apply(STATE);
        assertThat(at(applied.state().doors(), SHEET, DoorPlace.HEAD, Goal.CALL))
                .isEmpty();
        assertThat(applied.inverse().apply(applied.state()).state()).isEqualTo(STATE);
    }

    @Nested
    class AreRefused {
        private void refused(WholeEdit edit, String words) {
            assertThatThrownBy(() -> edit.apply(STATE))
                    .isInstanceOf(EditRefused.class)
                    .hasMessage(words);
        }

        private void refused(Door door, String words) {
            refused(new WholeEdit.SetDoor(door), words);
        }

        private final Door call = Door.usual(new DoorKind("call"));

        @Test
        void whereThereIsNoRoom() {
            refused(
                    new WholeEdit.PlaceDoors(DoorPlace.BAR, kinds("call text form"), false),
                    "At most 2 doors fit here, each once.");
            refused(
                    new WholeEdit.PlaceDoors(DoorPlace.BAR, kinds("call call"), false),
                    "At most 2 doors fit here, each once.");
            refused(new WholeEdit.PlaceDoors(DoorPlace.HEAD, kinds("call text"), false), "One door fits here.");
            refused(
                    new WholeEdit.PlaceDoors(DoorPlace.HEAD, kinds("follow"), false),
                    "Follow stands at the foot of every page.");
        }

        @Test
        void withWordsThatDoNotFit() {
            refused(call.withWords("x".repeat(41)), "At most 40 characters fit on a door; this has 41.");
            refused(call.withOpening("x".repeat(161)), "At most 160 characters; this has 161.");
        }

        @Test
        void withHoursThatCannotBeRead() {
            refused(
                    call.withHours(new DoorHours(DoorHours.When.OWN, "when I am in")),
                    "“when” is not something we can read as hours.");
            assertThatThrownBy(() -> new WholeEdit.SetDoor(
                                    call.withHours(new DoorHours(DoorHours.When.OWN, "Mon-Fri 8-8")))
                            .apply(STATE))
                    .hasMessageContaining("Write one of these:");
        }

        @Test
        void ofAnUnknownKind() {
            refused(Door.usual(new DoorKind("pigeon")), "There is no such door.");
        }

        @Test
        void standingInForThemselvesOrWhileTheyKeepHours() {
            refused(call.withStandIn(new DoorKind("call")), "Call cannot stand in here.");
            refused(call.withStandIn(new DoorKind("directions")), "Directions cannot stand in here.");
            DoorHours inHours = new DoorHours(DoorHours.When.IN_HOURS, "");
            Door text = Door.usual(new DoorKind("text"));
            State textKeepsHours = STATE.withDoors(DOORS.with(text.withHours(inHours)));
            assertThatThrownBy(() -> new WholeEdit.SetDoor(call.withStandIn(text.kind())).apply(textKeepsHours))
                    .hasMessage(
                            "Text keeps hours itself, so it cannot stand in. Choose a door that is open at every hour.");
            State textStandsIn = STATE.withDoors(DOORS.with(call.withStandIn(text.kind())));
            assertThatThrownBy(() -> new WholeEdit.SetDoor(text.withHours(inHours)).apply(textStandsIn))
                    .hasMessage("Text stands in for Call, so it is open at every hour. Give Call another door first.");
        }
    }
}
