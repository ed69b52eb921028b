package ostium.core.fact;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Listing;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/**
 * Where the business comes to: places by name in the owner's order, a distance around its base, or both. Facets: a list
 * with "and"; {@code first}; {@code rest} (the list without the first); {@code count}.
 *
 * @param places names of places; may be empty when there is a radius
 * @param radius metres around the base, or 0
 */
public record Area(List<String> places, int radius) implements FactValue {

    /** Most characters that are read. */
    public static final int LONGEST = 1000;

    private static final Messages WORDS = Messages.of("fact");

    /** Most places by name. */
    public static final int MOST = 40;

    private static final int LONGEST_NAME = 60;
    private static final int LARGEST_METRES = 1_000_000;
    private static final double METRES_PER_MILE = 1609.344;
    private static final String DISTANCE = "([0-9]{1,4}(?:[.,][0-9])?)\\s*[- ]?\\s*(miles?|mi|km|kilomet(?:er|re)s?)";
    private static final Pattern RADIUS = Pattern.compile(
            "(?i)(?:(?:and|or)\\s+)?(?:anywhere\\s+)?(?:up to|within|in|about)?\\s*(?:an?\\s+)?" + DISTANCE
                    + "(?:\\s*(?:around|round about|round|about|radius|away|from (?:here|us)|of (?:here|us)))*");

    /** What "do you come to …?" is answered with. */
    public enum Answer {
        YES,
        NO,
        /** Too near the edge, or nothing is known of the place. */
        ASK
    }

    public Area {
        places = List.copyOf(places);
        if (places.isEmpty() && radius == 0 || radius < 0) {
            throw new IllegalArgumentException("neither a place nor a radius");
        }
    }

    public Area(List<String> places) {
        this(places, 0);
    }

    /** Reads "Quillhaven, Tolver and 15 miles around". */
    public static Reading<Area> read(String words) {
        Optional<Reading<Area>> tooLong = Reading.tooLong(words, LONGEST);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        List<String> places = new ArrayList<>();
        int radius = 0;
        for (String part : words.split("\\s*(?:[,;\\n]|\\band\\b|\\s&\\s)\\s*")) {
            String name = part.strip().replaceFirst("[.]$", "");
            Matcher distance = RADIUS.matcher(name);
            if (distance.matches()) {
                double length = Double.parseDouble(distance.group(1).replace(',', '.'));
                boolean miles = distance.group(2).toLowerCase(Locale.ROOT).startsWith("mi");
                radius = (int) Math.round(length * (miles ? METRES_PER_MILE : 1000));
            } else if (!name.isEmpty() && !places.contains(name)) {
                places.add(name);
            }
        }
        if (radius > LARGEST_METRES) {
            return Reading.refused(WORDS.say("area.thatIsFurtherThanThe"), words);
        }
        if (places.isEmpty() && radius == 0
                || places.size() > MOST
                || places.stream().anyMatch(place -> place.length() > LONGEST_NAME)) {
            return Reading.refused(WORDS.say("area.many", MOST), words);
        }
        return Reading.understood(new Area(places, radius));
    }

    /**
     * Whether the business comes to a place.
     *
     * @param name what the place is called
     * @param there its point, where one is known
     * @param base the point of the business, where one is known
     */
    public Answer comesTo(String name, Optional<Point> there, Optional<Point> base) {
        if (places.stream().anyMatch(place -> plain(place).equals(plain(name)))) {
            return Answer.YES;
        }
        if (radius == 0 || there.isEmpty() || base.isEmpty()) {
            return Answer.ASK;
        }
        double distance = base.get().metresTo(there.get());
        double unsure = there.get().accuracy().metres() + base.get().accuracy().metres();
        if (distance + unsure <= radius) {
            return Answer.YES;
        }
        return distance - unsure > radius && places.isEmpty() ? Answer.NO : Answer.ASK;
    }

    private static String plain(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("['’`.]", "")
                .toLowerCase(Locale.ROOT)
                .strip();
    }

    /** All of it in words: the places, and how far around. */
    private List<String> all() {
        List<String> all = new ArrayList<>(places);
        if (radius > 0) {
            double miles = radius / METRES_PER_MILE;
            boolean inMiles = Math.abs(miles - Math.round(miles)) < 0.01;
            long length = inMiles ? Math.round(miles) : Math.round(radius / 1000.0);
            String unit = inMiles ? length == 1 ? "mile" : "miles" : "km";
            all.add(length + " " + unit + " around");
        }
        return all;
    }

    @Override
    public List<String> facets() {
        return List.of("", "first", "rest", "count");
    }

    @Override
    public Optional<String> say(String facet) {
        return switch (facet) {
            case "" -> Optional.of(Listing.and(all()));
            case "first" -> places.stream().findFirst();
            case "rest" ->
                places.size() > 1 ? Optional.of(Listing.and(all().subList(1, all().size()))) : Optional.empty();
            case "count" -> places.size() > 1 ? Optional.of(Listing.number(places.size())) : Optional.empty();
            default -> Optional.empty();
        };
    }
}
