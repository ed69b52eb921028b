package ostium.core.booking;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.core.hours.OpenSpan;
import ostium.core.hours.SpecialHours;

/**
 * One day of the diary as its owner sees it. Minutes count from midnight as clocks show them, {@code [0, 1440]}.
 *
 * @param open when appointments can be
 * @param closed why the day differs from the usual week, in the owner's words; empty where it does not
 * @param placed the appointments, by when they begin
 * @param ways the ways to appointments from the ones before
 * @param blocks the times that are blocked, each as it falls on this day
 * @param rooms what still fits, where one carries everything out
 * @param room what still fits on the whole day, in words; empty for nothing
 * @param rows how many appointments stand beside one another at most, at least 1
 */
public record DiaryDay(
        LocalDate date,
        List<Stretch> open,
        String closed,
        List<Placed> placed,
        List<Way> ways,
        List<Blocked> blocks,
        List<Room> rooms,
        String room,
        int rows) {

    /** Minutes of a day, from the first to just before the last. */
    public record Stretch(int from, int to) {}

    /**
     * An appointment where it stands on the day.
     *
     * @param id of the appointment
     * @param row beside which others it stands, from 0
     */
    public record Placed(String id, int from, int to, int row) {}

    /**
     * The way to an appointment.
     *
     * @param to id of the appointment it leads to
     * @param minutes how long it takes
     */
    public record Way(String to, int from, int until, int minutes, int row) {}

    /** A blocked time: its place among the blocks of the agenda, and where it falls. */
    public record Blocked(int index, int from, int to) {}

    /** Room that is left, in words. */
    public record Room(int from, int to, String says) {}

    /** A day of a diary. */
    public static DiaryDay of(BookingTerms terms, Agenda agenda, Instant now, LocalDate date) {
        return new Drawing(terms, agenda, now, date).day();
    }

    /** Draws one day. */
    private static final class Drawing {
        private static final int MIDNIGHT = 24 * 60;

        private final BookingTerms terms;
        private final Agenda agenda;
        private final Instant now;
        private final LocalDate date;
        private final Instant begin;
        private final Instant end;

        Drawing(BookingTerms terms, Agenda agenda, Instant now, LocalDate date) {
            this.terms = terms;
            this.agenda = agenda;
            this.now = now;
            this.date = date;
            this.begin = date.atStartOfDay(terms.zone()).toInstant();
            this.end = date.plusDays(1).atStartOfDay(terms.zone()).toInstant();
        }

        DiaryDay day() {
            List<Appointment> ofDay = agenda.appointments().stream()
                    .filter(each -> each.start().isBefore(end) && each.end().isAfter(begin))
                    .sorted(Comparator.comparing(Appointment::start).thenComparing(Appointment::id))
                    .toList();
            Map<String, Integer> rows = rows(ofDay);
            List<Placed> placed = ofDay.stream()
                    .map(each -> new Placed(each.id(), minute(each.start()), minute(each.end()), rows.get(each.id())))
                    .toList();
            List<OpenSpan> hours = terms.times().between(begin, end, terms.zone());
            RoomLeft left = new RoomLeft(terms, agenda, now);
            return new DiaryDay(
                    date,
                    hours.stream()
                            .map(span -> new Stretch(minute(span.from()), minute(span.to())))
                            .toList(),
                    terms.times().specialOn(date).map(Drawing::words).orElse(""),
                    placed,
                    ways(ofDay, rows),
                    blocks(),
                    terms.resources().size() > 1
                            ? List.of()
                            : left.gaps(terms.resources().get(0), hours).stream()
                                    .map(gap -> new Room(minute(gap.from()), minute(gap.to()), left.says(List.of(gap))))
                                    .filter(room -> !room.says().isEmpty())
                                    .toList(),
                    left.says(terms.resources().stream()
                            .flatMap(resource -> left.gaps(resource, hours).stream())
                            .toList()),
                    1 + rows.values().stream().mapToInt(row -> row).max().orElse(0));
        }

        private static String words(SpecialHours hours) {
            return hours.reason().isBlank() ? hours.say() : hours.reason();
        }

        /** Each appointment in the first row that is free when it begins. */
        private static Map<String, Integer> rows(List<Appointment> ofDay) {
            List<Instant> until = new ArrayList<>();
            Map<String, Integer> rows = new HashMap<>();
            for (Appointment each : ofDay) {
                int row = 0;
                while (row < until.size() && until.get(row).isAfter(each.start())) {
                    row++;
                }
                if (row == until.size()) {
                    until.add(each.end());
                } else {
                    until.set(row, each.end());
                }
                rows.put(each.id(), row);
            }
            return rows;
        }

        private List<Way> ways(List<Appointment> ofDay, Map<String, Integer> rows) {
            Map<String, Appointment> last = new HashMap<>();
            List<Way> ways = new ArrayList<>();
            for (Appointment each : ofDay) {
                Optional.ofNullable(last.put(each.resource(), each)).ifPresent(before -> {
                    int minutes = terms.way(before.at(), each.at());
                    int to = minute(each.start());
                    if (minutes > 0) {
                        ways.add(new Way(each.id(), Math.max(0, to - minutes), to, minutes, rows.get(each.id())));
                    }
                });
            }
            return ways;
        }

        private List<Blocked> blocks() {
            List<Blocked> blocks = new ArrayList<>();
            for (int i = 0; i < agenda.blocks().size(); i++) {
                Block block = agenda.blocks().get(i);
                if (block.from().isBefore(end) && block.to().isAfter(begin)) {
                    blocks.add(new Blocked(i, minute(block.from()), minute(block.to())));
                }
            }
            return blocks;
        }

        /** What clocks show of an instant on this day; what lies before or after it is its midnight. */
        private int minute(Instant at) {
            if (!at.isAfter(begin)) {
                return 0;
            }
            if (!at.isBefore(end)) {
                return MIDNIGHT;
            }
            ZonedDateTime local = at.atZone(terms.zone());
            return local.getHour() * 60 + local.getMinute();
        }
    }
}
