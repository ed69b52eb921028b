package ostium.core.rewrite;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A way to rewrite a text. */
public enum Way {
    SHORTER("Shorter", "Nothing can be left out without losing something."),
    PLAINER("Plainer", "It is plain already."),
    READER("To the reader", "It speaks to the reader already, or there is nobody in it to speak to."),
    WARM("Warmer", "Nothing in it can be said more warmly without adding to it."),
    BRISK("Brisker", "It is brisk already."),
    FORMAL("More formal", "It is formal already."),
    LIGHT("Lighter", "Nothing in it can be said more lightly without adding to it.");

    private final String words;
    private final String nothing;

    Way(String words, String nothing) {
        this.words = words;
        this.nothing = nothing;
    }

    /** What the owner calls it. */
    public String words() {
        return words;
    }

    /** What is said when nothing better is found. */
    public String nothing() {
        return nothing;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Way> named(String id) {
        return Arrays.stream(values()).filter(way -> way.id().equals(id)).findFirst();
    }
}
