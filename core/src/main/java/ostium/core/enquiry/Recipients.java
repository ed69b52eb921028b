package ostium.core.enquiry;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.door.Doors;
import ostium.core.door.Route;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Telephone;

/**
 * Who is told of a message. Its whole words go by mail, and always somewhere: to the addresses of the routes its answers take,
 * else to those for every message of its form, else to those of the site. Telephones of any route it takes are told beside
 * that by a text.
 *
 * @param mails addresses, no two the same
 * @param texts numbers by ITU-T E.164, no two the same
 */
public record Recipients(List<String> mails, List<String> texts) {

    /**
     * @param section id of the section with the form; null for a message of which it is not known
     * @param answers by key of their field
     * @param region ISO 3166 country the numbers are read in
     */
    public static Recipients of(Doors doors, String section, Map<String, String> answers, String region) {
        List<Route> taken = Optional.ofNullable(section).map(doors::routes).stream()
                .flatMap(List::stream)
                .filter(route -> route.takes(answers))
                .toList();
        Set<String> texts = new LinkedHashSet<>();
        taken.stream()
                .flatMap(route -> route.to().stream())
                .flatMap(to -> number(to, region).stream())
                .forEach(texts::add);
        List<String> mails = Stream.of(false, true)
                .map(forAll -> mails(taken, forAll))
                .filter(found -> !found.isEmpty())
                .findFirst()
                .orElse(doors.messagesTo());
        return new Recipients(mails, new ArrayList<>(texts));
    }

    private static List<String> mails(List<Route> taken, boolean forAll) {
        return taken.stream()
                .filter(route -> route.takesAll() == forAll)
                .flatMap(route -> route.to().stream())
                .flatMap(to -> address(to).stream())
                .distinct()
                .toList();
    }

    /** Every mail address that is told of messages, whatever was answered; lower case. */
    public static Set<String> mailsOf(Doors doors) {
        return Stream.concat(doors.messagesTo().stream(), routed(doors))
                .flatMap(to -> address(to).stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Every telephone that is texted of messages, whatever was answered; by ITU-T E.164. */
    public static Set<String> numbersOf(Doors doors, String region) {
        return routed(doors)
                .flatMap(to -> number(to, region).stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static Stream<String> routed(Doors doors) {
        return doors.routes().values().stream().flatMap(List::stream).flatMap(route -> route.to().stream());
    }

    /** Whether words are a recipient: a mail address, or a telephone number that takes texts. */
    public static boolean isOne(String words, String region) {
        return address(words).isPresent() || number(words, region).isPresent();
    }

    private static Optional<String> address(String words) {
        return EmailAddress.read(words).value().map(address -> address.value().toLowerCase(Locale.ROOT));
    }

    private static Optional<String> number(String words, String region) {
        return address(words).isPresent()
                ? Optional.empty()
                : Telephone.read(words, region)
                        .value()
                        .filter(Telephone::takesTexts)
                        .map(Telephone::e164);
    }
}
