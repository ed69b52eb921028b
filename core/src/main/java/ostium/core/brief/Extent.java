package ostium.core.brief;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** How many pages a site has. */
public enum Extent {
    /** All of it on one page. */
    ONE,
    /** A home page and some others. */
    FEW;

    /** Its name on the sheet and in commands: {@code one}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The extent of a name; empty for any other word. */
    public static Optional<Extent> named(String id) {
        return Arrays.stream(values()).filter(extent -> extent.id().equals(id)).findFirst();
    }
}
