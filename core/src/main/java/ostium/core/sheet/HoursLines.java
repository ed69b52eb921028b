package ostium.core.sheet;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.country.Country;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.hours.BusinessDay;
import ostium.core.hours.DayHours;
import ostium.core.hours.HoursLanguage;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.WeeklyHours;
import ostium.core.hours.When;

/** The lines of a sheet that say when: the usual week, hours of other kinds, and the days that differ. */
final class HoursLines {
    /** Most days and seasons with hours of their own. */
    static final int MOST = 40;

    private static final Messages WORDS = Messages.of("hours");
    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("EEEE d MMMM uuuu", Locale.ENGLISH);

    private final TypedSheet sheet;
    private final BusinessDay today;
    private final Consumer<Fact<? extends FactValue>> put;
    private final Map<String, FieldAnswer> answers;
    private final HoursLanguage language;

    HoursLines(
            TypedSheet sheet,
            BusinessDay today,
            Consumer<Fact<? extends FactValue>> put,
            Map<String, FieldAnswer> answers) {
        this.sheet = sheet;
        this.today = today;
        this.put = put;
        this.answers = answers;
        this.language = HoursLanguage.of(Country.of(sheet.region()).languages().get(0));
    }

    void read() {
        week(Line.HOURS);
        week(Line.HOURS_TELEPHONE);
        week(Line.HOURS_WORKING);
        exceptions();
    }

    private void week(Line line) {
        String typed = sheet.line(line);
        if (typed.isBlank()) {
            answers.put(line.id(), FieldAnswer.NOTHING);
            return;
        }
        Reading<WeeklyHours> reading = WeeklyHours.read(typed, language);
        reading.value().ifPresent(week -> put.accept(Fact.typed(line.id(), value(line, week))));
        answers.put(
                line.id(),
                FieldAnswer.of(reading, reading.value().map(WeeklyHours::say).orElse("")));
    }

    private static FactValue value(Line line, WeeklyHours week) {
        return switch (line) {
            case HOURS_TELEPHONE -> new FactValue.HoursFor(FactValue.HoursFor.Use.TELEPHONE, week);
            case HOURS_WORKING -> new FactValue.HoursFor(FactValue.HoursFor.Use.WORKING, week);
            default -> new FactValue.Hours(week);
        };
    }

    /** One a line; each is answered by its number ({@code exceptions.2}), those that are understood are kept. */
    private void exceptions() {
        String typed = sheet.line(Line.EXCEPTIONS);
        if (typed.isBlank()) {
            answers.put(Line.EXCEPTIONS.id(), FieldAnswer.NOTHING);
            return;
        }
        List<SpecialHours> all = new ArrayList<>();
        String[] lines = typed.split("\n", -1);
        for (int i = 0; i < lines.length; i++) {
            String field = Line.EXCEPTIONS.id() + "." + i;
            if (lines[i].isBlank()) {
                answers.put(field, FieldAnswer.NOTHING);
            } else if (all.size() >= MOST) {
                answers.put(field, FieldAnswer.refused(WORDS.say("exceptions.many", MOST), 0, 0));
            } else {
                Reading<SpecialHours> reading = SpecialHours.read(lines[i], today, sheet.region());
                reading.value().ifPresent(all::add);
                answers.put(
                        field,
                        FieldAnswer.of(
                                reading, reading.value().map(SpecialHours::say).orElse("")));
            }
        }
        for (int i = 0; i < lines.length; i++) {
            askAboutDaysOff(Line.EXCEPTIONS.id() + "." + i, lines[i], all);
        }
        if (!all.isEmpty()) {
            put.accept(Fact.typed(Line.EXCEPTIONS.id(), new FactValue.Special(all)));
        }
        answers.put(Line.EXCEPTIONS.id(), FieldAnswer.read(""));
    }

    /** A holiday on a weekend has a day off beside it, which is asked about and never assumed. */
    private void askAboutDaysOff(String field, String typed, List<SpecialHours> all) {
        FieldAnswer answer = answers.get(field);
        SpecialHours read =
                SpecialHours.read(typed, today, sheet.region()).value().orElse(null);
        if (answer.state() != FieldAnswer.State.READ
                || !answer.remark().isEmpty()
                || read == null
                || !(read.when() instanceof When.OnHoliday on)) {
            return;
        }
        LocalDate now = today.date();
        int year = on.holiday().dayIn(now.getYear()).isBefore(now) ? now.getYear() + 1 : now.getYear();
        LocalDate day = on.holiday().dayIn(year);
        on.holiday()
                .dayOffInstead(year)
                .filter(instead -> all.stream().noneMatch(other -> other.when().covers(instead)))
                .ifPresent(instead -> answers.put(field, ask(answer, typed, day, instead)));
    }

    private FieldAnswer ask(FieldAnswer answer, String typed, LocalDate day, LocalDate instead) {
        String line = SpecialHours.of(new When.Once(instead, instead), DayHours.CLOSED, "")
                .say(language);
        return new FieldAnswer(
                FieldAnswer.State.READ,
                answer.says(),
                WORDS.say("dayOffInstead", SAID.format(day), SAID.format(instead)),
                List.of(typed.strip() + "\n" + line),
                0,
                0);
    }
}
