package ostium.render.scene;

import java.util.Locale;
import java.util.Random;
import ostium.core.look.Colour;

/** Grass of one colour growing up into a picture, 1600 × 64: what follows seems to begin as a meadow. */
public final class GrassStrip {
    private static final int BLADES = 330;
    private static final int WIDTH = 1600;
    private static final int HEIGHT = 64;

    private GrassStrip() {}

    public static String draw(Colour colour) {
        Random random = new Random(11);
        StringBuilder blades = new StringBuilder(20_000);
        for (int i = 0; i < BLADES; i++) {
            double x = (double) i / BLADES * WIDTH + random.nextDouble() * 6 - 3;
            double tall = 16 + random.nextDouble() * 36 * (0.55 + 0.45 * Math.sin(i * 0.13));
            double lean = (random.nextDouble() - 0.45) * tall * 0.7;
            double foot = 2 + random.nextDouble() * 2;
            blades.append(String.format(
                    Locale.ROOT,
                    "M%.0f 64Q%.0f %.0f %.0f %.0f %.0f %.0f %.0f 64Z",
                    x,
                    x + lean * 0.2,
                    HEIGHT - tall * 0.6,
                    x + lean,
                    HEIGHT - tall,
                    x + foot + lean * 0.3,
                    HEIGHT - tall * 0.5,
                    x + foot));
        }
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 1600 64\" preserveAspectRatio=\"xMidYMax slice\"><path fill=\""
                + colour + "\" d=\"M0 58H1600V64H0Z" + blades + "\"/></svg>\n";
    }
}
