package ostium.core.opening;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import ostium.core.text.Slug;

/**
 * The opening sheet just as it was typed. Nothing is ever taken out of it because it could not be read.
 *
 * @param region ISO 3166 country of the business
 * @param links one a line
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

    /**
     * A row of services.
     *
     * @param id stable name of the row; a blank one is given by the sheet, from its key or its name
     * @param usual key of the trade's usual service it was tapped from, or blank
     */
    public record TypedService(String id, String usual, String name, String summary, String price, String minutes) {
        public TypedService {
            id = text(id);
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
        services = services == null ? List.of() : identified(services);
        links = links == null ? List.of() : lines(links);
        person = text(person);
        founded = text(founded);
        promise = text(promise);
        words = text(words);
        membership = membership == null ? new Membership("", "", "") : membership;
        practices = practices == null ? List.of() : keys(practices);
        goal = text(goal);
        denied = denied == null ? List.of() : keys(denied);
    }

    /** Single lines, without empty ones at the end. */
    private static List<String> lines(List<String> typed) {
        List<String> lines = new ArrayList<>();
        for (String entry : typed) {
            lines.addAll(List.of(text(entry).split("\n", -1)));
        }
        while (!lines.isEmpty() && lines.get(lines.size() - 1).isEmpty()) {
            lines.remove(lines.size() - 1);
        }
        return List.copyOf(lines);
    }

    /** A set of keys, always in the same order. */
    private static List<String> keys(List<String> keys) {
        return keys.stream().filter(key -> key != null).distinct().sorted().toList();
    }

    /** Rows with ids, each unique; a row keeps the id it has. */
    private static List<TypedService> identified(List<TypedService> services) {
        Set<String> taken = new HashSet<>();
        List<TypedService> rows = new ArrayList<>();
        for (TypedService service : services) {
            String slug = service.usual().isEmpty() ? Slug.of(service.name(), 40) : service.usual();
            String stem = !service.id().isEmpty() ? service.id() : slug.isEmpty() ? "own" : slug;
            String id = stem;
            for (int i = 2; !taken.add(id); i++) {
                id = stem + "-" + i;
            }
            rows.add(new TypedService(
                    id, service.usual(), service.name(), service.summary(), service.price(), service.minutes()));
        }
        return List.copyOf(rows);
    }

    /** This sheet with other services. */
    public TypedSheet withServices(List<TypedService> others) {
        return new TypedSheet(
                region,
                trade,
                name,
                place,
                area,
                telephone,
                email,
                hours,
                others,
                links,
                person,
                founded,
                promise,
                words,
                membership,
                practices,
                goal,
                denied,
                seed);
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
