package ostium.core.look;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** Whether anything on a page moves. Visitors who ask their device for less motion always get none. */
public enum Motion {
    NONE("Nothing moves"),
    /** Buttons answer the hand, and sections rise a little as they come into sight. */
    GENTLE("Gentle");

    private final String words;

    Motion(String words) {
        this.words = words;
    }

    public String words() {
        return words;
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
