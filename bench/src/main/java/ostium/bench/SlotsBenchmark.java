package ostium.bench;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;
import ostium.core.booking.Agenda;
import ostium.core.booking.Appointment;
import ostium.core.booking.BookingRules;
import ostium.core.booking.BookingTerms;
import ostium.core.booking.ClockWords;
import ostium.core.booking.OfferedService;
import ostium.core.booking.Resource;
import ostium.core.booking.Slots;
import ostium.core.booking.TextRules;
import ostium.core.booking.Wanted;
import ostium.core.hours.OpeningTimes;
import ostium.core.hours.WeeklyHours;
import ostium.core.place.MeasuredTravel;

/** Free times of sixty days for twelve services that eight people carry out, with a diary two thirds full. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 4, time = 5)
@Fork(1)
public class SlotsBenchmark {
    private static final ZoneId ZONE = ZoneId.of("Europe/London");
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    private static final LocalDate TODAY = LocalDate.parse("2026-11-25");
    private static final int DAYS = 60;

    private BookingTerms terms;
    private Agenda agenda;

    @Setup
    public void make() {
        List<OfferedService> services = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            services.add(new OfferedService("s" + i, "Service " + i, "", 30 + 15 * (i % 5), 5, 10, 1));
        }
        List<Resource> people = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            people.add(new Resource(
                    "p" + i, Resource.Kind.PERSON, "Person " + i, i % 2 == 0 ? "Mon-Fri 8-16" : "", List.of()));
        }
        BookingRules rules = new BookingRules(
                true, 60, DAYS, 15, 0, 0, true, 15, "", List.of(), people, List.of(), "", TextRules.NONE);
        WeeklyHours week = WeeklyHours.read("Mon-Fri 8-18, Sat 9-13").value().orElseThrow();
        terms = new BookingTerms(
                rules,
                ZONE,
                new OpeningTimes(week, List.of()),
                services,
                people,
                ClockWords.of(ZONE, "GB"),
                new MeasuredTravel());
        Random random = new Random(1);
        List<Appointment> taken = new ArrayList<>();
        for (int day = 0; day < DAYS; day++) {
            for (Resource person : people) {
                for (int hour = 8; hour < 17; hour += 2) {
                    Instant start = TODAY.plusDays(day)
                            .atTime(hour, 15 * random.nextInt(3))
                            .atZone(ZONE)
                            .toInstant();
                    taken.add(new Appointment(
                            "a" + taken.size(),
                            "",
                            "s0",
                            person.id(),
                            start,
                            start.plusSeconds(3600),
                            0,
                            10,
                            Optional.empty()));
                }
            }
        }
        agenda = new Agenda(taken, List.of());
    }

    @Benchmark
    public void sixtyDays(Blackhole hole) {
        Slots slots = Slots.of(terms, agenda, NOW);
        for (OfferedService service : terms.services()) {
            hole.consume(slots.free(Wanted.of(service.id()), TODAY, DAYS));
        }
    }
}
