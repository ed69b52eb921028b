package ostium.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.Samples;
import ostium.core.brief.Brief;
import ostium.core.fact.Facts;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class LocalBusinessTest {
    private static TypedSheet read(String json) throws LocalBusinessReader.Unreadable {
        return LocalBusinessReader.read(json, 1).sheet();
    }

    @ParameterizedTest
    @ValueSource(strings = {"ashlatch", "wren-and-tindle", "bellkite"})
    void whatIsWrittenReadsBackTheSame(String name) throws LocalBusinessReader.Unreadable {
        Brief brief = Samples.brief(name);
        Facts again = Samples.read(read(LocalBusiness.json(brief, "https://x.example/")))
                .brief()
                .facts();
        for (String id : new String[] {"name", "trade", "telephone", "hours", "area", "place", "founded"}) {
            assertThat(again.say(id, "")).as(id).isEqualTo(brief.facts().say(id, ""));
        }
        assertThat(again.all(ostium.core.fact.Service.class))
                .extracting(fact -> fact.value().name() + " " + fact.value().price())
                .isEqualTo(brief.facts().all(ostium.core.fact.Service.class).stream()
                        .map(fact -> fact.value().name() + " " + fact.value().price())
                        .toList());
    }

    @Test
    void saysTheHoursAsSchemaOrgDoes() {
        JsonNode node = JsonMapper.shared().readTree(LocalBusiness.json(Samples.brief("ashlatch"), ""));
        JsonNode weekdays = node.path("openingHoursSpecification").path(0);
        assertThat(weekdays.path("dayOfWeek").size()).isEqualTo(5);
        assertThat(weekdays.path("opens").asString()).isEqualTo("08:00");
        assertThat(weekdays.path("closes").asString()).isEqualTo("17:30");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            {"name": "A",\\n "telephone": }                        | line 2: this is cut off or has a mark in the wrong place
            {"@type": "Person"}                                    | line 1, @type: there is no LocalBusiness
            """)
    void saysWhyNothingCanBeRead(String json, String message) {
        assertThatThrownBy(() -> read(json.replace("\\n", "\n")))
                .isInstanceOf(LocalBusinessReader.Unreadable.class)
                .hasMessageContaining(message);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            {"name": "A",\\n"telephone": {"a": 1}}                 | line 2, telephone: this should be a text
            {"name": "A",\\n\\n"address": 5}                       | line 3, address: this should be an address or a PostalAddress
            {"name": "A", "makesOffer": [{"price": 5}]}            | makesOffer: this should be a list of Offer with itemOffered.name
            {"name": "A", "openingHoursSpecification": [{"opens": "09:00"}]} | openingHoursSpecification: this should \
            be a list with dayOfWeek
            """)
    void namesTheLineAndTheFieldOfAMistakeAndReadsTheRest(String json, String fault)
            throws LocalBusinessReader.Unreadable {
        LocalBusinessReader.Read read = LocalBusinessReader.read(json.replace("\\n", "\n"), 1);
        assertThat(read.sheet().name()).isEqualTo("A");
        assertThat(read.faults()).singleElement().asString().contains(fault);
    }

    @Test
    void aTypeThatManyTradesShareSaysNoneOfThem() throws LocalBusinessReader.Unreadable {
        assertThat(read("{\"@type\": \"HairSalon\", \"name\": \"Marl & Reed\"}").trade())
                .isEmpty();
        assertThat(read("{\"@type\": \"HairSalon\", \"name\": \"Marl & Reed, barber\"}")
                        .trade())
                .isEqualTo("barber");
    }

    @Test
    void takesAGraphAnArrayAndOtherFormsOfTheSame() throws LocalBusinessReader.Unreadable {
        TypedSheet graph = read(
                "{\"@graph\": [{\"@type\": \"WebSite\", \"name\": \"no\"}, {\"@type\": \"Plumber\", \"name\": \"Yes\","
                        + " \"address\": \"1 Quay, Tolver\"}]}");
        assertThat(graph.name()).isEqualTo("Yes");
        assertThat(graph.trade()).isEqualTo("plumber");
        assertThat(graph.line(Line.PLACE)).isEqualTo("1 Quay, Tolver");
        TypedSheet list =
                read("[{\"@type\": \"LocalBusiness\", \"name\": \"B\", \"areaServed\": [{\"@type\": \"City\", \"name\":"
                        + " \"Tolver\"}, \"Upper Marl\"]}]");
        assertThat(list.line(Line.AREA)).isEqualTo("Tolver, Upper Marl");
    }

    @Test
    void namesWhatItLeftAlone() throws LocalBusinessReader.Unreadable {
        assertThat(LocalBusinessReader.read("{\"name\": \"A\", \"paymentAccepted\": \"cash\"}", 1)
                        .unused())
                .containsExactly("paymentAccepted");
    }
}
