package ostium.core.look;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import ostium.core.base.Messages;

/** How the corners of buttons, fields and pictures are cut. */
public enum Shape {
    /** As the house has them. */
    HOUSE,
    SQUARE,
    SOFT,
    ROUND;

    private static final Messages WORDS = Messages.of("look");

    public String words() {
        return WORDS.say("shape." + id());
    }

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    @JsonCreator
    public static Shape of(String id) {
        return valueOf(id.toUpperCase(Locale.ROOT));
    }
}
