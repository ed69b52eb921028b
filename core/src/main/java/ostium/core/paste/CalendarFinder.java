package ostium.core.paste;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.DayOfWeek;
import biweekly.util.ICalDate;
import biweekly.util.Recurrence;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading.Span;
import ostium.core.hours.BusinessDay;

/**
 * Finds hours in a calendar file: weekly events that say "open" are the usual week, whole days off are other hours.
 * Appointments are nobody's facts and are left alone.
 *
 * @see <a href="https://www.rfc-editor.org/rfc/rfc5545">RFC 5545</a>
 */
final class CalendarFinder implements Finder {
    private static final Messages WORDS = Messages.of("paste");

    private static final Pattern OPEN = Pattern.compile(
            "(?iu)\\b(?:open|opening hours|office hours|hours|geöffnet|öffnungszeiten|ouvert|abierto)\\b");
    private static final Pattern CLOSED =
            Pattern.compile("(?iu)\\b(?:closed|closure|closing|shut|holidays?|vacation|away|days? off|leave|geschlossen"
                    + "|urlaub|fermé|congés|cerrado|vacaciones|bank holiday)\\b");

    private final String text;
    private final BusinessDay today;
    private final List<Found> found = new ArrayList<>();
    private final List<String> week = new ArrayList<>();
    private Span firstOpen = new Span(0, 0);
    private int alone;

    CalendarFinder(String text, BusinessDay today) {
        this.text = text;
        this.today = today;
    }

    @Override
    public Result find() {
        List<ICalendar> calendars = Biweekly.parse(text).all();
        for (ICalendar calendar : calendars) {
            calendar.getEvents().forEach(this::whole);
        }
        if (!week.isEmpty()) {
            found.add(0, Found.line("hours", String.join(", ", week), firstOpen, Sureness.LIKELY));
        }
        boolean cut = !text.strip().toUpperCase(Locale.ROOT).endsWith("END:VCALENDAR");
        String note = cut ? WORDS.say("calendarFinder.cut") + " " : "";
        if (alone > 0) {
            note += alone == 1
                    ? WORDS.say("calendarFinder.oneEventSaysNeitherOpen")
                    : WORDS.say("calendarFinder.alone", alone);
        }
        return new Result(text, found, note.strip(), List.of(), false);
    }

    /** One event that names no day there is leaves the others as they are. */
    private void whole(VEvent event) {
        try {
            event(event);
        } catch (java.time.DateTimeException e) {
            alone++;
        }
    }

    private void event(VEvent event) {
        String summary = event.getSummary() == null ? "" : event.getSummary().getValue();
        if (event.getDateStart() == null || event.getDateStart().getValue() == null) {
            alone++;
            return;
        }
        ICalDate start = event.getDateStart().getValue();
        boolean weekly = event.getRecurrenceRule() != null;
        if (weekly && start.hasTime() && OPEN.matcher(summary).find()) {
            open(event, start, summary);
        } else if (CLOSED.matcher(summary).find() && !weekly) {
            closed(event, start, summary);
        } else {
            alone++;
        }
    }

    private void open(VEvent event, ICalDate start, String summary) {
        ICalDate end = event.getDateEnd() == null ? null : event.getDateEnd().getValue();
        if (end == null) {
            alone++;
            return;
        }
        Recurrence rule = event.getRecurrenceRule().getValue();
        List<DayOfWeek> days = rule.getByDay().stream().map(day -> day.getDay()).toList();
        List<String> names = new ArrayList<>();
        if (days.isEmpty()) {
            LocalDate date = date(start);
            names.add(date.getDayOfWeek().getDisplayName(java.time.format.TextStyle.SHORT, Locale.ENGLISH));
        }
        days.forEach(day ->
                names.add(day.name().charAt(0) + day.name().substring(1, 3).toLowerCase(Locale.ROOT)));
        week.add(String.join(" ", names) + " " + clock(start) + "-" + clock(end));
        firstOpen = firstOpen.to() == 0 ? at(summary) : firstOpen;
    }

    private void closed(VEvent event, ICalDate start, String summary) {
        LocalDate first = date(start);
        ICalDate end = event.getDateEnd() == null ? null : event.getDateEnd().getValue();
        // An end of whole days is the day after the last (RFC 5545, 3.6.1).
        LocalDate last =
                end == null ? first : end.hasTime() ? date(end) : date(end).minusDays(1);
        if (last.isBefore(first)) {
            last = first;
        }
        if (last.isBefore(today.date())) {
            alone++;
            return;
        }
        String reason = summary.replaceFirst(
                "(?iu)^(?:we are |shop )?(?:closed|shut|geschlossen|fermé|cerrado)\\s*(?:for|due to|wegen|:|-|–)?\\s*",
                "");
        String words = say(first) + (first.equals(last) ? "" : " - " + say(last)) + " closed"
                + (reason.isEmpty() ? "" : " (" + reason.replaceAll("[()]", "") + ")");
        found.add(Found.line("exceptions", words, at(summary), Sureness.LIKELY));
    }

    private static String say(LocalDate date) {
        return date.getDayOfMonth() + " "
                + date.getMonth().getDisplayName(java.time.format.TextStyle.SHORT_STANDALONE, Locale.ENGLISH) + " "
                + date.getYear();
    }

    private static LocalDate date(ICalDate date) {
        return LocalDate.of(
                date.getRawComponents().getYear(),
                date.getRawComponents().getMonth(),
                date.getRawComponents().getDate());
    }

    private static String clock(ICalDate date) {
        return String.format(
                "%02d:%02d",
                date.getRawComponents().getHour(), date.getRawComponents().getMinute());
    }

    private Span at(String summary) {
        return Finder.place(text, summary, 0);
    }
}
