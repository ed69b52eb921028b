package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.door.Door;
import ostium.core.door.DoorHours;
import ostium.core.door.DoorKind;
import ostium.core.door.DoorMoment;
import ostium.core.door.Doors;
import ostium.core.door.DoorsOf;
import ostium.core.draft.Drafter;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a visitor finds at the doors, at an instant: one table of cases for the rule, for the list a page carries, and (in
 * {@code doors.test.ts}) for the script that compares the clock with it.
 */
class DoorCasesTest {
    private static final Path FILE = Path.of("../site/src/visitor/door-cases.json");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    record Case(Brief brief, DoorsOf doors, JsonNode written) {
        @Override
        public String toString() {
            return written.path("name").asString();
        }

        String changes() {
            return Opening.of(brief, doors, "").changes();
        }
    }

    static List<Case> cases() throws IOException {
        List<Case> cases = new ArrayList<>();
        for (JsonNode written : JSON.readTree(Files.readString(FILE))) {
            TypedSheet sheet = TypedSheet.empty(written.path("region").asString(), 1)
                    .with(Line.TRADE, "chimney sweep")
                    .with(Line.NAME, "Ashlatch")
                    .with(Line.TELEPHONE, written.path("telephone").asString())
                    .with(Line.TEXTS, "the same number")
                    .with(Line.HOURS, written.path("hours").asString())
                    .with(Line.EXCEPTIONS, written.path("exceptions").asString())
                    .with(Line.ZONE, written.path("zone").asString());
            Brief brief = SheetReader.read(
                            sheet, Instant.parse(written.path("now").asString()))
                    .brief();
            Doors doors = Doors.none().withMessagesTo(List.of("ada@ashlatch.example"));
            for (JsonNode door : written.path("doors")) {
                doors = doors.with(door(door));
            }
            cases.add(new Case(
                    brief,
                    doors.of(brief.facts(), Drafter.draft(brief, new Seed(1)).site()),
                    written));
        }
        return cases;
    }

    private static Door door(JsonNode written) {
        String standsIn = written.path("standsIn").asString("");
        return Door.usual(new DoorKind(written.path("kind").asString()))
                .withHours(new DoorHours(
                        DoorHours.When.valueOf(written.path("when").asString("ALWAYS")),
                        written.path("own").asString("")))
                .withStandIn(standsIn.isEmpty() ? null : new DoorKind(standsIn))
                .withShut(written.path("shut").asBoolean(false));
    }

    private static String words(List<DoorKind> kinds) {
        return String.join(" ", kinds.stream().map(DoorKind::id).toList());
    }

    @ParameterizedTest
    @MethodSource("cases")
    void theRuleAndTheListSayTheSame(Case each) {
        String changes = each.changes();
        for (JsonNode check : each.written().path("checks")) {
            Instant at = Instant.parse(check.path("at").asString());
            DoorMoment moment = each.doors().moment(at);
            DoorTimetable.Shown shown = DoorTimetable.at(changes, at);
            assertThat(words(moment.away()))
                    .as("%s, %s", each, at)
                    .isEqualTo(check.path("away").asString());
            assertThat(words(moment.shut()))
                    .as("%s, %s", each, at)
                    .isEqualTo(check.path("shut").asString());
            assertThat(shown.away())
                    .as("%s, %s", each, at)
                    .isEqualTo(check.path("away").asString());
            assertThat(shown.shut())
                    .as("%s, %s", each, at)
                    .isEqualTo(check.path("shut").asString());
        }
    }

    @Test
    void aPageOfBeforeDoorsHadHoursShowsThemAll() {
        assertThat(DoorTimetable.at("{\"from\":1,\"says\":[],\"steps\":[]}", Instant.EPOCH))
                .isEqualTo(DoorTimetable.Shown.ALL_OPEN);
        assertThat(DoorTimetable.at("damaged", Instant.EPOCH)).isEqualTo(DoorTimetable.Shown.ALL_OPEN);
    }

    @Test
    void theScriptIsTestedWithTheListsOfToday() throws IOException {
        String before = Files.readString(FILE);
        var all = JSON.createArrayNode();
        for (Case each : cases()) {
            ObjectNode written = (ObjectNode) each.written();
            written.set("changes", JSON.readTree(each.changes()));
            all.add(written);
        }
        String now = JSON.writerWithDefaultPrettyPrinter().writeValueAsString(all) + "\n";
        if (!JSON.readTree(before).equals(JSON.readTree(now))) {
            Files.writeString(FILE, now);
        }
        assertThat(JSON.readTree(before).equals(JSON.readTree(now)))
                .as("the lists are those of today; where not, the file was brought up to date: commit it")
                .isTrue();
    }
}
