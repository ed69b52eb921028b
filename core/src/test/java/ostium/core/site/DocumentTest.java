package ostium.core.site;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Drafter;
import ostium.core.draft.TradeLook;
import ostium.core.fact.Facts;
import ostium.core.look.Look;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.EachTrade;
import ostium.core.trade.Trade;
import tools.jackson.databind.json.JsonMapper;

/** What is stored reads back the same: documents, facts, looks and sheets as JSON. */
class DocumentTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static <T> T outAndIn(T value, Class<T> type) {
        return JSON.readValue(JSON.writeValueAsString(value), type);
    }

    static List<Trade> trades() {
        return EachTrade.all();
    }

    @ParameterizedTest
    @MethodSource("trades")
    void aDocumentIsTheSameOutAndIn(Trade trade) {
        Brief brief = Samples.read(Samples.of(trade, 4, 3)).brief();
        for (long seed = 0; seed < 4; seed++) {
            Site site = Drafter.draft(brief, new Seed(seed)).site();
            assertThat(outAndIn(site, Site.class)).isEqualTo(site);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"ashlatch", "wren-and-tindle", "bellkite"})
    void looksAndSheetsAreTheSameOutAndIn(String business) {
        Brief brief = Samples.brief(business);
        Look look = TradeLook.of(brief.trade(), new Seed(5));
        assertThat(outAndIn(look, Look.class)).isEqualTo(look);
        assertThat(outAndIn(Samples.sheet(business), TypedSheet.class)).isEqualTo(Samples.sheet(business));
    }

    @Test
    void aTextOfEveryKindOfNodeIsTheSameOutAndInAndPlainToRead() {
        Facts facts = Samples.brief("ashlatch").facts();
        Text text = new Text(
                "t1",
                Text.Mark.OWN,
                List.of(
                        new Node.Paragraph(List.of(
                                new Node.Words("Call "),
                                new Node.Strong(List.of(new Node.LinkedFact("telephone", "national"))),
                                new Node.Words(" or "),
                                new Node.LinkTo(
                                        "#enquiry", List.of(new Node.Emphasis(List.of(new Node.Words("write"))))))),
                        new Node.Bullets(List.of(new Node.Paragraph(List.of(new Node.Words("One")))))),
                Text.Origin.own());
        assertThat(outAndIn(text, Text.class)).isEqualTo(text);
        assertThat(PlainText.of(text, facts)).isEqualTo("Call 0117 496 0142 or write\nOne");
    }

    @Test
    void aLinkToAFactThatIsGoneSaysNothing() {
        Text text = new Text(
                "t1",
                Text.Mark.SUGGESTED,
                List.of(new Node.Paragraph(List.of(new Node.Words("In "), new Node.LinkedFact("gone", "")))),
                Text.Origin.own());
        assertThat(PlainText.of(text, Facts.none("GB"))).isEqualTo("In");
    }

    @Test
    void aSiteHasAtLeastOnePage() {
        Site site = Drafter.draft(Samples.brief("ashlatch"), new Seed(1)).site();
        assertThatIllegalArgumentException().isThrownBy(() -> new Site(site.masthead(), List.of(), site.footer()));
    }
}
