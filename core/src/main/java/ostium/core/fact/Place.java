package ostium.core.fact;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.base.Reading;
import ostium.core.country.Country;

/**
 * Where the business is. Facets: all of it in one line; {@code town}; {@code street}.
 *
 * @param street house and street, or empty when only the town is known
 * @param town town or village, or empty
 * @param district region or state, such as {@code ME}, or empty
 * @param postcode postal code, or empty
 * @param country ISO 3166, whose order the lines have
 * @param visibility how much of it visitors may see
 */
public record Place(String street, String town, String district, String postcode, String country, Visibility visibility)
        implements FactValue {

    /** How much of a place is shown. */
    public enum Visibility {
        WHOLE,
        TOWN,
        HIDDEN
    }

    public static final int LONGEST = 300;

    public Place {
        Objects.requireNonNull(street, "street");
        Objects.requireNonNull(town, "town");
        Objects.requireNonNull(district, "district");
        Objects.requireNonNull(postcode, "postcode");
        Objects.requireNonNull(country, "country");
        Objects.requireNonNull(visibility, "visibility");
    }

    public static Place town(String town) {
        return new Place("", town, "", "", "GB", Visibility.WHOLE);
    }

    /**
     * Reads an address written in one line or several, in the order of its country; a country at the end goes before the
     * region given.
     *
     * @param region ISO 3166 country, for the form of the postal code
     */
    public static Reading<Place> read(String words, String region) {
        Optional<Reading<Place>> tooLong = Reading.tooLong(words, 4 * LONGEST);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        return new PlaceReader(words, Country.of(region)).read();
    }

    /** This place with another say in how much of it is shown. */
    public Place shown(Visibility other) {
        return new Place(street, town, district, postcode, country, other);
    }

    /** The lines a visitor may see, as they stand on an envelope of its country. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        if (visibility == Visibility.HIDDEN) {
            return lines;
        }
        boolean whole = visibility == Visibility.WHOLE;
        if (whole && !street.isBlank()) {
            lines.add(street);
        }
        String code = whole ? postcode : "";
        String last = switch (Country.of(country).order()) {
            case TOWN_CODE -> joined(" ", joined(", ", town, district), code);
            case CODE_TOWN -> joined(" ", code, town, district);
            case TOWN_REGION_CODE ->
                "AU".equals(country)
                        ? joined(" ", town, district, code)
                        : joined(" ", joined(", ", town, district), code);
        };
        if (!last.isBlank()) {
            lines.add(last);
        }
        return lines;
    }

    private static String joined(String between, String... parts) {
        return Stream.of(parts).filter(part -> !part.isBlank()).collect(Collectors.joining(between));
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
