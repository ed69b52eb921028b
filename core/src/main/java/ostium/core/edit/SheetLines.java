package ostium.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ostium.core.opening.TypedSheet;
import ostium.core.opening.TypedSheet.TypedService;

/**
 * The lines of a facts sheet by path: {@code telephone}, {@code membership/number}, {@code service/sweep/price}, {@code
 * links} (one a line), {@code practice/certificate} and {@code denied/VISITS} ({@code yes} or nothing).
 */
public final class SheetLines {
    private static final String YES = "yes";

    private SheetLines() {}

    /** Paths of all lines that stand by themselves. */
    public static final List<String> PLAIN = List.of(
            "region",
            "trade",
            "name",
            "place",
            "area",
            "telephone",
            "email",
            "hours",
            "links",
            "person",
            "founded",
            "promise",
            "words",
            "membership/body",
            "membership/number",
            "membership/until",
            "goal",
            "seed");

    /** What stands on a line; empty if there is no such line. */
    public static Optional<String> get(TypedSheet sheet, String path) {
        String[] parts = path.split("/", 3);
        if (parts.length == 3 && parts[0].equals("service")) {
            return service(sheet, parts[1]).flatMap(service -> get(service, parts[2]));
        }
        if (parts.length == 2 && parts[0].equals("practice")) {
            return Optional.of(sheet.practices().contains(parts[1]) ? YES : "");
        }
        if (parts.length == 2 && parts[0].equals("denied")) {
            return Optional.of(sheet.denied().contains(parts[1]) ? YES : "");
        }
        return Optional.ofNullable(
                switch (path) {
                    case "region" -> sheet.region();
                    case "trade" -> sheet.trade();
                    case "name" -> sheet.name();
                    case "place" -> sheet.place();
                    case "area" -> sheet.area();
                    case "telephone" -> sheet.telephone();
                    case "email" -> sheet.email();
                    case "hours" -> sheet.hours();
                    case "links" -> String.join("\n", sheet.links());
                    case "person" -> sheet.person();
                    case "founded" -> sheet.founded();
                    case "promise" -> sheet.promise();
                    case "words" -> sheet.words();
                    case "membership/body" -> sheet.membership().body();
                    case "membership/number" -> sheet.membership().number();
                    case "membership/until" -> sheet.membership().until();
                    case "goal" -> sheet.goal();
                    case "seed" -> String.valueOf(sheet.seed());
                    default -> null;
                });
    }

    private static Optional<String> get(TypedService service, String line) {
        return Optional.ofNullable(
                switch (line) {
                    case "name" -> service.name();
                    case "summary" -> service.summary();
                    case "price" -> service.price();
                    case "minutes" -> service.minutes();
                    default -> null;
                });
    }

    static Optional<TypedService> service(TypedSheet sheet, String id) {
        return sheet.services().stream()
                .filter(service -> service.id().equals(id))
                .findFirst();
    }

    /**
     * The sheet with other words on a line.
     *
     * @throws EditRefused if there is no such line, or it cannot hold these words
     */
    static TypedSheet with(TypedSheet sheet, String path, String words) {
        String[] parts = path.split("/", 3);
        if (parts.length == 3 && parts[0].equals("service")) {
            List<TypedService> services = new ArrayList<>(sheet.services());
            services.replaceAll(service -> service.id().equals(parts[1]) ? with(service, parts[2], words) : service);
            return sheet.withServices(services);
        }
        if (parts.length == 2 && parts[0].equals("practice")) {
            return copy(sheet, "practices", listed(sheet.practices(), parts[1], words));
        }
        if (parts.length == 2 && parts[0].equals("denied")) {
            return copy(sheet, "denied", listed(sheet.denied(), parts[1], words));
        }
        return copy(sheet, path, words);
    }

    private static TypedService with(TypedService service, String line, String words) {
        return new TypedService(
                service.id(),
                service.usual(),
                line.equals("name") ? words : service.name(),
                line.equals("summary") ? words : service.summary(),
                line.equals("price") ? words : service.price(),
                line.equals("minutes") ? words : service.minutes());
    }

    /** Keys in a fixed order, so that taking one out and putting it back changes nothing. */
    private static List<String> listed(List<String> keys, String key, String words) {
        List<String> next = new ArrayList<>(keys);
        next.remove(key);
        if (words.equals(YES)) {
            next.add(key);
        } else if (!words.isEmpty()) {
            throw new EditRefused("Answer with yes, or leave it empty.");
        }
        next.sort(null);
        return next;
    }

    private static long seed(String words) {
        try {
            return Long.parseLong(words);
        } catch (NumberFormatException e) {
            throw new EditRefused("“" + words + "” is not a seed.");
        }
    }

    @SuppressWarnings("unchecked")
    private static TypedSheet copy(TypedSheet sheet, String path, Object value) {
        String words = value instanceof String string ? string : "";
        TypedSheet.Membership membership = sheet.membership();
        return new TypedSheet(
                path.equals("region") ? words : sheet.region(),
                path.equals("trade") ? words : sheet.trade(),
                path.equals("name") ? words : sheet.name(),
                path.equals("place") ? words : sheet.place(),
                path.equals("area") ? words : sheet.area(),
                path.equals("telephone") ? words : sheet.telephone(),
                path.equals("email") ? words : sheet.email(),
                path.equals("hours") ? words : sheet.hours(),
                sheet.services(),
                path.equals("links") ? words.isEmpty() ? List.of() : List.of(words.split("\n", -1)) : sheet.links(),
                path.equals("person") ? words : sheet.person(),
                path.equals("founded") ? words : sheet.founded(),
                path.equals("promise") ? words : sheet.promise(),
                path.equals("words") ? words : sheet.words(),
                new TypedSheet.Membership(
                        path.equals("membership/body") ? words : membership.body(),
                        path.equals("membership/number") ? words : membership.number(),
                        path.equals("membership/until") ? words : membership.until()),
                path.equals("practices") ? (List<String>) value : sheet.practices(),
                path.equals("goal") ? words : sheet.goal(),
                path.equals("denied") ? (List<String>) value : sheet.denied(),
                path.equals("seed") ? seed(words) : sheet.seed());
    }
}
