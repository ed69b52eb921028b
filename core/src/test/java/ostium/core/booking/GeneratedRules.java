package ostium.core.booking;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import ostium.core.fact.Point;
import ostium.core.hours.BusinessDay;
import ostium.core.hours.OpeningTimes;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.WeeklyHours;
import ostium.core.place.MeasuredTravel;

/** Rules, hours and places made up from a seed: odd ones, on ordinary days and on days clocks change. */
final class GeneratedRules {
    private static final List<String> WEEKS = List.of(
            "Mon-Fri 9-5", "Mon-Sat 8-12, 13-18", "Tue-Sun 10-20", "Fri 22:00-03:00, Sat 22:00-03:00", "Mon-Sun 0-24");
    private static final Map<String, List<String>> STARTS = Map.of(
            "Europe/London", List.of("2026-12-01", "2027-03-26", "2027-10-29"),
            "America/New_York", List.of("2026-12-04", "2027-03-12", "2026-10-30"),
            "Australia/Lord_Howe", List.of("2027-04-02", "2026-10-02"));

    private final Random random;

    GeneratedRules(long seed) {
        this.random = new Random(seed);
    }

    BookingTerms terms() {
        List<String> zones = STARTS.keySet().stream().sorted().toList();
        ZoneId zone = ZoneId.of(pick(zones));
        List<OfferedService> services = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            int capacity = random.nextInt(3) == 0 ? 1 + random.nextInt(3) : 1;
            services.add(new OfferedService(
                    "s" + i,
                    "Service " + i,
                    "",
                    pick(List.of(15, 30, 45, 60, 90, 200)),
                    pick(List.of(0, 0, 10, 15)),
                    pick(List.of(0, 0, 5, 20)),
                    capacity));
        }
        List<Resource> resources = new ArrayList<>();
        int people = random.nextInt(4);
        for (int i = 0; i < people; i++) {
            List<String> can = random.nextInt(3) == 0 ? List.of("s" + random.nextInt(3)) : List.of();
            resources.add(new Resource(
                    "r" + i, Resource.Kind.PERSON, "R" + i, random.nextInt(3) == 0 ? pick(WEEKS) : "", can));
        }
        BookingRules rules = new BookingRules(
                true,
                pick(List.of(0, 60, 24 * 60)),
                pick(List.of(2, 30, 60)),
                pick(BookingRules.GRIDS),
                random.nextInt(4) == 0 ? 1 + random.nextInt(4) : 0,
                0,
                random.nextInt(3) == 0,
                pick(List.of(0, 10, 25)),
                "",
                List.of(),
                resources,
                List.of(),
                "",
                TextRules.NONE);
        return new BookingTerms(
                rules,
                zone,
                new OpeningTimes(WeeklyHours.read(pick(WEEKS)).value().orElseThrow(), closures(zone)),
                services,
                resources.isEmpty() ? List.of(Resource.BUSINESS) : resources,
                ClockWords.of(zone, "GB"),
                new MeasuredTravel());
    }

    private List<SpecialHours> closures(ZoneId zone) {
        BusinessDay day = BusinessDay.at(Instant.parse("2026-10-01T12:00:00Z"), zone);
        return random.nextBoolean()
                ? List.of()
                : List.of(SpecialHours.read("2 Dec 2026 closed", day, "GB")
                        .value()
                        .orElseThrow());
    }

    /** An instant shortly before one of the days that matter in the zone. */
    Instant now(ZoneId zone) {
        return LocalDate.parse(pick(STARTS.get(zone.getId())))
                .atTime(random.nextInt(24), random.nextInt(60))
                .atZone(zone)
                .toInstant();
    }

    Wanted wanted(BookingTerms terms) {
        String service = pick(terms.services()).id();
        String resource = random.nextInt(3) == 0 ? pick(terms.resources()).id() : "";
        return new Wanted(service, resource, place());
    }

    Optional<Point> place() {
        return random.nextInt(3) == 0
                ? Optional.empty()
                : Optional.of(new Point(49.70 + random.nextInt(4) * 0.03, -7.40, Point.Accuracy.TOWN));
    }

    List<Block> blocks(Instant now, BookingTerms terms) {
        List<Block> blocks = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            Instant from = now.plusSeconds(random.nextInt(3 * 1440) * 60L);
            blocks.add(new Block(
                    random.nextBoolean() ? "" : pick(terms.resources()).id(),
                    from,
                    from.plusSeconds((1 + random.nextInt(300)) * 60L),
                    ""));
        }
        return blocks;
    }

    <T> T pick(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }
}
