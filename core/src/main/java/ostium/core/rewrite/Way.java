package ostium.core.rewrite;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import ostium.core.base.Messages;

/** A way to rewrite a text. */
public enum Way {
    SHORTER,
    PLAINER,
    READER,
    WARM,
    BRISK,
    FORMAL,
    LIGHT;

    private static final Messages WORDS = Messages.of("rewrite");

    /** What the owner calls it. */
    public String words() {
        return WORDS.say(id());
    }

    /** What is said when nothing better is found. */
    public String nothing() {
        return WORDS.say(id() + ".nothing");
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Way> named(String id) {
        return Arrays.stream(values()).filter(way -> way.id().equals(id)).findFirst();
    }
}
