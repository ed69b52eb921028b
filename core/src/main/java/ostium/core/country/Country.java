package ostium.core.country;

import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import ostium.core.base.DataFile;

/**
 * What Ostium knows of a country: how addresses are written there, which clocks it keeps, which languages it speaks. All
 * of it is data ({@code countries.yaml}).
 *
 * @param code ISO 3166, two letters
 * @param name its English name
 * @param names what it is called at the end of an address, in lower case
 * @param postcode pattern of its postal codes, in capitals
 * @param write how the groups of the pattern are written
 * @param example a postal code of the right form
 * @param order how the line of the town is written
 * @param numberBehind whether the number of a house stands behind its street: {@code Seilergasse 12}
 * @param counties districts that are written behind the town, in lower case, beside those whose name says it
 * @param regions names of regions by the letters that stand in an address
 * @param zones zones of its clocks, the usual one first
 * @param zoneOf regions that keep one zone, by zone
 * @param languages ISO 639 of its people, the usual one first
 */
public record Country(
        String code,
        String name,
        List<String> names,
        String postcode,
        String write,
        String example,
        Order order,
        boolean numberBehind,
        List<String> counties,
        Map<String, String> regions,
        List<String> zones,
        Map<String, List<String>> zoneOf,
        List<String> languages) {

    /** Where the postal code stands in the line of the town. */
    public enum Order {
        /** {@code Quillhaven QH1 2NL} */
        TOWN_CODE,
        /** {@code 10115 Berlin} */
        CODE_TOWN,
        /** {@code Port Merrow, ME 04199} */
        TOWN_REGION_CODE
    }

    record File(List<Country> countries) {}

    private static final Map<String, Country> ALL =
            DataFile.read("/ostium/countries.yaml", File.class).countries().stream()
                    .collect(Collectors.toMap(
                            Country::code, Function.identity(), (one, other) -> one, LinkedHashMap::new));

    public Country {
        counties = counties == null ? List.of() : List.copyOf(counties);
        regions = regions == null ? Map.of() : Map.copyOf(regions);
        zoneOf = zoneOf == null ? Map.of() : Map.copyOf(zoneOf);
    }

    /** Every country there is data of. */
    public static List<Country> all() {
        return List.copyOf(ALL.values());
    }

    /** The country of a code; the United Kingdom where there are no data of it. */
    public static Country of(String code) {
        return ALL.getOrDefault(code.toUpperCase(Locale.ROOT), ALL.get("GB"));
    }

    /** The country that is called so at the end of an address. Its code alone is not enough: DE is a state as well. */
    public static Optional<Country> called(String words) {
        String plain = words.strip().toLowerCase(Locale.ROOT).replaceAll("[.]", "");
        return ALL.values().stream()
                .filter(country -> country.names().contains(plain))
                .findFirst();
    }

    /** The zone of a business: that of its region where the region keeps one, else the usual one. */
    public ZoneId zone(String region) {
        return ZoneId.of(zoneOf.entrySet().stream()
                .filter(zone -> zone.getValue().contains(region))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(zones.get(0)));
    }

    /** Whether the owner has to be asked for the zone: the country has several, and the region does not say. */
    public boolean asksZone(String region) {
        return zones.size() > 1 && zoneOf.values().stream().noneMatch(all -> all.contains(region));
    }

    /** Whether words behind a town are the district it lies in: "Co. Waterford", "Northmoorshire", "Kent". */
    public boolean isCounty(String words) {
        String plain = words.strip().toLowerCase(Locale.ROOT);
        boolean saysSo = plain.matches("(?:co\\.?|county) .+") || code.equals("GB") && plain.endsWith("shire");
        return order == Order.TOWN_CODE && (saysSo || counties.contains(plain));
    }

    /** Whether people there write the month before the day. */
    public boolean monthFirst() {
        return code.equals("US");
    }
}
