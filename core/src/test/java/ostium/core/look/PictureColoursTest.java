package ostium.core.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PictureColoursTest {
    private static final int RED = 0xffb3261e;
    private static final int BLUE = 0xff1d4ed8;
    private static final int WHITE = 0xffffffff;
    private static final int GREY = 0xff8c8c8a;
    private static final int SKIN = 0xffd9a58a;

    /** Parts of a picture by how many pixels each has, with a little noise. */
    private static int[] picture(int... partsAndSizes) {
        int total = 0;
        for (int i = 1; i < partsAndSizes.length; i += 2) {
            total += partsAndSizes[i];
        }
        int[] pixels = new int[total];
        Random random = new Random(3);
        int at = 0;
        for (int i = 0; i < partsAndSizes.length; i += 2) {
            for (int n = 0; n < partsAndSizes[i + 1]; n++) {
                int noise = random.nextInt(5) - 2;
                int pixel = partsAndSizes[i];
                pixels[at++] = pixel & 0xff000000
                        | near(pixel >> 16, noise) << 16
                        | near(pixel >> 8, noise) << 8
                        | near(pixel, noise);
            }
        }
        return pixels;
    }

    private static int near(int channel, int noise) {
        return Math.max(0, Math.min(255, (channel & 255) + noise));
    }

    private static boolean isNear(Colour colour, int pixel) {
        return colour.oklch().distance(new Colour(String.format("#%06x", pixel & 0xffffff)).oklch()) < 0.04;
    }

    @Test
    void aLogoOnWhiteGivesTheColourOfTheLogo() {
        List<Colour> colours = PictureColours.of(picture(WHITE, 5000, RED, 600));
        assertThat(colours).hasSize(1).allMatch(colour -> isNear(colour, RED));
    }

    @Test
    void theStrongerAndLargerColourComesFirst() {
        List<Colour> colours = PictureColours.of(picture(GREY, 4000, BLUE, 900, RED, 120));
        assertThat(isNear(colours.get(0), BLUE)).isTrue();
        assertThat(colours).anyMatch(colour -> isNear(colour, RED));
    }

    @Test
    void facesAreSetAsideWhereThereIsAnythingElse() {
        assertThat(PictureColours.of(picture(SKIN, 4000, BLUE, 300))).noneMatch(colour -> isNear(colour, SKIN));
        assertThat(PictureColours.of(picture(SKIN, 4000))).hasSize(1);
    }

    @Test
    void greysAndWhatIsSeenThroughAreNoColours() {
        assertThat(PictureColours.of(picture(WHITE, 500, GREY, 500, 0xff000000, 500)))
                .isEmpty();
        assertThat(PictureColours.of(new int[0])).isEmpty();
        int[] clear = new int[400];
        Arrays.fill(clear, RED & 0x20ffffff);
        assertThat(PictureColours.of(clear)).isEmpty();
    }

    @Test
    void theSamePictureGivesTheSameColours() {
        int[] pixels = picture(WHITE, 900, BLUE, 200, RED, 200);
        assertThat(PictureColours.of(pixels)).isEqualTo(PictureColours.of(pixels));
    }
}
