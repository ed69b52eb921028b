package ostium.core.snag;

import ostium.core.edit.Edit;

/**
 * Something to put right.
 *
 * @param level how much it matters
 * @param rule name of the rule that found it
 * @param words what is wrong, in a sentence
 * @param why why it matters, in a sentence
 * @param section id of the section it stands at; empty for the site as a whole
 * @param text id of the text it is about, or empty
 * @param fix what puts it right at once, or null when the owner has to
 * @param leave what says that it is right as it is, or null where it cannot be
 */
public record Snag(
        Level level, String rule, String words, String why, String section, String text, Fix fix, Fix leave) {

    Snag(Level level, String rule, String words, String why, String section, String text, Fix fix) {
        this(level, rule, words, why, section, text, fix, null);
    }

    /** The same, for the owner to say that it is right. */
    Snag or(Fix other) {
        return new Snag(level, rule, words, why, section, text, fix, other);
    }

    /** How much a snag matters. */
    public enum Level {
        /** Blocks publishing. */
        MUST,
        SHOULD,
        COULD
    }

    /**
     * What puts a snag right.
     *
     * @param words the act, as on a button
     * @param edit what it does; null when it only leads to the line of the sheet
     * @param line line of the facts sheet it leads to, or empty
     */
    public record Fix(String words, Edit edit, String line) {}
}
