package ostium.core.site;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/**
 * The kind of a section by its name, as documents store it: {@code SERVICES}. What a kind is and does stands in its
 * descriptor. A name this version does not know is kept, so that a document of a newer one loses nothing here.
 *
 * @param name capital letters, digits and hyphens, at most 40 characters
 */
public record SectionKind(@JsonValue String name) implements Comparable<SectionKind> {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public SectionKind {
        if (name == null || !name.matches("[A-Z][A-Z0-9_-]{0,39}")) {
            throw new IllegalArgumentException("“" + name + "” is no kind of section");
        }
    }

    /** Its name in anchors, files and keys: {@code services}. */
    public String id() {
        return name.toLowerCase(java.util.Locale.ROOT);
    }

    @Override
    public int compareTo(SectionKind other) {
        return name.compareTo(other.name);
    }

    @Override
    public String toString() {
        return name;
    }
}
