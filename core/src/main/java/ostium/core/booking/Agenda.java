package ostium.core.booking;

import java.util.List;

/** What stands in the diary: appointments that are held, asked for or agreed, and times that are blocked. */
public record Agenda(List<Appointment> appointments, List<Block> blocks) {
    public static final Agenda EMPTY = new Agenda(List.of(), List.of());

    public Agenda {
        appointments = List.copyOf(appointments);
        blocks = List.copyOf(blocks);
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
