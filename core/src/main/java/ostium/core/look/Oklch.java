package ostium.core.look;

/**
 * A colour by what the eye tells apart, in OKLCH as CSS Color 4 has it.
 *
 * @param lightness {@code [0, 1]}
 * @param chroma how strong it is, from 0 (grey) to about 0.32 within sRGB
 * @param hue degrees {@code [0, 360)}: 30 is red, 90 yellow, 145 green, 260 blue
 * @see <a href="https://www.w3.org/TR/css-color-4/#ok-lab">CSS Color 4, Oklab and OKLCH</a>
 */
public record Oklch(double lightness, double chroma, double hue) {
    /** Below this nobody names a hue. */
    private static final double NEUTRAL = 0.03;

    public Oklch {
        lightness = Math.max(0, Math.min(1, lightness));
        chroma = Math.max(0, chroma);
        hue = ((hue % 360) + 360) % 360;
    }

    public Oklch withLightness(double other) {
        return new Oklch(other, chroma, hue);
    }

    public Oklch withChroma(double other) {
        return new Oklch(lightness, other, hue);
    }

    /** @param degrees how far round, positive from red to yellow to green */
    public Oklch turned(double degrees) {
        return new Oklch(lightness, chroma, hue + degrees);
    }

    public boolean isNeutral() {
        return chroma < NEUTRAL;
    }

    /** The nearest colour of sRGB with this lightness and hue: what cannot be so strong is made weaker. */
    public Colour colour() {
        if (fits(chroma)) {
            return at(chroma);
        }
        double fitting = 0;
        double tooStrong = chroma;
        for (int i = 0; i < 12; i++) {
            double middle = (fitting + tooStrong) / 2;
            if (fits(middle)) {
                fitting = middle;
            } else {
                tooStrong = middle;
            }
        }
        return at(fitting);
    }

    private Colour at(double strength) {
        double angle = Math.toRadians(hue);
        return Colour.fromOklab(lightness, strength * Math.cos(angle), strength * Math.sin(angle));
    }

    private boolean fits(double strength) {
        double angle = Math.toRadians(hue);
        for (double channel : Colour.linearOf(lightness, strength * Math.cos(angle), strength * Math.sin(angle))) {
            if (channel < -0.0005 || channel > 1.0005) {
                return false;
            }
        }
        return true;
    }

    /** Distance as the eye sees it (Euclidean in Oklab): 0.02 is just told apart, black and white are 1 apart. */
    public double distance(Oklch other) {
        double angle = Math.toRadians(hue);
        double otherAngle = Math.toRadians(other.hue);
        double a = chroma * Math.cos(angle) - other.chroma * Math.cos(otherAngle);
        double b = chroma * Math.sin(angle) - other.chroma * Math.sin(otherAngle);
        return Math.sqrt(a * a + b * b + Math.pow(lightness - other.lightness, 2));
    }
}
