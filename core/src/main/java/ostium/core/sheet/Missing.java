package ostium.core.sheet;

import ostium.core.base.Messages;

/**
 * What is still needed for a first page.
 *
 * @param field name of the line where it is given
 * @param words what an owner calls it: "your name"
 */
public record Missing(String field, String words) {
    private static final Messages WORDS = Messages.of("sheet");

    static Missing of(Line line) {
        return new Missing(line.id(), WORDS.say("missing." + line.id()));
    }
}
