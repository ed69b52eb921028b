package ostium.core.place;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.fact.Point.Accuracy;
import ostium.core.text.EditDistance;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Places of maps in GeoJSON: towns and villages by their points, streets by their lines with house numbers from end to
 * end. Houses are placed along the street by their number.
 */
public final class Gazetteer implements PlaceFinder {
    private static final int LONGEST_WORDS = 200;
    /** Beyond this from any street or town there is nothing to name. */
    private static final double FURTHEST_METRES = 3000;

    /** A map with its towns and streets. */
    private record Region(String country, String region, String json, List<Town> towns, List<Street> streets) {}

    private record Town(String name, Point point) {}

    private record Street(String name, String town, String postcode, int first, int last, List<double[]> line) {}

    private final List<Region> regions = new ArrayList<>();

    /**
     * @param maps feature collections with {@code country}, {@code region}, and features of the kinds {@code place} and
     *     {@code street}
     */
    public Gazetteer(List<String> maps) {
        maps.forEach(map -> regions.add(read(map)));
    }

    private static Region read(String json) {
        JsonNode root = JsonMapper.shared().readTree(json);
        List<Town> towns = new ArrayList<>();
        List<Street> streets = new ArrayList<>();
        for (JsonNode feature : root.path("features")) {
            JsonNode says = feature.path("properties");
            JsonNode where = feature.path("geometry").path("coordinates");
            switch (says.path("kind").asString()) {
                case "place" ->
                    towns.add(new Town(
                            says.path("name").asString(),
                            new Point(where.get(1).asDouble(), where.get(0).asDouble(), Accuracy.TOWN)));
                case "street" -> {
                    List<double[]> line = new ArrayList<>();
                    where.forEach(each -> line.add(
                            new double[] {each.get(1).asDouble(), each.get(0).asDouble()}));
                    streets.add(new Street(
                            says.path("name").asString(),
                            says.path("town").asString(),
                            says.path("postcode").asString(),
                            says.path("first").asInt(),
                            says.path("last").asInt(),
                            line));
                }
                default -> {}
            }
        }
        return new Region(root.path("country").asString(), root.path("region").asString(""), json, towns, streets);
    }

    @Override
    public List<FoundPlace> suggest(String words, String country, int most) {
        String typed = plain(words.substring(0, Math.min(words.length(), LONGEST_WORDS)));
        Matcher house = HOUSE.matcher(typed);
        String number = house.find() ? house.group(1) : "";
        String rest = number.isEmpty() ? typed : typed.substring(house.end());
        if (rest.length() < 2) {
            return List.of();
        }
        return regions.stream()
                .filter(region -> region.country().equals(country))
                .flatMap(region -> Stream.concat(
                        region.towns().stream()
                                .filter(town -> number.isEmpty())
                                .map(town -> new Scored(score(plain(town.name()), rest) * 1.1, found(town, region))),
                        region.streets().stream()
                                .map(street ->
                                        new Scored(score(plain(said(street)), rest), found(street, number, region)))))
                .filter(scored -> scored.score() > 0)
                .sorted(Comparator.comparingDouble(Scored::score).reversed())
                .limit(most)
                .map(Scored::place)
                .toList();
    }

    private record Scored(double score, FoundPlace place) {}

    private static final Pattern HOUSE = Pattern.compile("^([0-9]{1,4}[a-z]?)\\s+");

    private static String said(Street street) {
        return street.name() + " " + street.town() + " " + street.postcode();
    }

    /** How well what was typed fits the beginning of a name, a slip allowed; 0 where it does not. */
    private static double score(String name, String typed) {
        if (name.startsWith(typed)) {
            return 2 + (double) typed.length() / name.length();
        }
        List<String> known = List.of(name.split(" "));
        double sum = 0;
        for (String word : typed.split(" ")) {
            double best = known.stream()
                    .mapToDouble(each -> wordScore(each, word))
                    .max()
                    .orElse(0);
            if (best == 0) {
                return 0;
            }
            sum += best;
        }
        return sum / typed.split(" ").length;
    }

    private static double wordScore(String known, String typed) {
        if (known.startsWith(typed)) {
            return known.equals(typed) ? 1 : 0.8;
        }
        boolean slip = typed.length() > 3
                && EditDistance.between(known.substring(0, Math.min(known.length(), typed.length())), typed) <= 1;
        return slip ? 0.5 : 0;
    }

    @Override
    public Optional<FoundPlace> find(String address, String country) {
        Optional<Place> place = Place.read(address, country).value();
        if (place.isEmpty()) {
            return Optional.empty();
        }
        String street = plain(place.get().street());
        String town = plain(place.get().town());
        String code = plain(place.get().postcode());
        for (Region region : regions) {
            if (!region.country().equals(country)) {
                continue;
            }
            for (Street known : region.streets()) {
                Matcher house = HOUSE.matcher(street);
                String number = house.find() ? house.group(1) : "";
                String name = number.isEmpty() ? street : street.substring(house.end());
                boolean there = plain(known.town()).equals(town)
                        || !code.isEmpty() && plain(known.postcode()).equals(code);
                if (there && !name.isEmpty() && name.endsWith(plain(known.name()))) {
                    return Optional.of(found(known, number, region));
                }
            }
            Optional<Town> known = region.towns().stream()
                    .filter(each -> plain(each.name()).equals(town))
                    .findFirst();
            if (known.isPresent()) {
                return known.map(each -> found(each, region));
            }
        }
        return Optional.empty();
    }

    @Override
    public Optional<FoundPlace> at(Point point) {
        FoundPlace nearest = null;
        double least = FURTHEST_METRES;
        for (Region region : regions) {
            for (Street street : region.streets()) {
                for (int step = 0; step <= STEPS; step++) {
                    double metres = along(street, (double) step / STEPS).metresTo(point);
                    if (metres < least) {
                        least = metres;
                        String number = metres < 60 ? number(street, (double) step / STEPS) : "";
                        nearest = found(street, number, region);
                    }
                }
            }
            for (Town town : region.towns()) {
                if (least > 400 && town.point().metresTo(point) < least) {
                    least = town.point().metresTo(point);
                    nearest = found(town, region);
                }
            }
        }
        return Optional.ofNullable(nearest);
    }

    private static final int STEPS = 24;

    @Override
    public Optional<String> mapAround(Point point) {
        return regions.stream()
                .filter(region ->
                        region.towns().stream().anyMatch(town -> town.point().metresTo(point) < 12_000))
                .map(Region::json)
                .findFirst();
    }

    // ---- streets and houses --------------------------------------------------------------------------------------

    private static FoundPlace found(Town town, Region region) {
        return new FoundPlace(written("", town.name(), "", region), town.name(), town.point());
    }

    private static FoundPlace found(Street street, String number, Region region) {
        boolean house = !number.isEmpty() && share(street, number).isPresent();
        Point point = along(street, house ? share(street, number).orElseThrow() : 0.5);
        Point exact = new Point(point.latitude(), point.longitude(), house ? Accuracy.HOUSE : Accuracy.STREET);
        String line = (house ? number.toUpperCase(Locale.ROOT) + " " : "") + street.name();
        return new FoundPlace(written(line, street.town(), street.postcode(), region), street.town(), exact);
    }

    private static String written(String street, String town, String postcode, Region region) {
        Place place = new Place(street, town, region.region(), postcode, region.country(), Place.Visibility.WHOLE);
        return place.lines().stream().collect(Collectors.joining(", "));
    }

    /** How far along the street a house stands, if it has such a number. */
    private static Optional<Double> share(Street street, String number) {
        int house = Integer.parseInt(number.replaceAll("[^0-9]", ""));
        return house < street.first() || house > street.last()
                ? Optional.empty()
                : Optional.of((double) (house - street.first()) / Math.max(1, street.last() - street.first()));
    }

    private static String number(Street street, double share) {
        return String.valueOf(Math.round(street.first() + share * (street.last() - street.first())));
    }

    private static Point along(Street street, double share) {
        double at = share * (street.line().size() - 1);
        int from = (int) Math.min(Math.floor(at), street.line().size() - 2);
        double part = at - from;
        double[] one = street.line().get(from);
        double[] other = street.line().get(from + 1);
        return new Point(one[0] + (other[0] - one[0]) * part, one[1] + (other[1] - one[1]) * part, Accuracy.HOUSE);
    }

    private static String plain(String words) {
        return Normalizer.normalize(words, Normalizer.Form.NFD)
                .replaceAll("\\p{M}|['’`.]", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}0-9]+", " ")
                .strip();
    }
}
