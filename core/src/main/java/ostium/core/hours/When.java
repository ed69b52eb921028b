package ostium.core.hours;

import java.time.LocalDate;
import java.time.MonthDay;

/** The dates on which special hours are kept. */
public sealed interface When {
    boolean covers(LocalDate date);

    /** About how many days of a year it covers: of two that meet, the smaller one counts. */
    int size();

    /** How it is said: {@code 3 Dec 2026}, {@code 24 Dec–2 Jan}, {@code Easter Monday}. */
    String say(HoursLanguage language);

    /** Days of one year, both ends included. */
    record Once(LocalDate from, LocalDate to) implements When {
        public Once {
            if (to.isBefore(from)) {
                throw new IllegalArgumentException(from + " to " + to);
            }
        }

        @Override
        public boolean covers(LocalDate date) {
            return !date.isBefore(from) && !date.isAfter(to);
        }

        @Override
        public int size() {
            // What is said of one year counts before what is said of every year.
            return (int) Math.min(from.until(to, java.time.temporal.ChronoUnit.DAYS), 366);
        }

        @Override
        public String say(HoursLanguage language) {
            String end = day(to.getMonthValue(), to.getDayOfMonth(), language) + " " + to.getYear();
            String start = day(from.getMonthValue(), from.getDayOfMonth(), language);
            return from.equals(to)
                    ? end
                    : start + (from.getYear() == to.getYear() ? "" : " " + from.getYear()) + "–" + end;
        }
    }

    /** Days of every year, both ends included; the end may lie in the year after. */
    record Yearly(MonthDay from, MonthDay to) implements When {
        @Override
        public boolean covers(LocalDate date) {
            MonthDay day = MonthDay.from(date);
            boolean afterStart = !day.isBefore(from);
            boolean beforeEnd = !day.isAfter(to);
            return from.isAfter(to) ? afterStart || beforeEnd : afterStart && beforeEnd;
        }

        @Override
        public int size() {
            int days = to.atYear(2024).getDayOfYear() - from.atYear(2024).getDayOfYear();
            return 400 + (days < 0 ? days + 366 : days);
        }

        @Override
        public String say(HoursLanguage language) {
            boolean wholeMonths = from.getDayOfMonth() == 1
                    && to.getDayOfMonth() == to.getMonth().maxLength();
            if (wholeMonths) {
                String start = language.sayMonth(from.getMonthValue());
                return from.getMonth() == to.getMonth() ? start : start + "–" + language.sayMonth(to.getMonthValue());
            }
            String end = day(to.getMonthValue(), to.getDayOfMonth(), language);
            String all = from.equals(to) ? end : day(from.getMonthValue(), from.getDayOfMonth(), language) + "–" + end;
            return all + " " + language.word("yearly");
        }
    }

    /** A public holiday of a country, on its own day. */
    record OnHoliday(String country, String id) implements When {
        public Holiday holiday() {
            return Holiday.of(country).stream()
                    .filter(holiday -> holiday.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("no holiday " + id + " in " + country));
        }

        @Override
        public boolean covers(LocalDate date) {
            return holiday().dayIn(date.getYear()).equals(date);
        }

        @Override
        public int size() {
            return 400;
        }

        @Override
        public String say(HoursLanguage language) {
            return holiday().name();
        }
    }

    /** All public holidays of a country, and the days off instead of those on a weekend. */
    record PublicHolidays(String country) implements When {
        @Override
        public boolean covers(LocalDate date) {
            return Holiday.days(country, date.getYear()).contains(date);
        }

        @Override
        public int size() {
            return 401;
        }

        @Override
        public String say(HoursLanguage language) {
            return language.word("publicHolidays");
        }
    }

    private static String day(int month, int day, HoursLanguage language) {
        return day + " " + language.sayMonth(month);
    }
}
