package ostium.render.mail;

import ostium.core.look.Colour;
import ostium.core.look.Look;
import ostium.core.look.PaintCard;

/**
 * What a mail looks like. A mail program loads no letters, so they are those that stand in for the look's.
 *
 * @param name who it comes from, as it stands at its head
 * @param headings families of the head, as CSS has them
 * @param text families of everything else
 * @param onPaint what is written on the main colour
 */
public record MailDress(
        String name,
        String headings,
        String text,
        Colour ground,
        Colour panel,
        Colour ink,
        Colour pencil,
        Colour paint,
        Colour onPaint) {

    /** The dress of Ostium's own mails, to owners and helpers. */
    public static final MailDress OSTIUM = new MailDress(
            "Ostium",
            "Georgia, serif",
            "system-ui, sans-serif",
            new Colour("#e9ede7"),
            new Colour("#fbfcf9"),
            new Colour("#19211d"),
            new Colour("#58635c"),
            new Colour("#74193f"),
            new Colour("#ffffff"));

    /**
     * The dress of a business.
     *
     * @param look null where none is chosen yet
     */
    public static MailDress of(String name, Look look) {
        if (look == null) {
            return OSTIUM.withName(name);
        }
        PaintCard paint = look.paint();
        return new MailDress(
                name,
                look.types().display().fallback(),
                look.types().text().fallback(),
                paint.ground(),
                paint.panel(),
                paint.ink(),
                paint.pencil(),
                paint.paint(),
                paint.softOnPaint());
    }

    private MailDress withName(String other) {
        return new MailDress(other, headings, text, ground, panel, ink, pencil, paint, onPaint);
    }
}
