package ostium.core.paste;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.TypedSheet;

/** A table of days with the times they begin and end, as a spreadsheet has it: "Tuesday;09:00;17:00". */
final class HoursTable implements Finder {
    private static final Pattern DAY = Pattern.compile(
            "(?iu)\"?(?:mon|tue|wed|thu|fri|sat|sun|mo|di|mi|do|fr|sa|so|montag|dienstag|mittwoch|donnerstag|freitag|samstag|sonntag"
                    + "|lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche|lunes|martes|mi[eé]rcoles|jueves|viernes|s[aá]bado|domingo)"
                    + "\\p{L}*\"?\\s*[;,\\t].*");
    private static final Pattern BETWEEN_TIMES = Pattern.compile("(?iu)(?<=[0-9]|[ap]m|uhr|h)\"?[;,\\t]\"?(?=[0-9])");
    private static final Pattern SEPARATOR = Pattern.compile("[;,\\t\"]");
    private static final int DAYS = 3;
    /** What such a table can say. */
    private static final Set<String> OF_DAYS = Set.of("hours", "exceptions");

    private final String text;
    private final TypedSheet sheet;
    private final BusinessDay today;

    HoursTable(String text, TypedSheet sheet, BusinessDay today) {
        this.text = text;
        this.sheet = sheet;
        this.today = today;
    }

    /** Whether all rows but a line of headings begin with a day. */
    static boolean isOne(String text) {
        List<String> rows = text.lines().filter(row -> !row.isBlank()).limit(20).toList();
        long days = rows.stream().filter(row -> DAY.matcher(row).matches()).count();
        return days >= DAYS && rows.size() - days <= 1;
    }

    @Override
    public Result find() {
        Result read = new TextFinder(asLines(text), sheet, today).find();
        List<Found> hours = read.found().stream()
                .filter(found -> OF_DAYS.contains(found.what()))
                .toList();
        return new Result(text, hours, read.note(), read.aside(), read.saysAll());
    }

    /** The same as lines a person would write, each letter at its place. */
    private static String asLines(String text) {
        String spans = BETWEEN_TIMES
                .matcher(text)
                .replaceAll(found -> found.group().length() == 1
                        ? "-"
                        : " ".repeat(found.group().length() - 1) + "-");
        return SEPARATOR.matcher(spans).replaceAll(" ");
    }
}
