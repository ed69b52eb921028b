package ostium.core.look;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/**
 * A colour of sRGB.
 *
 * @param hex {@code #rrggbb}, lower case
 */
public record Colour(@JsonValue String hex) {
    private static final String HEX = "0123456789abcdef";

    @JsonCreator
    public Colour {
        if (!hex.matches("#[0-9a-fA-F]{6}")) {
            throw new IllegalArgumentException("not a colour: " + hex);
        }
        hex = hex.toLowerCase(java.util.Locale.ROOT);
    }

    /**
     * Contrast ratio by WCAG 2.2, from 1 to 21.
     *
     * @see <a href="https://www.w3.org/TR/WCAG22/#dfn-contrast-ratio">contrast ratio</a>
     */
    public double contrast(Colour other) {
        double a = luminance();
        double b = other.luminance();
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    /** Relative luminance by WCAG 2.2, {@code [0, 1]}. */
    public double luminance() {
        double[] rgb = linear();
        return 0.2126 * rgb[0] + 0.7152 * rgb[1] + 0.0722 * rgb[2];
    }

    /**
     * This colour mixed with another in Oklab, as CSS {@code color-mix(in oklab, this percent%, other)} does.
     *
     * @param percent share of this colour, 0–100
     */
    public Colour mix(double percent, Colour other) {
        double share = percent / 100;
        double[] a = oklab();
        double[] b = other.oklab();
        return fromOklab(
                a[0] * share + b[0] * (1 - share),
                a[1] * share + b[1] * (1 - share),
                a[2] * share + b[2] * (1 - share));
    }

    /** This colour by lightness, chroma and hue. */
    public Oklch oklch() {
        double[] lab = oklab();
        double hue = Math.toDegrees(Math.atan2(lab[2], lab[1]));
        return new Oklch(lab[0], Math.hypot(lab[1], lab[2]), hue < 0 ? hue + 360 : hue);
    }

    private double[] linear() {
        double[] rgb = new double[3];
        for (int i = 0; i < 3; i++) {
            double channel = Integer.parseInt(hex.substring(1 + 2 * i, 3 + 2 * i), 16) / 255.0;
            rgb[i] = channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
        }
        return rgb;
    }

    /** Oklab by Björn Ottosson, as CSS Color 4 gives it. */
    private double[] oklab() {
        double[] c = linear();
        double l = Math.cbrt(0.4122214708 * c[0] + 0.5363325363 * c[1] + 0.0514459929 * c[2]);
        double m = Math.cbrt(0.2119034982 * c[0] + 0.6806995451 * c[1] + 0.1073969566 * c[2]);
        double s = Math.cbrt(0.0883024619 * c[0] + 0.2817188376 * c[1] + 0.6299787005 * c[2]);
        return new double[] {
            0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
            1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
            0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s
        };
    }

    /** The colour of Oklab, cut to sRGB channel by channel. */
    static Colour fromOklab(double lightness, double a, double b) {
        double[] rgb = linearOf(lightness, a, b);
        return new Colour("#" + channel(rgb[0]) + channel(rgb[1]) + channel(rgb[2]));
    }

    /** Linear light of red, green and blue; outside {@code [0, 1]} where sRGB has no such colour. */
    static double[] linearOf(double lightness, double a, double b) {
        double l = Math.pow(lightness + 0.3963377774 * a + 0.2158037573 * b, 3);
        double m = Math.pow(lightness - 0.1055613458 * a - 0.0638541728 * b, 3);
        double s = Math.pow(lightness - 0.0894841775 * a - 1.2914855480 * b, 3);
        return new double[] {
            4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s,
            -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s,
            -0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s
        };
    }

    private static String channel(double linear) {
        double clipped = Math.max(0, Math.min(1, linear));
        double value = clipped <= 0.0031308 ? clipped * 12.92 : 1.055 * Math.pow(clipped, 1 / 2.4) - 0.055;
        int level = (int) Math.round(value * 255);
        return HEX.substring(level >> 4, (level >> 4) + 1) + HEX.charAt(level & 15);
    }

    @Override
    public String toString() {
        return hex;
    }
}
