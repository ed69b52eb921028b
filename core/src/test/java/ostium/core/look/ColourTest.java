package ostium.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ColourTest {
    static Colour drawn(Random random) {
        return new Colour(String.format("#%06x", random.nextInt(0x1000000)));
    }

    @ParameterizedTest(name = "{0} on {1}: {2}")
    @CsvSource({"#000000,#ffffff,21.0", "#ffffff,#ffffff,1.0", "#777777,#ffffff,4.48", "#595959,#ffffff,7.0"})
    void contrastIsThatOfWcag(String a, String b, double ratio) {
        assertThat(new Colour(a).contrast(new Colour(b))).isCloseTo(ratio, within(0.02));
    }

    @Test
    void mixingGoesFromOneColourToTheOther() {
        Colour black = new Colour("#000000");
        Colour white = new Colour("#ffffff");
        assertThat(white.mix(0, black)).isEqualTo(black);
        assertThat(white.mix(100, black)).isEqualTo(white);
        assertThat(white.mix(50, black)).isEqualTo(new Colour("#636363"));
    }

    @Nested
    class ByLightnessChromaAndHue {
        @Test
        void everyColourComesBackAsItWas() {
            Random random = new Random(5);
            for (int i = 0; i < 2_000; i++) {
                Colour colour = drawn(random);
                assertThat(colour.oklch().colour()).isEqualTo(colour);
            }
        }

        /** Values of CSS Color 4's own conversions. */
        @ParameterizedTest(name = "{0}")
        @CsvSource({
            "#ff0000,0.628,0.258,29.2",
            "#00ff00,0.866,0.295,142.5",
            "#0000ff,0.452,0.313,264.1",
            "#ffff00,0.968,0.211,109.8"
        })
        void theConversionIsThatOfCss(String hex, double lightness, double chroma, double hue) {
            Oklch read = new Colour(hex).oklch();
            assertThat(read.lightness()).isCloseTo(lightness, within(0.002));
            assertThat(read.chroma()).isCloseTo(chroma, within(0.002));
            assertThat(read.hue()).isCloseTo(hue, within(0.3));
        }

        @Test
        void aColourThatCannotBeSoStrongIsMadeWeakerNotOfAnotherHue() {
            Random random = new Random(6);
            for (int i = 0; i < 500; i++) {
                Oklch wish = new Oklch(0.4 + random.nextDouble() * 0.5, 0.4, random.nextDouble() * 360);
                Oklch got = wish.colour().oklch();
                assertThat(got.lightness()).isCloseTo(wish.lightness(), within(0.01));
                double apart = Math.abs(got.hue() - wish.hue());
                assertThat(Math.min(apart, 360 - apart)).isLessThan(3.5);
                assertThat(got.chroma()).isLessThan(0.4);
            }
        }
    }

    @Nested
    class InAnyNotation {
        @ParameterizedTest(name = "{0} → {1}")
        @CsvSource(
                delimiter = '|',
                value = {
                    "#7a1f2b|#7a1f2b",
                    "7A1F2B|#7a1f2b",
                    "  #7A1F2B; |#7a1f2b",
                    "#fc0|#ffcc00",
                    "fc0|#ffcc00",
                    "#fc08|#ffcc00",
                    "#7a1f2bff|#7a1f2b",
                    "rgb(122, 31, 43)|#7a1f2b",
                    "rgb(122 31 43 / 50%)|#7a1f2b",
                    "rgba(122,31,43,.5)|#7a1f2b",
                    "rgb(100% 0% 0%)|#ff0000",
                    "122, 31, 43|#7a1f2b",
                    "hsl(0 100% 50%)|#ff0000",
                    "hsl(120deg, 100%, 25%)|#008000",
                    "hsl(0.5turn 100% 50%)|#00ffff",
                    "hsla(240, 100%, 50%, 1)|#0000ff",
                    "oklch(0.628 0.258 29.23)|#ff0000",
                    "oklch(62.8% 64.5% 29.23deg)|#ff0000",
                    "navy|#000080",
                    "Rebecca Purple|#663399",
                    "dark red|#8b0000",
                    "colour: teal|#008080",
                })
        void itIsRead(String words, String hex) {
            assertThat(ColourCode.read(words)).contains(new Colour(hex));
        }

        @ParameterizedTest
        @ValueSource(
                strings = {
                    "",
                    "#12",
                    "#12345",
                    "rgb(300, 0, 0)",
                    "hsl(0 120% 50%)",
                    "oklch(3 0.1 20)",
                    "1, 2",
                    "1,2,3,4,5",
                    "greenish",
                    "rgb(a, b, c)",
                    "(((",
                    "#ggg"
                })
        void whatIsNoneIsNone(String words) {
            assertThat(ColourCode.read(words)).isEmpty();
        }

        @Test
        void noWordsBreakIt() {
            Random random = new Random(9);
            String signs = "#0123456789abcdef(),.%/ rgbhslokchdegturn-+";
            for (int i = 0; i < 5_000; i++) {
                StringBuilder words = new StringBuilder();
                for (int n = random.nextInt(24); n > 0; n--) {
                    words.append(signs.charAt(random.nextInt(signs.length())));
                }
                ColourCode.read(words.toString());
            }
        }
    }
}
