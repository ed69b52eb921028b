package ostium.core.opening;

import java.util.List;

/**
 * The opening sheet just as it was typed. Nothing is ever taken out of it because it could not be read.
 *
 * @param region ISO 3166 country of the business
 * @param goal word of a {@link ostium.core.trade.Goal}, or blank for the trade's own
 * @param practices keys of the trade's questions answered with yes
 * @param denied names of assumptions that are not so
 * @param seed seed of the draft
 */
public record TypedSheet(
        String region,
        String trade,
        String name,
        String place,
        String area,
        String telephone,
        String email,
        String hours,
        List<TypedService> services,
        List<String> links,
        String person,
        String founded,
        String promise,
        String words,
        Membership membership,
        List<String> practices,
        String goal,
        List<String> denied,
        long seed) {

    /** Most services on a sheet. */
    public static final int MOST_SERVICES = 60;

    /** Most links on a sheet. */
    public static final int MOST_LINKS = 20;

    /** @param usual key of the trade's usual service it was tapped from, or blank */
    public record TypedService(String usual, String name, String summary, String price, String minutes) {
        public TypedService {
            usual = text(usual);
            name = text(name);
            summary = text(summary);
            price = text(price);
            minutes = text(minutes);
        }
    }

    /** A membership as typed; {@code until} is a month, {@code yyyy-MM}, or blank. */
    public record Membership(String body, String number, String until) {
        public Membership {
            body = text(body);
            number = text(number);
            until = text(until);
        }
    }

    public TypedSheet {
        region = text(region).isBlank() ? "GB" : region;
        trade = text(trade);
        name = text(name);
        place = text(place);
        area = text(area);
        telephone = text(telephone);
        email = text(email);
        hours = text(hours);
        services = services == null ? List.of() : List.copyOf(services);
        links = links == null ? List.of() : List.copyOf(links);
        person = text(person);
        founded = text(founded);
        promise = text(promise);
        words = text(words);
        membership = membership == null ? new Membership("", "", "") : membership;
        practices = practices == null ? List.of() : List.copyOf(practices);
        goal = text(goal);
        denied = denied == null ? List.of() : List.copyOf(denied);
    }

    private static String text(String typed) {
        return typed == null ? "" : typed;
    }

    /** A sheet nobody has typed on. */
    public static TypedSheet empty(String region, long seed) {
        return new TypedSheet(
                region, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
                null, seed);
    }
}
