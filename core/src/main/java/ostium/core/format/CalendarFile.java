package ostium.core.format;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Method;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Writes calendar files (iCalendar, RFC 5545). Times are in UTC, so that no reader needs to know a zone. */
public final class CalendarFile {
    private static final String PRODUCT = "-//Ostium//Diary//EN";

    private CalendarFile() {}

    /**
     * @param name what the calendar is called where it is shown
     * @param events in any order
     */
    public static String write(String name, List<CalendarEvent> events) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId(PRODUCT));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new Method(Method.VALUE_PUBLISH));
        calendar.add(new XProperty("X-WR-CALNAME", line(name)));
        events.forEach(event -> calendar.add(event(event)));
        StringWriter out = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static VEvent event(CalendarEvent event) {
        VEvent component = new VEvent(false);
        component.add(new Uid(event.uid()));
        component.add(new DtStamp(event.stamp()));
        component.add(new DtStart<>(event.start()));
        component.add(new DtEnd<>(event.end()));
        component.add(new Sequence(event.sequence()));
        component.add(new Summary(line(event.summary())));
        if (!event.description().isBlank()) {
            component.add(new Description(plain(event.description())));
        }
        if (!event.location().isBlank()) {
            component.add(new Location(line(event.location())));
        }
        component.add(new Status(event.status().name()));
        return component;
    }

    /** Without the control characters a text cannot hold (RFC 5545, 3.3.11). */
    private static String plain(String words) {
        return words.replaceAll("\\r\\n?", "\n").replaceAll("[\\p{Cntrl}&&[^\n\t]]", "");
    }

    private static String line(String words) {
        return plain(words).replaceAll("\\s+", " ").strip();
    }
}
