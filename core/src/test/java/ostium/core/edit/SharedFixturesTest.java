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
import ostium.core.site.Site;
import ostium.core.trade.TradeCatalogue;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The edits that the browser applies itself, by the file its tests use too: {@code shared-edits.json} holds one site,
 * and for each edit the site after it.
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

    private static Fixtures fixtures() throws IOException {
        try (InputStream in = SharedFixturesTest.class.getResourceAsStream("/ostium/edit/shared-edits.json")) {
            return JSON.readValue(in, Fixtures.class);
        }
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
