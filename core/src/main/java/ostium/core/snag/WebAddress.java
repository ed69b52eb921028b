package ostium.core.snag;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Locale;

/** Whether words are the address of a page elsewhere: {@code http} or {@code https}, and a host with a dot in it. */
final class WebAddress {
    private WebAddress() {}

    static boolean isAddress(String words) {
        try {
            URI uri = new URI(words.strip());
            String scheme = uri.getScheme() == null ? "" : uri.getScheme().toLowerCase(Locale.ROOT);
            String host = uri.getHost() == null ? "" : uri.getHost();
            return (scheme.equals("http") || scheme.equals("https")) && host.matches(".+\\.[^.]{2,}");
        } catch (URISyntaxException e) {
            return false;
        }
    }
}
