package ostium.core.booking;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.trade.EachTrade;

/** What holds of every rule, diary and clock; a failing case is named by its seed. */
class SlotsPropertyTest {
    private static final int DAYS = 3;

    static LongStream seeds() {
        return EachTrade.seeds(60);
    }

    /** Takes free times at random until a few dozen are taken; each is one that was offered. */
    private static Agenda filled(GeneratedRules made, BookingTerms terms, Instant now, int most) {
        List<Block> blocks = made.blocks(now, terms);
        List<Appointment> taken = new ArrayList<>();
        LocalDate today = now.atZone(terms.zone()).toLocalDate();
        for (int i = 0; i < most; i++) {
            Wanted wanted = made.wanted(terms);
            List<Slot> free = Slots.of(terms, new Agenda(taken, blocks), now).free(wanted, today, DAYS);
            if (!free.isEmpty()) {
                Slot slot = made.pick(free);
                OfferedService service = terms.service(wanted.service()).orElseThrow();
                taken.add(new Appointment(
                        "a" + i,
                        "A" + i,
                        service.id(),
                        made.pick(slot.resources()),
                        slot.start(),
                        slot.start().plusSeconds(service.minutes() * 60L),
                        service.before(),
                        service.after(),
                        wanted.at()));
            }
        }
        return new Agenda(taken, blocks);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theFastWayAndThePlainWayAgree(long seed) {
        GeneratedRules made = new GeneratedRules(seed);
        BookingTerms terms = made.terms();
        Instant now = made.now(terms.zone());
        Agenda agenda = filled(made, terms, now, 8);
        LocalDate today = now.atZone(terms.zone()).toLocalDate();
        Instant from = today.atStartOfDay(terms.zone()).toInstant();
        Instant to = today.plusDays(DAYS).atStartOfDay(terms.zone()).toInstant();
        Wanted wanted = made.wanted(terms);
        assertThat(Slots.of(terms, agenda, now).free(wanted, today, DAYS))
                .isEqualTo(new PlainSlots(terms, agenda, now).free(wanted, from, to));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsOfferedCanBeTakenAndWhatIsNotHasAReason(long seed) {
        GeneratedRules made = new GeneratedRules(seed);
        BookingTerms terms = made.terms();
        Instant now = made.now(terms.zone());
        Slots slots = Slots.of(terms, filled(made, terms, now, 12), now);
        LocalDate today = now.atZone(terms.zone()).toLocalDate();
        Wanted wanted = made.wanted(terms);
        List<Instant> free =
                slots.free(wanted, today, DAYS).stream().map(Slot::start).toList();
        Instant start = today.atStartOfDay(terms.zone()).toInstant();
        Instant end = today.plusDays(DAYS).atStartOfDay(terms.zone()).toInstant();
        for (; start.isBefore(end); start = start.plusSeconds(300)) {
            assertThat(slots.whyNot(wanted, start).isEmpty()).as("%s", start).isEqualTo(free.contains(start));
            slots.whyNot(wanted, start)
                    .ifPresent(refusal -> assertThat(refusal.says()).isNotBlank());
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void oneStartIsDecidedByTheDaysAroundIt(long seed) {
        GeneratedRules made = new GeneratedRules(seed);
        BookingTerms terms = made.terms();
        Instant now = made.now(terms.zone());
        Agenda whole = filled(made, terms, now, 12);
        Slots slots = Slots.of(terms, whole, now);
        Instant start = now.truncatedTo(ChronoUnit.HOURS).minus(1, ChronoUnit.DAYS);
        Instant end = start.plus(rangeOf(terms) + 3, ChronoUnit.DAYS);
        for (; start.isBefore(end); start = start.plusSeconds(900)) {
            Wanted wanted = made.wanted(terms);
            int minutes = terms.service(wanted.service()).orElseThrow().minutes();
            assertThat(Slots.one(terms, around(whole, start, minutes, Slots.around(terms.rules())), now, wanted, start))
                    .as("%s", start)
                    .isEqualTo(slots.at(wanted, start));
        }
    }

    private static int rangeOf(BookingTerms terms) {
        return Math.min(terms.rules().daysAhead(), 12);
    }

    /** What a diary is asked for when one start matters. */
    private static Agenda around(Agenda whole, Instant start, int minutes, Duration beside) {
        Instant from = start.minus(beside);
        Instant to = start.plus(minutes, ChronoUnit.MINUTES).plus(beside);
        return new Agenda(
                whole.appointments().stream()
                        .filter(each -> each.start().isBefore(to) && each.end().isAfter(from))
                        .toList(),
                whole.blocks().stream()
                        .filter(each -> each.from().isBefore(to) && each.to().isAfter(from))
                        .toList());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void neverOverCapacity(long seed) {
        GeneratedRules made = new GeneratedRules(seed);
        BookingTerms terms = made.terms();
        Instant now = made.now(terms.zone());
        List<Appointment> taken = filled(made, terms, now, 60).appointments();
        for (Appointment each : taken) {
            int capacity = terms.service(each.service()).orElseThrow().capacity();
            List<Appointment> beside = taken.stream()
                    .filter(other -> other.resource().equals(each.resource()))
                    .filter(other ->
                            other.start().isBefore(each.end()) && each.start().isBefore(other.end()))
                    .toList();
            assertThat(beside)
                    .hasSizeLessThanOrEqualTo(capacity)
                    .allMatch(other -> other.service().equals(each.service())
                            && other.start().equals(each.start()));
        }
    }
}
