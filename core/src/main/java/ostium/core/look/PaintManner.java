package ostium.core.look;

/**
 * What a house asks of a paint card.
 *
 * @param trim what the second colour has to carry
 * @param darkestGround least lightness of the page, OKLCH
 * @param lightestGround most lightness of the page
 * @param strongestGround most chroma of the page
 */
public record PaintManner(Trim trim, double darkestGround, double lightestGround, double strongestGround) {

    /** How a house uses its second colour. */
    public enum Trim {
        /** As an area under dark text, and as text on dark. */
        LIGHT,
        /** As a quiet area under dark text. */
        PALE,
        /** As lines and ornaments only. */
        LINE,
        /** As text on the page, and as an area under light text. */
        DARK
    }
}
