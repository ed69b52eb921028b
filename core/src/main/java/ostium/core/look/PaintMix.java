package ostium.core.look;

/**
 * The colours somebody wishes for a site, before a house has looked at them. They are kept as they were wished; what a
 * page shows is {@link PaintCard#of(House, PaintMix)}, which moves a colour only where a pair would fail.
 *
 * @param ground the page
 * @param ink text
 * @param paint main colour
 * @param trim second colour
 */
public record PaintMix(Colour ground, Colour ink, Colour paint, Colour trim) {

    public PaintMix withGround(Colour other) {
        return new PaintMix(other, ink, paint, trim);
    }

    public PaintMix withInk(Colour other) {
        return new PaintMix(ground, other, paint, trim);
    }

    public PaintMix withPaint(Colour other) {
        return new PaintMix(ground, ink, other, trim);
    }

    public PaintMix withTrim(Colour other) {
        return new PaintMix(ground, ink, paint, other);
    }

    /** How far two mixes are apart as the eye sees them, {@code [0, 1]}; main and second colour count most. */
    public double distance(PaintMix other) {
        double apart = 0.4 * paint.oklch().distance(other.paint.oklch())
                + 0.4 * trim.oklch().distance(other.trim.oklch())
                + 0.2 * ground.oklch().distance(other.ground.oklch());
        return Math.min(1, apart / 0.4);
    }
}
