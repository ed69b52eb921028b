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
import ostium.core.door.Doors;
import ostium.core.door.DoorsOf;
import ostium.core.draft.Drafter;
import ostium.core.hours.OpenState;
import ostium.core.hours.OpeningChange;
import ostium.core.hours.OpeningChanges;
import ostium.core.hours.OpeningTimes;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.TypedSheet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * One table of cases for what a visitor is told of the hours: here it runs through the rule and through the list of changes made
 * from it; in {@code site/src/visitor/opening.test.ts} the same list runs through the script.
 */
class OpeningCasesTest {
    private static final Path FILE = Path.of("../site/src/visitor/opening-cases.json");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    record Case(String name, Brief brief, JsonNode written) {
        @Override
        public String toString() {
            return name;
        }
    }

    static List<Case> cases() throws IOException {
        List<Case> cases = new ArrayList<>();
        for (JsonNode written : JSON.readTree(Files.readString(FILE))) {
            TypedSheet sheet = TypedSheet.empty(written.path("region").asString(), 1)
                    .with(Line.HOURS, written.path("hours").asString())
                    .with(Line.EXCEPTIONS, written.path("exceptions").asString())
                    .with(Line.ZONE, written.path("zone").asString());
            Instant now = Instant.parse(written.path("now").asString());
            cases.add(new Case(
                    written.path("name").asString(),
                    SheetReader.read(sheet, now).brief(),
                    written));
        }
        return cases;
    }

    @ParameterizedTest
    @MethodSource("cases")
    void theRuleAndTheListSayTheSame(Case each) {
        OpeningTimes times = each.brief().facts().openingTimes().orElseThrow();
        Instant from = Instant.parse(each.written().path("now").asString()).minusSeconds(3 * 86_400);
        List<OpeningChange> changes =
                OpeningChanges.of(times, each.brief().facts().zone(), from, OpeningChanges.DAYS);
        for (JsonNode check : each.written().path("checks")) {
            Instant at = Instant.parse(check.path("at").asString());
            OpenState state = times.at(at, each.brief().facts().zone());
            OpeningChange change = OpeningChanges.at(changes, at).orElseThrow();
            assertThat(state.open())
                    .as("%s, %s", each, at)
                    .isEqualTo(check.path("open").asBoolean());
            assertThat(change.open())
                    .as("%s, %s", each, at)
                    .isEqualTo(check.path("open").asBoolean());
            assertThat(change.words())
                    .as("%s, %s", each, at)
                    .isEqualTo(check.path("words").asString());
        }
    }

    private static DoorsOf doors(Brief brief) {
        return Doors.none().of(brief.facts(), Drafter.draft(brief, new Seed(1)).site());
    }

    @Test
    void theScriptIsTestedWithTheListsOfToday() throws IOException {
        String before = Files.readString(FILE);
        var all = JSON.createArrayNode();
        for (Case each : cases()) {
            ObjectNode written = (ObjectNode) each.written();
            written.set(
                    "changes",
                    JSON.readTree(
                            Opening.of(each.brief(), doors(each.brief()), "").changes()));
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
