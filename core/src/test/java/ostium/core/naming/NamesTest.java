package ostium.core.naming;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.EachTrade;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

class NamesTest {
    private static Brief brief(Trade trade, String person, String place) {
        TypedSheet sheet = TypedSheet.empty("GB", 1)
                .with(Line.TRADE, trade.id().equals("general") ? "falconer" : trade.name())
                .with(Line.PERSON, person)
                .with(Line.PLACE, place);
        return Samples.read(sheet).brief();
    }

    static Stream<Trade> trades() {
        return EachTrade.all().stream();
    }

    @ParameterizedTest
    @MethodSource("trades")
    void areSayableShortAndNoTradesOwnName(Trade trade) {
        for (int seed = 0; seed < 3; seed++) {
            List<Names.Name> names =
                    Names.propose(brief(trade, "Ada Ashlatch", "2 Sail Street, Tolver QH4 1AA"), new Seed(seed), 6);
            assertThat(names).as(trade.id()).hasSizeGreaterThanOrEqualTo(5);
            assertThat(names).extracting(Names.Name::address).doesNotHaveDuplicates();
            for (Names.Name name : names) {
                assertThat(name.name()).hasSizeBetween(4, 28).doesNotContain("{");
                assertThat(name.address()).matches("[a-z0-9]+(-[a-z0-9]+)*");
                assertThat(trade.names()).noneMatch(own -> own.words().equalsIgnoreCase(name.name()));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("trades")
    void comeFromTheTradeAloneToo(Trade trade) {
        assertThat(Names.propose(brief(trade, "", ""), new Seed(3), 6))
                .as(trade.id())
                .isNotEmpty();
    }

    @Test
    void useTheNameAndThePlaceOnceTheyAreKnown() {
        Trade sweep = TradeCatalogue.shipped().byId("chimney-sweep");
        Set<String> all = new HashSet<>();
        for (int seed = 0; seed < 40; seed++) {
            Names.propose(brief(sweep, "Ada Ashlatch", "Quillhaven"), new Seed(seed), 6)
                    .forEach(name -> all.add(name.name()));
        }
        assertThat(all).contains("The Quillhaven Chimney Sweep", "Ashlatch Chimney Sweeping", "Brush & Ladder");
        assertThat(all).hasSizeGreaterThan(12);
    }

    @Test
    void differForAnotherSeed() {
        Brief brief = brief(TradeCatalogue.shipped().byId("tailor"), "Marguerite Bell", "Tolver");
        assertThat(Names.propose(brief, new Seed(1), 6)).isNotEqualTo(Names.propose(brief, new Seed(2), 6));
        assertThat(Names.propose(brief, new Seed(1), 6)).isEqualTo(Names.propose(brief, new Seed(1), 6));
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource({
        "Ashlatch Chimney Care,true",
        "Plumber,false",
        "The Plumber,false",
        "Plummber,false",
        "Xzqrtvbnk Works,false",
        "Bell Bell,false",
        "Ty,false",
        "Brush & Ladder,true",
        "The Honourable Company of Chimney Sweepers,false"
    })
    void turnsBadOnesAway(String name, boolean good) {
        assertThat(Names.isGood(name)).isEqualTo(good);
    }

    /** "Others" are others, whatever seed a site was given. */
    @Test
    void ofAFurtherListAreNoneOfTheLast() {
        Brief brief = brief(TradeCatalogue.shipped().byId("tailor"), "", "Tolver");
        EachTrade.seeds(40).forEach(seed -> {
            List<String> before = List.of();
            for (int turn = 0; turn < 4; turn++) {
                List<String> now = Names.others(brief, new Seed(seed), turn, 6).stream()
                        .map(Names.Name::address)
                        .toList();
                assertThat(now).as("seed %d, turn %d", seed, turn).isNotEmpty();
                if (turn > 0) {
                    assertThat(now).as("seed %d, turn %d", seed, turn).doesNotContainAnyElementsOf(before);
                }
                before = now;
            }
        });
    }
}
