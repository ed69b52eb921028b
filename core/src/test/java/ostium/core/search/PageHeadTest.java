package ostium.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.brief.Brief;
import ostium.core.fact.Facts;
import ostium.core.trade.TradeCatalogue;

class PageHeadTest {
    @Test
    void namesTheTradeTheTownAndTheBusiness() {
        PageHead head = PageHead.of(Samples.brief("ashlatch"));
        assertThat(head.title()).isEqualTo("Chimney sweep in Quillhaven · Ashlatch Chimney Care");
        assertThat(head.description()).contains("Quillhaven", "0117 496 0142");
    }

    @Test
    void staysWithinWhatAResultShowsForEveryTrade() {
        TradeCatalogue.shipped().all().forEach(trade -> {
            PageHead head = PageHead.of(Samples.read(Samples.of(trade, 6, 3)).brief());
            assertThat(head.title().length()).as(head.title()).isBetween(1, 60);
            assertThat(head.description().length()).as(head.description()).isBetween(1, 155);
        });
    }

    @Test
    void isNeverInvented() {
        PageHead head = PageHead.of(Brief.of(Facts.none("GB"), Samples.NOW));
        assertThat(head.title()).isEmpty();
    }
}
