package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.draft.TradeLook;
import ostium.core.look.House;
import ostium.core.sheet.TypedSheet;
import ostium.core.site.Site;
import ostium.core.trade.TradeCatalogue;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The edits that the browser applies itself, by the files its tests use too: {@code shared-edits.json} holds one site, and
 * for each edit the site after it; {@code shared-sheet-edits.json} the same for the facts sheet.
 */
class SharedFixturesTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private record Case(String name, Edit edit, JsonNode after) {
        @Override
        public String toString() {
            return name;
        }
    }

    private record Fixtures(Site site, List<Case> cases) {}

    private record SheetFixtures(TypedSheet sheet, List<Case> cases) {}

    private static Fixtures fixtures() throws IOException {
        return read("shared-edits.json", Fixtures.class);
    }

    private static <T> T read(String name, Class<T> type) throws IOException {
        try (InputStream in = SharedFixturesTest.class.getResourceAsStream("/ostium/edit/" + name)) {
            return JSON.readValue(in, type);
        }
    }

    static Stream<Case> sheetCases() throws IOException {
        return read("shared-sheet-edits.json", SheetFixtures.class).cases().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("sheetCases")
    void theSheetAfterAnEditIsTheSameAsInTheBrowser(Case each) throws IOException {
        State state =
                State.begun(read("shared-sheet-edits.json", SheetFixtures.class).sheet());
        JsonNode after = JSON.readTree(
                JSON.writeValueAsString(each.edit().apply(state).state().sheet()));
        assertThat(after).isEqualTo(each.after());
    }

    static Stream<Case> cases() throws IOException {
        return fixtures().cases().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void theSiteAfterAnEditIsTheSameAsInTheBrowser(Case each) throws IOException {
        State state = new State(
                Samples.sheet("ashlatch"),
                fixtures().site(),
                TradeLook.of(TradeCatalogue.shipped().byId("chimney-sweep"), House.WORKSHOP, new Seed(1)),
                null);
        JsonNode after = JSON.readTree(
                JSON.writeValueAsString(each.edit().apply(state).state().site()));
        assertThat(after).isEqualTo(each.after());
    }
}
