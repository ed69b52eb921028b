package ostium.app.facts;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ostium.app.drafting.QuestionView;
import ostium.core.country.Country;
import ostium.core.edit.State;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.hours.Holiday;
import ostium.core.hours.WeeklyHours;
import ostium.core.sheet.SheetReading;
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
 * @param question what is asked of the owner now
 */
record FactsView(
        long revision,
        Map<String, FactUses.Use> uses,
        Map<String, WeekView> weeks,
        List<HolidayView> holidays,
        String zone,
        List<String> zones,
        String postalCode,
        QuestionView question) {

    /** @param reading what was understood of the sheet of the state */
    static FactsView of(long revision, State state, SheetReading reading) {
        Facts facts = reading.brief().facts();
        Country country = Country.of(state.sheet().region());
        boolean asksZone = country.zones().size() > 1;
        return new FactsView(
                revision,
                reading.isEnough() ? FactUses.of(reading.brief(), state.draft(reading)) : Map.of(),
                weeks(facts),
                holidays(country, reading.brief().today().date()),
                facts.zone().getId(),
                asksZone ? country.zones() : List.of(),
                country.example(),
                QuestionView.of(state, reading));
    }

    private static Map<String, WeekView> weeks(Facts facts) {
        Map<String, WeekView> weeks = new LinkedHashMap<>();
        facts.list().forEach(fact -> {
            if (fact.value() instanceof FactValue.Hours hours) {
                weeks.put(fact.id(), WeekView.of(hours.week()));
            } else if (fact.value() instanceof FactValue.HoursFor hours) {
                weeks.put(fact.id(), WeekView.of(hours.week()));
            }
        });
        return weeks;
    }

    private static List<HolidayView> holidays(Country country, LocalDate today) {
        return Holiday.of(country.code()).stream()
                .filter(holiday -> holiday.only() == null)
                .map(holiday -> {
                    LocalDate date = holiday.dayIn(today.getYear());
                    LocalDate next = date.isBefore(today) ? holiday.dayIn(today.getYear() + 1) : date;
                    return new HolidayView(holiday.name(), next.toString(), holiday.name() + " closed");
                })
                .sorted(Comparator.comparing(HolidayView::date))
                .toList();
    }

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
