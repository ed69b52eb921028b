package ostium.core.fact;

import ostium.core.base.Messages;

/** What an owner calls a fact, by its id: "your telephone number". Works for facts that are not there. */
public final class FactNames {
    private static final Messages WORDS = Messages.of("fact");

    private FactNames() {}

    public static String of(String id) {
        String key = "called." + (id.contains("/") ? id.substring(0, id.indexOf('/')) : id);
        return WORDS.say(WORDS.has(key) ? key : "called");
    }
}
