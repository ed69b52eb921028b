package ostium.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.draft.Seed;
import ostium.core.trade.TradeCatalogue;

class PaintCardTest {
    static List<PaintCard> cards() {
        return PaintCards.all();
    }

    @ParameterizedTest(name = "{0} on {1}: {2}")
    @CsvSource({"#000000,#ffffff,21.0", "#ffffff,#ffffff,1.0", "#777777,#ffffff,4.48", "#595959,#ffffff,7.0"})
    void contrastIsThatOfWcag(String a, String b, double ratio) {
        assertThat(new Colour(a).contrast(new Colour(b))).isCloseTo(ratio, within(0.02));
    }

    @ParameterizedTest
    @MethodSource("cards")
    void everyPairThatMeetsOnAPagePasses(PaintCard card) {
        assertThat(card.pairs())
                .allSatisfy(pair -> assertThat(pair.contrast())
                        .as("%s: %s, %s on %s", card.id(), pair.words(), pair.above(), pair.below())
                        .isGreaterThanOrEqualTo(pair.needed()));
    }

    @Test
    void mixingGoesFromOneColourToTheOther() {
        Colour black = new Colour("#000000");
        Colour white = new Colour("#ffffff");
        assertThat(white.mix(0, black)).isEqualTo(black);
        assertThat(white.mix(100, black)).isEqualTo(white);
        assertThat(white.mix(50, black)).isEqualTo(new Colour("#636363"));
    }

    @Test
    void everyTradeGetsALookOfOneOfItsMoods() {
        TradeCatalogue.shipped().all().forEach(trade -> {
            for (long seed = 0; seed < 10; seed++) {
                assertThat(Look.of(trade, new Seed(seed)).paint().moods())
                        .as(trade.id())
                        .containsAnyElementsOf(trade.moods());
            }
        });
    }
}
