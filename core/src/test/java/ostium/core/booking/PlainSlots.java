package ostium.core.booking;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import ostium.core.hours.OpeningTimes;

/** The rules of booking minute by minute, as one would explain them; slow, and knows nothing of {@link Slots}. */
final class PlainSlots {
    private final BookingTerms terms;
    private final Agenda agenda;
    private final Instant now;

    PlainSlots(BookingTerms terms, Agenda agenda, Instant now) {
        this.terms = terms;
        this.agenda = agenda;
        this.now = now;
    }

    List<Slot> free(Wanted wanted, Instant from, Instant to) {
        List<Slot> slots = new ArrayList<>();
        for (Instant start = from; start.isBefore(to); start = start.plusSeconds(60)) {
            List<String> able = able(wanted, start);
            if (!able.isEmpty()) {
                slots.add(new Slot(start, able));
            }
        }
        return slots;
    }

    private List<String> able(Wanted wanted, Instant start) {
        OfferedService service = terms.service(wanted.service()).orElseThrow();
        LocalTime clock = start.atZone(terms.zone()).toLocalTime();
        LocalDate day = start.atZone(terms.zone()).toLocalDate();
        LocalDate last =
                now.atZone(terms.zone()).toLocalDate().plusDays(terms.rules().daysAhead());
        boolean inTime =
                !start.isBefore(now.plus(Duration.ofMinutes(terms.rules().notice()))) && !day.isAfter(last);
        if (!inTime || clock.toSecondOfDay() / 60 % terms.rules().grid() != 0) {
            return List.of();
        }
        List<String> able = new ArrayList<>();
        for (Resource resource : terms.resources()) {
            boolean asked = wanted.resource().isEmpty() || wanted.resource().equals(resource.id());
            if (asked && resource.can(service.id()) && isFree(resource, service, wanted, start, day)) {
                able.add(resource.id());
            }
        }
        return able;
    }

    private boolean isFree(Resource resource, OfferedService service, Wanted wanted, Instant start, LocalDate day) {
        Instant end = start.plusSeconds(service.minutes() * 60L);
        for (Instant minute = start; minute.isBefore(end); minute = minute.plusSeconds(60)) {
            if (!isOpen(resource, minute)) {
                return false;
            }
        }
        Instant from = start.minusSeconds(service.before() * 60L);
        Instant to = end.plusSeconds(service.after() * 60L);
        boolean blocked = agenda.blocks().stream()
                .filter(block -> block.resource().isEmpty() || block.resource().equals(resource.id()))
                .anyMatch(block -> block.from().isBefore(to) && from.isBefore(block.to()));
        List<Appointment> own = agenda.appointments().stream()
                .filter(each -> each.resource().equals(resource.id()))
                .toList();
        List<Appointment> same = own.stream()
                .filter(each -> service.capacity() > 1
                        && each.service().equals(service.id())
                        && each.start().equals(start)
                        && each.end().equals(end))
                .toList();
        boolean inTheWay = own.stream().filter(each -> !same.contains(each)).anyMatch(each -> {
            long way = terms.way(each.at(), wanted.at()) * 60L;
            Instant busyFrom = each.start().minusSeconds(each.before() * 60L + way);
            Instant busyTo = each.end().plusSeconds(each.after() * 60L + way);
            return busyFrom.isBefore(to) && from.isBefore(busyTo);
        });
        return !blocked && !inTheWay && same.size() < service.capacity() && (!same.isEmpty() || hasRoom(day));
    }

    private boolean hasRoom(LocalDate day) {
        Set<List<Object>> ofDay = new HashSet<>();
        for (Appointment each : agenda.appointments()) {
            if (each.start().atZone(terms.zone()).toLocalDate().equals(day)) {
                ofDay.add(List.of(each.resource(), each.service(), each.start()));
            }
        }
        return terms.rules().dailyLimit() == 0 || ofDay.size() < terms.rules().dailyLimit();
    }

    private boolean isOpen(Resource resource, Instant minute) {
        boolean business = terms.times().at(minute, terms.zone()).open();
        return business
                && (resource.hours().isEmpty()
                        || new OpeningTimes(resource.week().value().orElseThrow(), List.of())
                                .at(minute, terms.zone())
                                .open());
    }
}
