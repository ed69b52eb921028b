package ostium.app.facts;

import java.util.List;
import java.util.Map;
import ostium.core.country.Country;
import ostium.core.hours.WeeklyHours;
import ostium.render.FactUses;

/**
 * What the facts sheet shows beside the words of its lines.
 *
 * @param uses where each fact stands on the page, by the fact's id
 * @param weeks weeks of the lines with hours, by the line's id
 * @param holidays public holidays of the country in the year ahead
 * @param zone the zone whose clock the business keeps
 * @param zones zones of the country, where it has several and none is said
 * @param postalCode an example of the country's postal codes
 */
record FactsView(
        long revision,
        Map<String, FactUses.Use> uses,
        Map<String, WeekView> weeks,
        List<HolidayView> holidays,
        String zone,
        List<String> zones,
        String postalCode) {

    /** Monday to Sunday. */
    record WeekView(List<DayView> days) {
        static WeekView of(WeeklyHours week) {
            return new WeekView(week.days().values().stream()
                    .map(day -> new DayView(
                            day.kind().name(),
                            day.spans().stream()
                                    .map(span -> new SpanView(span.from(), span.to()))
                                    .toList()))
                    .toList());
        }
    }

    /** @param kind OPEN, CLOSED or BY_APPOINTMENT */
    record DayView(String kind, List<SpanView> spans) {}

    /** Minutes after midnight; above 1440 it ends on the next day. */
    record SpanView(int from, int to) {}

    /**
     * @param date the day that is kept next, ISO
     * @param line what is typed to close on it
     */
    record HolidayView(String name, String date, String line) {}

    /** A country addresses are known of. */
    record CountryView(String code, String name) {
        static CountryView of(Country country) {
            return new CountryView(country.code(), country.name());
        }
    }
}
