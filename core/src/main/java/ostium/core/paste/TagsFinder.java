package ostium.core.paste;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ostium.core.base.Reading.Span;
import ostium.core.base.TimeBudget;
import ostium.core.country.Country;
import ostium.core.hours.OpeningHoursSyntax;
import ostium.core.hours.SpecialHours;

/**
 * Finds facts in tags as OpenStreetMap has them, one a line: {@code opening_hours=Mo-Fr 09:00-17:00}.
 *
 * @see <a href="https://wiki.openstreetmap.org/wiki/Map_features">map features</a>
 */
final class TagsFinder implements Finder {
    private final String text;
    private final String region;

    TagsFinder(String text, String region) {
        this.text = text;
        this.region = region;
    }

    @Override
    public Result find() {
        Map<String, Span> places = new LinkedHashMap<>();
        Map<String, String> tags = new LinkedHashMap<>();
        int at = 0;
        for (String line : text.split("\n", -1)) {
            TimeBudget.check();
            int equals = line.indexOf('=');
            if (equals > 0) {
                String key = line.substring(0, equals).strip();
                tags.put(key, line.substring(equals + 1).strip());
                places.put(key, new Span(at, at + line.length()));
            }
            at += line.length() + 1;
        }
        List<Found> found = new ArrayList<>();
        tags.forEach((key, value) -> tag(key, value, places.get(key), found));
        address(tags, places, found);
        return new Result(text, found, "", List.of(), true);
    }

    private void tag(String key, String value, Span at, List<Found> found) {
        switch (key.replaceFirst("^contact:", "")) {
            case "name" -> found.add(Found.line("name", value, at, Sureness.SURE));
            case "short_name" -> found.add(Found.line("short-name", value, at, Sureness.SURE));
            case "craft", "shop", "office", "amenity", "healthcare" -> {
                if (!value.matches("yes|no|vacant")) {
                    found.add(Found.line("trade", value.replace('_', ' '), at, Sureness.LIKELY));
                }
            }
            case "phone", "mobile" -> {
                for (String number : value.split(";")) {
                    found.add(Found.line("telephone", number.strip(), at, Sureness.SURE));
                }
            }
            case "email" -> found.add(Found.line("email", value, at, Sureness.SURE));
            case "website", "url", "facebook", "instagram", "youtube", "tiktok", "twitter", "linkedin", "pinterest" -> {
                boolean bare = !value.contains("/") && !value.contains(".");
                String typed = bare ? key.replaceFirst("^contact:", "") + " @" + value : value;
                found.add(new Found(Found.LINK, typed, at, Sureness.SURE, List.of(), null, null));
            }
            case "start_date" -> {
                if (value.matches("[0-9]{4}.*")) {
                    found.add(Found.line("founded", value.substring(0, 4), at, Sureness.SURE));
                }
            }
            case "description" -> found.add(Found.line("words", value, at, Sureness.SURE));
            case "operator:legal_name", "official_name" ->
                found.add(Found.line("legal/name", value, at, Sureness.SURE));
            case "ref:vatin" -> found.add(Found.line("legal/tax", value, at, Sureness.SURE));
            case "opening_hours" -> hours(value, at, found);
            default -> {}
        }
    }

    private void hours(String value, Span at, List<Found> found) {
        OpeningHoursSyntax.read(value, region).value().ifPresent(times -> {
            found.add(Found.line("hours", times.usual().say(), at, Sureness.SURE));
            for (SpecialHours special : times.special()) {
                found.add(Found.line("exceptions", special.say(), at, Sureness.SURE));
            }
        });
    }

    private void address(Map<String, String> tags, Map<String, Span> places, List<Found> found) {
        Country country = Country.of(tags.getOrDefault("addr:country", region));
        String number = tags.get("addr:housenumber");
        String name = tags.getOrDefault("addr:street", tags.get("addr:place"));
        String street = country.numberBehind() ? join(" ", name, number) : join(" ", number, name);
        String town =
                tags.getOrDefault("addr:city", tags.getOrDefault("addr:town", tags.getOrDefault("addr:village", "")));
        if (street.isBlank() && town.isBlank()) {
            return;
        }
        String code = tags.getOrDefault("addr:postcode", "");
        String last = country.order() == Country.Order.CODE_TOWN ? join(" ", code, town) : join(" ", town, code);
        Span at = places.entrySet().stream()
                .filter(place -> place.getKey().startsWith("addr:"))
                .map(Map.Entry::getValue)
                .reduce((one, other) -> new Span(Math.min(one.from(), other.from()), Math.max(one.to(), other.to())))
                .orElse(new Span(0, 0));
        found.add(Found.line("place", join(", ", street, last), at, Sureness.SURE));
    }

    private static String join(String between, String... parts) {
        List<String> said = new ArrayList<>();
        for (String part : parts) {
            if (part != null && !part.isBlank()) {
                said.add(part);
            }
        }
        return String.join(between, said);
    }
}
