package ostium.core.booking;

import java.util.List;
import java.util.Optional;

/** What stands in the diary: appointments that are held, asked for or agreed, and times that are blocked. */
public record Agenda(List<Appointment> appointments, List<Block> blocks) {
    public static final Agenda EMPTY = new Agenda(List.of(), List.of());

    public Agenda {
        appointments = List.copyOf(appointments);
        blocks = List.copyOf(blocks);
    }

    /**
     * What an appointment would stand upon: another of the same resource at the same time. One of the same class does not, as
     * long as the class holds both.
     *
     * @param capacity how many can come at once to it
     */
    public Optional<Appointment> clash(Appointment wanted, int capacity) {
        List<Appointment> beside = appointments.stream()
                .filter(each -> each.resource().equals(wanted.resource()))
                .filter(each ->
                        each.start().isBefore(wanted.end()) && wanted.start().isBefore(each.end()))
                .toList();
        boolean same = beside.stream()
                .allMatch(each -> each.service().equals(wanted.service())
                        && each.start().equals(wanted.start())
                        && each.end().equals(wanted.end()));
        return same && beside.size() < capacity
                ? Optional.empty()
                : beside.stream().findFirst();
    }

    /** This diary without one of its appointments: to see whether that could be elsewhere. */
    public Agenda without(String appointment) {
        return new Agenda(
                appointments.stream()
                        .filter(each -> !each.id().equals(appointment))
                        .toList(),
                blocks);
    }
}
