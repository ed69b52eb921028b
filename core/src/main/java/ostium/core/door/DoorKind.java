package ostium.core.door;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/**
 * The kind of a door by its name, as it is stored and as links of texts name it: {@code call}. What a kind is, stands in its
 * descriptor. A name this version does not know is kept.
 *
 * @param id small letters, digits and hyphens, at most 40 characters
 */
public record DoorKind(@JsonValue String id) {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public DoorKind {
        if (id == null || !id.matches("[a-z][a-z0-9-]{0,39}")) {
            throw new IllegalArgumentException("“" + id + "” is no kind of door");
        }
    }

    @Override
    public String toString() {
        return id;
    }
}
