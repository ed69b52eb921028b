package ostium.core.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.base.Seed;
import ostium.core.draft.TradeLook;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

@Tag("long")
class PaintCardTest {
    private static final List<String> MOODS = List.of("soot");

    static List<PaintMixes.Named> shipped() {
        return PaintMixes.all();
    }

    private static void passes(PaintCard card, String of) {
        for (PaintCard.Pair pair : card.pairs()) {
            assertThat(pair.contrast())
                    .as("%s in %s: %s, %s on %s", of, card.house(), pair.words(), pair.above(), pair.below())
                    .isGreaterThanOrEqualTo(pair.needed());
        }
    }

    private static void passesInEveryHouse(PaintMix mix, String of) {
        for (House house : House.values()) {
            passes(PaintCard.of(house, mix), of);
        }
    }

    @Nested
    class EveryPairPasses {
        @ParameterizedTest
        @MethodSource("ostium.core.look.PaintCardTest#shipped")
        void ofEveryMixThatShips(PaintMixes.Named named) {
            passesInEveryHouse(named.mix(), named.id());
        }

        @Test
        void ofAllTradesInAllHousesWithSeveralSeeds() {
            for (Trade trade : TradeCatalogue.shipped().all()) {
                for (House house : House.values()) {
                    for (long seed = 1; seed <= 4; seed++) {
                        passes(TradeLook.of(trade, house, new Seed(seed)).paint(), trade.id());
                    }
                }
            }
        }

        @Test
        void ofAnyFourColoursSomebodyCouldWish() {
            Random random = new Random(20);
            for (int i = 0; i < 600; i++) {
                PaintMix mix = new PaintMix(
                        ColourTest.drawn(random),
                        ColourTest.drawn(random),
                        ColourTest.drawn(random),
                        ColourTest.drawn(random));
                passesInEveryHouse(mix, mix.toString());
            }
        }

        @ParameterizedTest
        @CsvSource({"#ffff00", "#ffffff", "#000000", "#808080", "#00ffff", "#ff00ff", "#00ff00", "#fffff0", "#010000"})
        void ofTheMostAwkwardBrands(String brand) {
            for (long seed = 1; seed <= 8; seed++) {
                passesInEveryHouse(PaintMixes.ofBrand(new Colour(brand), MOODS, new Seed(seed)), brand);
            }
        }

        @Test
        void afterAnyStepsInAnyOrder() {
            Random random = new Random(21);
            List<Trade> trades = TradeCatalogue.shipped().all();
            for (int i = 0; i < 120; i++) {
                Look look = TradeLook.of(trades.get(random.nextInt(trades.size())), new Seed(i));
                List<LookStep> taken = new ArrayList<>();
                for (int step = 0; step < 8; step++) {
                    taken.add(LookStep.values()[random.nextInt(LookStep.values().length)]);
                    look = taken.get(step).of(look, new Seed(step));
                    passes(look.paint(), taken.toString());
                }
            }
        }
    }

    @Nested
    class AWishedColour {
        @ParameterizedTest(name = "{0} in {1}")
        @CsvSource({
            "#7a1f2b, WORKSHOP",
            "#7a1f2b, PARLOUR",
            "#1b2d57, CHAMBERS",
            "#000000, STUDIO",
            "#14634a, KIOSK",
            "#2c5a39, GARDEN"
        })
        void staysAsItIsWhereItCanBeRead(String brand, House house) {
            PaintMix mix = PaintMixes.ofBrand(new Colour(brand), MOODS, new Seed(3));
            assertThat(PaintCard.of(house, mix).paint()).isEqualTo(new Colour(brand));
        }

        @Test
        void isElseMovedInLightnessAndKeepsItsHue() {
            PaintMix orange = PaintMixes.all().get(0).mix().withPaint(new Colour("#f27d16"));
            Oklch moved = PaintCard.of(House.STUDIO, orange).paint().oklch();
            assertThat(moved.lightness())
                    .isLessThan(new Colour("#f27d16").oklch().lightness());
            assertThat(Math.abs(moved.hue() - new Colour("#f27d16").oklch().hue()))
                    .isLessThan(5);
        }

        @Test
        void isMovedNoFurtherThanItMust() {
            PaintMix orange = PaintMixes.all().get(0).mix().withPaint(new Colour("#f27d16"));
            PaintCard card = PaintCard.of(House.STUDIO, orange);
            Colour nearer = card.paint()
                    .oklch()
                    .withLightness(card.paint().oklch().lightness() + 0.012)
                    .colour();
            assertThat(List.of(
                            nearer.contrast(card.ground()),
                            card.panel().mix(95, nearer).contrast(nearer)))
                    .anyMatch(contrast -> contrast < 4.6);
        }

        @Test
        void thatIsPureYellowBecomesTheSecondColourOfAHouseThatUsesALightOne() {
            PaintMix mix = PaintMixes.ofBrand(new Colour("#ffff00"), MOODS, new Seed(1));
            assertThat(PaintCard.of(House.WORKSHOP, mix).trim()).isEqualTo(new Colour("#ffff00"));
        }

        @Test
        void thatIsWhiteLeavesTheMainColourToTheTrade() {
            PaintMix mix = PaintMixes.ofBrand(new Colour("#ffffff"), MOODS, new Seed(1));
            assertThat(mix.paint().oklch().isNeutral()).isFalse();
            assertThat(mix.ground()).isEqualTo(new Colour("#ffffff"));
        }

        @Test
        void isThereAgainWhenAnotherHouseWasTriedInBetween() {
            Look look = TradeLook.of(TradeCatalogue.shipped().all().get(0), House.WORKSHOP, new Seed(2));
            assertThat(look.withHouse(House.GARDEN).withHouse(House.WORKSHOP).paint())
                    .isEqualTo(look.paint());
        }
    }

    @Nested
    class AMixForATrade {
        @Test
        void isOneOfItsMoods() {
            for (Trade trade : TradeCatalogue.shipped().all()) {
                for (long seed = 0; seed < 5; seed++) {
                    PaintMix mix = TradeLook.of(trade, new Seed(seed)).mix();
                    assertThat(PaintMixes.of(trade.moods()))
                            .as(trade.id())
                            .anyMatch(named -> named.mix().equals(mix));
                }
            }
        }

        @Test
        void differsBetweenSeeds() {
            Trade trade = TradeCatalogue.shipped().all().get(0);
            assertThat(java.util.stream.LongStream.range(0, 12)
                            .mapToObj(
                                    seed -> TradeLook.of(trade, new Seed(seed)).mix())
                            .distinct()
                            .count())
                    .isGreaterThan(2);
        }

        @Test
        void keepsTheMainColourInAnotherMix() {
            PaintMix mix = PaintMixes.all().get(0).mix();
            for (long seed = 0; seed < 10; seed++) {
                PaintMix other = PaintMixes.another(mix, new Seed(seed));
                assertThat(other.paint()).isEqualTo(mix.paint());
                assertThat(other.distance(mix)).isGreaterThan(0.1);
            }
        }

        @ParameterizedTest
        @EnumSource(House.class)
        void isOftenTakenByAHouseAsItIs(House house) {
            long taken = TradeCatalogue.shipped().all().stream()
                    .filter(trade -> {
                        Look look = TradeLook.of(trade, house, new Seed(4));
                        return look.paint().trim().equals(look.mix().trim());
                    })
                    .count();
            assertThat(taken).isGreaterThan(TradeCatalogue.shipped().all().size() / 2);
        }
    }
}
