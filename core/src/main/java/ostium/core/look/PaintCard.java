package ostium.core.look;

import java.util.List;
import java.util.Map;

/**
 * The colours of a look by what they do.
 *
 * @param id stable name
 * @param name what an owner would call it
 * @param ground the page
 * @param panel leaves, forms, the masthead
 * @param ink text and rules
 * @param pencil muted text
 * @param paint main colour: the main button, the call cell
 * @param trim second colour: the ticket, the first price
 * @param brick what chimneys and walls in drawings are made of
 */
public record PaintCard(
        String id,
        String name,
        List<String> moods,
        Colour ground,
        Colour panel,
        Colour ink,
        Colour pencil,
        Colour paint,
        Colour trim,
        Colour brick) {

    /** Muted text on ink. */
    public Colour pencilOnInk() {
        return ground.mix(84, ink);
    }

    /** Rules between rows on ink. */
    public Colour ruleOnInk() {
        return ground.mix(36, ink);
    }

    /** Two colours that meet on a page, and the contrast WCAG 2.2 asks of them (1.4.3, 1.4.11). */
    public record Pair(String words, Colour above, Colour below, double needed) {
        public double contrast() {
            return above.contrast(below);
        }

        public boolean passes() {
            return contrast() >= needed;
        }
    }

    /** Every pair that occurs in a page of the Workshop house. */
    public List<Pair> pairs() {
        return List.of(
                new Pair("text on the page", ink, ground, 4.5),
                new Pair("text on a panel", ink, panel, 4.5),
                new Pair("text on the second colour", ink, trim, 4.5),
                new Pair("muted text on the page", pencil, ground, 4.5),
                new Pair("muted text on a panel", pencil, panel, 4.5),
                new Pair("words on the main button", panel, paint, 4.5),
                new Pair("main colour as text on a panel", paint, panel, 4.5),
                new Pair("main colour as large text on the page", paint, ground, 4.5),
                new Pair("second colour as text on ink", trim, ink, 4.5),
                new Pair("text on ink", panel, ink, 4.5),
                new Pair("muted text on ink", pencilOnInk(), ink, 4.5),
                new Pair("focus ring on the page", ink, ground, 3),
                new Pair("focus ring on the main colour", panel, paint, 3));
    }

    /** The roles as a stylesheet names them. */
    public Map<String, Colour> roles() {
        return Map.of(
                "ground", ground,
                "panel", panel,
                "ink", ink,
                "pencil", pencil,
                "paint", paint,
                "trim", trim,
                "pencil-on-ink", pencilOnInk(),
                "rule-on-ink", ruleOnInk());
    }
}
