package ostium.core.look;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import ostium.core.base.Messages;

/** Whether anything on a page moves. Visitors who ask their device for less motion always get none. */
public enum Motion {
    NONE,
    /** Buttons answer the hand, and sections rise a little as they come into sight. */
    GENTLE;

    private static final Messages WORDS = Messages.of("look");

    public String words() {
        return WORDS.say("motion." + id());
    }

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    @JsonCreator
    public static Motion of(String id) {
        return valueOf(id.toUpperCase(Locale.ROOT));
    }
}
