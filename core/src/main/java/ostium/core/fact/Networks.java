package ostium.core.fact;

import java.net.IDN;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.DataFile;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.text.EditDistance;
import ostium.core.text.UriText;

/**
 * Reads links to pages elsewhere: a full link, a mobile link, one with tracking, the tail of one, or a handle with the
 * name of its network. What a network's addresses look like is data ({@code networks.yaml}), so that one can be added
 * without code.
 */
public final class Networks {
    private static final Messages WORDS = Messages.of("fact");

    record File(List<Network> networks) {}

    private static final Networks SHIPPED =
            new Networks(DataFile.read("/ostium/networks.yaml", File.class).networks());
    private static final Pattern URL = Pattern.compile(
            "(?i)(?:https?://)?((?:[\\p{L}0-9](?:[\\p{L}0-9-]*[\\p{L}0-9])?\\.)+[\\p{L}][\\p{L}0-9-]*[\\p{L}0-9])\\.?"
                    + "(?::[0-9]+)?(/[^?#\\s]*)?(\\?[^#\\s]*)?(#\\S*)?");
    /** What stands in no address (RFC 3986, 2). */
    private static final Pattern NO_SIGN = Pattern.compile("[\"<>`{}|\\\\^]");

    private static final Pattern NAMED = Pattern.compile(
            "(?:([\\p{L}][\\p{L} ]*?)\\s*(?:[:/(–-]\\s*|\\s))@?((?:[\\p{L}0-9._+-]{2,60}|[+]?[0-9][0-9 ()-]{6,20}))\\)?");
    private static final Pattern NAMED_AFTER =
            Pattern.compile("@?([\\p{L}0-9._-]{2,60})\\s+(?:on|at|auf|sur|en)\\s+([\\p{L}][\\p{L} ]*)");
    private static final Pattern HANDLE = Pattern.compile("@?[\\p{L}0-9._-]{2,60}");
    private static final Pattern TAIL = Pattern.compile("/?[a-z]+(?:/view)?/[^\\s/]{2,120}/?");
    private static final Pattern TRACKING = Pattern.compile(
            "(?i)(?:utm_[a-z]+|fbclid|gclid|dclid|msclkid|igshid?|mc_[ce]id|yclid|_hs[a-z]+|ref|ref_src)=.*");

    private static final int SHORT_HOST = 6;
    private static final int LONGEST = 2000;

    private final List<Network> networks;

    private Networks(List<Network> networks) {
        this.networks = networks;
    }

    public static Networks shipped() {
        return SHIPPED;
    }

    /** Whether a link leads to where people can write to the business at once. */
    public boolean isChat(Link link) {
        return of(link).map(Network::chat).isPresent();
    }

    /** The address that begins a chat, with words in it already where the network takes any. */
    public String chat(Link link, String words) {
        return of(link).map(Network::chat)
                .filter(form -> !words.isEmpty() && !link.url().contains("?"))
                .map(form -> form.replace("{url}", link.url()).replace("{words}", UriText.encoded(words)))
                .orElse(link.url());
    }

    private Optional<Network> of(Link link) {
        return networks.stream()
                .filter(network -> network.id().equals(link.network()))
                .findFirst();
    }

    /** Ids of all networks there are data of. */
    public List<String> ids() {
        return networks.stream().map(Network::id).toList();
    }

    /** Reads "instagram @ashlatch", "https://m.facebook.com/ashlatch?ref=bookmarks", "company/ashlatch", "ashlatch.example". */
    public Reading<Link> read(String words) {
        Optional<Reading<Link>> tooLong = Reading.tooLong(words, LONGEST);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        String typed = words.strip().replaceFirst("^<(.*)>$", "$1").replaceFirst("[,;]+$", "");
        if (typed.isEmpty()) {
            return Reading.refused(WORDS.say("networks.pasteALink"), words);
        }
        if (typed.matches("(?i)(?:javascript|data|vbscript|file|ftp|blob):.*")) {
            return Reading.refused(WORDS.say("networks.https"), words);
        }
        if (typed.matches("(?i)mailto:.*|[^\\s/@]+@[^\\s/@]+\\.[^\\s/@]+")) {
            return Reading.refused(WORDS.say("networks.thisIsAMailAddress"), words);
        }
        Matcher sign = NO_SIGN.matcher(typed);
        if (typed.matches("(?i)(?:https?://|www\\.).*") && sign.find()) {
            return Reading.refused(WORDS.say("networks.noSuchSign", sign.group()), words);
        }
        Matcher url = URL.matcher(typed);
        if (url.matches() && !isHandleWithDots(typed)) {
            return fromUrl(words, typed, url);
        }
        Optional<Reading<Link>> named = named(words, typed);
        if (named.isPresent()) {
            return named.get();
        }
        if (TAIL.matcher(typed).matches()) {
            return tail(words, typed);
        }
        if (HANDLE.matcher(typed).matches() && typed.matches(".*\\p{L}.*")) {
            String handle = typed.replaceFirst("^@", "");
            return new Reading.Unclear<>(
                    WORDS.say("networks.which", typed),
                    Reading.Span.all(words),
                    networks.stream()
                            .limit(4)
                            .map(network -> network.name() + " @" + handle)
                            .toList());
        }
        return Reading.refused(WORDS.say("networks.thisIsNotALink"), words);
    }

    /** {@code @ash.latch} has a dot like a host, but says by its first letter that it is a handle. */
    private static boolean isHandleWithDots(String typed) {
        return typed.startsWith("@");
    }

    private Optional<Reading<Link>> named(String words, String typed) {
        Matcher before = NAMED.matcher(typed);
        if (before.matches()) {
            Optional<Network> network = called(before.group(1));
            if (network.isPresent()) {
                return Optional.of(handle(network.get(), before.group(2), words));
            }
        }
        Matcher after = NAMED_AFTER.matcher(typed);
        if (after.matches()) {
            Optional<Network> network = called(after.group(2));
            if (network.isPresent()) {
                return Optional.of(handle(network.get(), after.group(1), words));
            }
        }
        if (before.matches() && typed.contains("@")) {
            return Optional.of(Reading.refused(
                    WORDS.say("networks.unknown", before.group(1).strip()), words));
        }
        return Optional.empty();
    }

    private Optional<Network> called(String name) {
        String plain = name.strip().toLowerCase(Locale.ROOT).replaceFirst("\\s+(?:page|profile|account|channel)$", "");
        return networks.stream().filter(network -> network.isCalled(plain)).findFirst();
    }

    private Reading<Link> tail(String words, String typed) {
        String path = "/" + typed.replaceAll("^/|/$", "");
        List<Link> found = new ArrayList<>();
        for (Network network : networks) {
            for (Network.Page page : network.pages()) {
                boolean saysWhere = page.before().length() > 2 && !page.isOnHost() && !network.keep();
                Matcher matcher = page.pattern().matcher(path);
                if (saysWhere && matcher.matches()) {
                    found.add(link(
                            network, page, matcher.group(1), network.hosts().get(0)));
                }
            }
        }
        if (found.size() == 1) {
            return Reading.understood(found.get(0));
        }
        return found.isEmpty()
                ? Reading.refused(WORDS.say("networks.thisIsOnlyTheEnd"), words)
                : new Reading.Unclear<>(
                        WORDS.say("networks.whichSiteIsThisOn"),
                        Reading.Span.all(words),
                        found.stream().map(Link::url).toList());
    }

    private Reading<Link> fromUrl(String words, String typed, Matcher url) {
        String host = url.group(1).toLowerCase(Locale.ROOT).replaceFirst("^(www|m|mobile|web|l|old)\\.(?=.*\\.)", "");
        String path = url.group(2) == null ? "" : url.group(2).replaceAll("/+$", "");
        String query = url.group(3) == null ? "" : withoutTracking(url.group(3));
        String part = url.group(4) == null ? "" : url.group(4);
        Optional<Network> network =
                networks.stream().filter(candidate -> candidate.isAt(host)).findFirst();
        if (network.isEmpty()) {
            return nearly(host)
                    .map(meant -> web(words, typed, host, query, part)
                            .value()
                            .map(link -> Reading.understood(
                                    link,
                                    WORDS.say("networks.didYouMean", meant),
                                    typed.replaceFirst("(?i)" + Pattern.quote(host), meant)))
                            .orElseThrow())
                    .orElseGet(() -> web(words, typed, host, query, part));
        }
        String said = url.group(1).toLowerCase(Locale.ROOT);
        String more = query + (network.get().id().equals("signal") ? part : "");
        return page(words, network.get(), new Address(host, said, path, more));
    }

    /**
     * Where a link leads.
     *
     * @param host the host that says whose page it is, without "www." and the like
     * @param said the host as it was written, in small letters
     */
    private record Address(String host, String said, String path, String query) {
        String whole() {
            return "https://" + said + path + query;
        }
    }

    /** A network whose host differs by one letter: somebody else's site. */
    private Optional<String> nearly(String host) {
        return networks.stream()
                .flatMap(network -> network.hosts().stream())
                .filter(own -> own.length() > SHORT_HOST)
                .filter(own -> EditDistance.between(host, own) == 1)
                .findFirst();
    }

    private static Reading<Link> web(String words, String typed, String host, String query, String part) {
        try {
            IDN.toASCII(host, IDN.USE_STD3_ASCII_RULES);
        } catch (IllegalArgumentException e) {
            return Reading.refused(WORDS.say("networks.noSuchSite", host), words);
        }
        String address = (typed.matches("(?i)https?://.*") ? typed : "https://" + typed).replaceFirst("[?#].*$", "");
        String canonical = address.replaceFirst("(?i)^(https?)://([^/]*)", lower(address));
        return Reading.understood(new Link(Link.WEB, canonical + query + part, host));
    }

    /** Scheme and host in small letters, as RFC 3986, 6.2.2.1 makes them equal. */
    private static String lower(String address) {
        Matcher start = Pattern.compile("(?i)^(https?)://([^/]*)").matcher(address);
        return start.find() ? Matcher.quoteReplacement(start.group().toLowerCase(Locale.ROOT)) : "$0";
    }

    private static String withoutTracking(String query) {
        List<String> kept = new ArrayList<>();
        for (String parameter : query.substring(1).split("&")) {
            if (!parameter.isEmpty() && !TRACKING.matcher(parameter).matches()) {
                kept.add(parameter);
            }
        }
        return kept.isEmpty() ? "" : "?" + String.join("&", kept);
    }

    private Reading<Link> page(String words, Network network, Address address) {
        String host = address.host();
        String path = address.path();
        String query = address.query();
        String own = network.hosts().stream()
                .filter(each -> host.endsWith("." + each))
                .map(each -> host.substring(0, host.length() - each.length() - 1))
                .findFirst()
                .orElse("");
        if (network.not() != null && (host + path + query).matches("(?:[^/]*)(?:" + network.not() + ")")) {
            return Reading.understood(
                    new Link(network.id(), address.whole(), network.name()),
                    WORDS.say("networks.oneThing", network.name()),
                    null);
        }
        for (Network.Page page : network.pages()) {
            boolean onHost = page.isOnHost() && !own.isEmpty();
            Matcher matcher = page.pattern().matcher(onHost ? own : path);
            Matcher withQuery = page.pattern().matcher(path + query);
            if ((onHost || !page.isOnHost()) && matcher.matches()) {
                return Reading.understood(link(network, page, matcher.group(1), host));
            }
            if (!page.isOnHost() && withQuery.lookingAt() && page.path().contains("\\?")) {
                return Reading.understood(link(network, page, withQuery.group(1), host));
            }
        }
        if (path.isEmpty()) {
            return Reading.refused(WORDS.say("networks.frontPage", network.name()), words);
        }
        // A page with something behind it: "/ashlatch/photos", "/@ashlatch/video/7".
        for (Network.Page page : network.pages()) {
            Matcher matcher = page.pattern().matcher(path);
            if (!page.isOnHost() && matcher.lookingAt() && path.charAt(matcher.end()) == '/') {
                return Reading.understood(link(network, page, matcher.group(1), host));
            }
        }
        return Reading.understood(
                new Link(network.id(), address.whole(), network.name()),
                WORDS.say("networks.strange", network.name()),
                null);
    }

    private static Link link(Network network, Network.Page page, String handle, String host) {
        return new Link(network.id(), page.to().replace("{handle}", handle).replace("{host}", host), network.name());
    }

    private Reading<Link> handle(Network network, String handle, String words) {
        String plain = network.number() ? handle.replaceAll("[^0-9]", "").replaceFirst("^00", "") : handle;
        if (network.number() && plain.startsWith("0")) {
            return Reading.refused(WORDS.say("networks.withItsCountry"), words);
        }
        for (Network.Page page : network.pages()) {
            String path = page.isOnHost() ? plain : page.before().replace("(?:", "") + plain;
            Matcher matcher = page.pattern().matcher(path);
            if (matcher.matches()
                    && !page.path().contains("\\?")
                    && !page.before().contains("(?")) {
                return Reading.understood(
                        link(network, page, matcher.group(1), network.hosts().get(0)));
            }
        }
        return Reading.refused(WORDS.say("networks.noName", handle, network.name()), words);
    }
}
