package ostium.core.fact;

import java.util.Objects;
import java.util.Optional;

/**
 * A page of the business elsewhere on the web.
 *
 * @param network id in the data of networks, or {@code web} for any other page
 * @param url canonical address, https where the network is known
 * @param label what the link is called
 */
public record Link(String network, String url, String label) implements FactValue {
    public static final String WEB = "web";

    public Link {
        Objects.requireNonNull(network, "network");
        Objects.requireNonNull(url, "url");
        Objects.requireNonNull(label, "label");
    }

    @Override
    public Optional<String> say(String facet) {
        return facet.isEmpty() ? Optional.of(label) : Optional.empty();
    }
}
