package ostium.core.fact;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.format.DataFile;

/**
 * Reads links to pages elsewhere. What a network's addresses look like is data ({@code networks.yaml}), so that one can
 * be added without code.
 */
public final class Networks {
    /** One network: its name, its hosts, and how a page's handle becomes its canonical address. */
    record Network(String id, String name, List<String> hosts, String canonical, String handle, List<String> words) {
        boolean isAt(String host) {
            return hosts.stream().anyMatch(own -> host.equals(own) || host.endsWith("." + own));
        }
    }

    record File(List<Network> networks) {}

    private static final Networks SHIPPED =
            new Networks(DataFile.read("/ostium/networks.yaml", File.class).networks());
    private static final Pattern URL = Pattern.compile(
            "(?i)(?:https?://)?((?:[\\p{L}0-9](?:[\\p{L}0-9-]*[\\p{L}0-9])?\\.)+[\\p{L}]{2,})(?::[0-9]+)?(/[^?#\\s]*)?(\\?[^#\\s]*)?(#\\S*)?");
    private static final Pattern NAMED = Pattern.compile("(?:([\\p{L}]+)\\s*[: /]\\s*)?@?([\\p{L}0-9._-]{2,60})");

    private final List<Network> networks;

    private Networks(List<Network> networks) {
        this.networks = networks;
    }

    public static Networks shipped() {
        return SHIPPED;
    }

    /**
     * Reads a full link, a mobile link, a link with tracking, or a handle with its network's name
     * ("instagram @ashlatch").
     */
    public Reading<Link> read(String words) {
        String typed = words.strip();
        if (typed.isEmpty()) {
            return Reading.refused("Paste a link.", words);
        }
        Matcher url = URL.matcher(typed);
        if (url.matches()) {
            return fromUrl(words, typed, url);
        }
        Matcher named = NAMED.matcher(typed);
        if (!named.matches()) {
            return Reading.refused("This is not a link. Paste the address of the page.", words);
        }
        String handle = named.group(2);
        if (named.group(1) == null) {
            return new Reading.Unclear<>(
                    "Which site is “" + typed + "” on?",
                    Reading.Span.all(words),
                    networks.stream()
                            .limit(4)
                            .map(network -> network.name() + " @" + handle)
                            .toList());
        }
        String name = named.group(1).toLowerCase(Locale.ROOT);
        Optional<Network> network = networks.stream()
                .filter(candidate ->
                        candidate.id().equals(name) || candidate.words().contains(name))
                .findFirst();
        if (network.isEmpty()) {
            return Reading.refused("We do not know “" + named.group(1) + "”. Paste the whole link.", words);
        }
        return link(network.get(), handle, words);
    }

    private Reading<Link> fromUrl(String words, String typed, Matcher url) {
        String host = url.group(1).toLowerCase(Locale.ROOT).replaceFirst("^(www|m|mobile)\\.", "");
        String path = url.group(2) == null ? "" : url.group(2).replaceAll("/+$", "");
        Optional<Network> network =
                networks.stream().filter(candidate -> candidate.isAt(host)).findFirst();
        if (network.isEmpty()) {
            String address = typed.matches("(?i)https?://.*") ? typed : "https://" + typed;
            return Reading.understood(new Link(Link.WEB, address, host));
        }
        if (path.isEmpty()) {
            return Reading.refused(
                    "This is the front page of " + network.get().name()
                            + ", not yours. Paste the link to your own page.",
                    words);
        }
        Matcher handle = Pattern.compile(network.get().handle()).matcher(path);
        if (!handle.matches()) {
            return Reading.understood(new Link(
                    network.get().id(), "https://" + host + path, network.get().name()));
        }
        return link(network.get(), handle.group(1), words);
    }

    private static Reading<Link> link(Network network, String handle, String words) {
        if (!("/" + handle).matches(network.handle()) && !("/@" + handle).matches(network.handle())) {
            return Reading.refused("“" + handle + "” cannot be a name on " + network.name() + ".", words);
        }
        return Reading.understood(
                new Link(network.id(), network.canonical().replace("{handle}", handle), network.name()));
    }
}
