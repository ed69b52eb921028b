package ostium.core.look;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** How the corners of buttons, fields and pictures are cut. */
public enum Shape {
    /** As the house has them. */
    HOUSE("As the house has them"),
    SQUARE("Square"),
    SOFT("A little rounded"),
    ROUND("Round");

    private final String words;

    Shape(String words) {
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
    public static Shape of(String id) {
        return valueOf(id.toUpperCase(Locale.ROOT));
    }
}
