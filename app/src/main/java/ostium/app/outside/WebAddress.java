package ostium.app.outside;

import java.net.URI;
import java.util.Locale;
import java.util.Optional;

/** Addresses on the web as people type them. */
public final class WebAddress {
    private static final int LONGEST = 2000;

    private WebAddress() {}

    /** The address, if it is one of http or https with a machine in it. */
    public static Optional<URI> read(String typed) {
        String plain = typed == null ? "" : typed.strip();
        if (plain.length() > LONGEST) {
            return Optional.empty();
        }
        try {
            URI address = URI.create(plain);
            String scheme =
                    address.getScheme() == null ? "" : address.getScheme().toLowerCase(Locale.ROOT);
            boolean isWeb = scheme.equals("http") || scheme.equals("https");
            return Optional.of(address).filter(each -> isWeb && each.getHost() != null);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
