package ostium.core.fact;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where the business is. Facets: all of it in one line; {@code town}; {@code street}.
 *
 * @param street house and street, or empty when only the town is known
 * @param town town or village, or empty
 * @param district region or state, such as {@code ME}, or empty
 * @param postcode postal code, or empty
 * @param visibility how much of it visitors may see
 */
public record Place(String street, String town, String district, String postcode, Visibility visibility)
        implements FactValue {

    /** How much of a place is shown. */
    public enum Visibility {
        WHOLE,
        TOWN,
        HIDDEN
    }

    public static final int LONGEST = 300;

    private static final Pattern BRITISH =
            Pattern.compile("(?i)\\b([A-Z]{1,2}[0-9][A-Z0-9]?)\\s*([0-9][A-Z]{2})\\b\\s*$");
    private static final Pattern IRISH = Pattern.compile("(?i)\\b([A-Z][0-9][0-9W])\\s*([A-Z0-9]{4})\\b\\s*$");
    private static final Pattern AMERICAN = Pattern.compile("\\b([A-Z]{2})[ ,]+([0-9]{5}(?:-[0-9]{4})?)\\s*$");

    public Place {
        Objects.requireNonNull(street, "street");
        Objects.requireNonNull(town, "town");
        Objects.requireNonNull(district, "district");
        Objects.requireNonNull(postcode, "postcode");
        Objects.requireNonNull(visibility, "visibility");
    }

    public static Place town(String town) {
        return new Place("", town, "", "", Visibility.WHOLE);
    }

    /**
     * Reads an address written in one line or several: street first, the town after it, the postal code last.
     *
     * @param region ISO 3166 country, for the form of the postal code
     */
    public static Reading<Place> read(String words, String region) {
        String rest = words.strip().replaceAll("\\s*\\R\\s*", ", ");
        if (rest.isEmpty()) {
            return Reading.refused("Type an address, or just your town.", words);
        }
        if (rest.length() > LONGEST) {
            return Reading.refused("An address has at most " + LONGEST + " characters.", LONGEST, words.length());
        }
        String postcode = "";
        String district = "";
        Matcher american = AMERICAN.matcher(rest);
        Matcher code = ("IE".equals(region) ? IRISH : BRITISH).matcher(rest);
        if ("US".equals(region) && american.find()) {
            district = american.group(1);
            postcode = american.group(2);
            rest = rest.substring(0, american.start());
        } else if (!"US".equals(region) && code.find()) {
            postcode = (code.group(1) + " " + code.group(2)).toUpperCase(java.util.Locale.ROOT);
            rest = rest.substring(0, code.start());
        }
        List<String> lines = new ArrayList<>(List.of(rest.split("\\s*,\\s*")));
        lines.removeIf(String::isBlank);
        if (lines.isEmpty()) {
            return Reading.understood(new Place("", "", district, postcode, Visibility.WHOLE));
        }
        String town = lines.remove(lines.size() - 1).strip();
        if (lines.isEmpty() && town.matches(".*[0-9].*")) {
            return new Reading.Understood<>(
                    new Place(town, "", district, postcode, Visibility.WHOLE),
                    List.of(new Reading.Remark("Which town is this in? Add it after a comma.", null)));
        }
        return Reading.understood(new Place(String.join(", ", lines), town, district, postcode, Visibility.WHOLE));
    }

    /** The lines a visitor may see, as they stand on an envelope. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        if (visibility == Visibility.HIDDEN) {
            return lines;
        }
        if (visibility == Visibility.WHOLE && !street.isBlank()) {
            lines.add(street);
        }
        String last = town;
        if (!district.isBlank()) {
            last += (last.isBlank() ? "" : ", ") + district;
        }
        if (visibility == Visibility.WHOLE && !postcode.isBlank()) {
            last += (last.isBlank() ? "" : " ") + postcode;
        }
        if (!last.isBlank()) {
            lines.add(last);
        }
        return lines;
    }

    @Override
    public List<String> facets() {
        return List.of("", "town", "street");
    }

    @Override
    public Optional<String> say(String facet) {
        return switch (facet) {
            case "" -> Optional.of(String.join(", ", lines())).filter(line -> !line.isBlank());
            case "town" -> visibility == Visibility.HIDDEN || town.isBlank() ? Optional.empty() : Optional.of(town);
            case "street" ->
                visibility == Visibility.WHOLE && !street.isBlank() ? Optional.of(street) : Optional.empty();
            default -> Optional.empty();
        };
    }
}
