package ostium.core.brief;

import java.util.Locale;
import ostium.core.base.Messages;

/** In which order what stands between the services and the form is read. Which kinds it has early, each kind says itself. */
public enum Arrangement {
    /** As the goal has it: who you are, what is said of you, when, where, answers. */
    USUAL,
    /** When and where come before who. */
    PLACE_EARLY,
    /** Answers and the words of customers come first. */
    ANSWERS_EARLY;

    private static final Messages WORDS = Messages.of("brief");

    /** What is different in it, in a few words; empty for the usual one. */
    public String words() {
        return this == USUAL ? "" : WORDS.say("arrangement." + id());
    }

    /** Name in stored recipes: {@code place-early}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
