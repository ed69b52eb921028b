package ostium.core.text;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;

/** Words as they stand in a part of a URI (RFC 3986). */
public final class UriText {
    private UriText() {}

    /** UTF-8, percent-encoded; a space is {@code %20}, which every scheme understands. */
    public static String encoded(String words) {
        return URLEncoder.encode(words, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
