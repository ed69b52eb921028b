package ostium.core.fact;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.fact.Point.Accuracy;

/**
 * Reads a point as people copy it: decimal degrees, degrees with minutes and seconds, with or without letters for the
 * quarters of the sky; a {@code geo:} URI (RFC 5870); ISO 6709; well-known text; a link of a map page with the point in
 * it.
 */
final class PointReader {
    private static final Messages WORDS = Messages.of("fact");

    private static final String NUMBER = "([-+−]?[0-9]{1,3}(?:[.,][0-9]{1,15})?)";
    private static final Pattern GEO =
            Pattern.compile("(?i)geo:([-+]?[0-9]{1,3}(?:\\.[0-9]*)?),([-+]?[0-9]{1,3}(?:\\.[0-9]*)?)(?:,[-+]?[0-9]{1,3}"
                    + "(?:\\.[0-9]*)?)?(?<rest>;[^?]*)?(?:\\?.*)?");
    private static final Pattern WKT = Pattern.compile(
            "(?i)(?:SRID=4326;)?POINT\\s*\\(\\s*([-+]?[0-9]{1,3}(?:\\.[0-9]*)?)\\s+([-+]?[0-9]{1,3}(?:\\.[0-9]*)?)\\s*\\)");
    private static final Pattern ISO =
            Pattern.compile("([-+][0-9]{2}\\.[0-9]+)([-+][0-9]{3}\\.[0-9]+)(?:[-+][0-9.]+)?/?");
    private static final Pattern[] IN_LINKS = {
        Pattern.compile("[@/]([-+]?[0-9]{1,2}\\.[0-9]+),([-+]?[0-9]{1,3}\\.[0-9]+)"),
        Pattern.compile("[?&#](?:[a-z_]*=)?(?:map=)?[0-9.]{1,5}/([-+]?[0-9]{1,2}\\.[0-9]+)/([-+]?[0-9]{1,3}\\.[0-9]+)"),
        Pattern.compile(
                "m?lat(?:itude)?=([-+]?[0-9]{1,3}(?:\\.[0-9]*)?)&m?l(?:on|ng)(?:gitude)?=([-+]?[0-9]{1,3}(?:\\.[0-9]*)?)"),
        Pattern.compile("[?&](?:q|ll|query|center|destination|daddr|loc|cp|sll)=(?:loc:)?([-+]?[0-9]{1,2}\\.[0-9]+)(?:,"
                + "|%2C|~)(?:%20|\\+)?([-+]?[0-9]{1,3}\\.[0-9]+)"),
    };
    private static final Pattern DECIMAL = Pattern.compile("(?<a>[NSEW])?\\s*" + NUMBER
            + "\\s*°?\\s*(?<b>[NSEW])?\\s*[,;/ ]\\s*(?<c>[NSEW])?\\s*" + NUMBER + "\\s*°?\\s*(?<d>[NSEW])?");
    private static final String ANGLE =
            "([0-9]{1,3})\\s*[°º:\\s]\\s*([0-9]{1,2}(?:[.,][0-9]+)?)\\s*(?:['′’:\\s]\\s*(?:([0-9]{1,2}(?:[.,]"
                    + "[0-9]+)?)\\s*(?:\"|″|”|''|’’)?)?)?";
    private static final Pattern SEXAGESIMAL = Pattern.compile("(?<a>[NSEW])?\\s*" + ANGLE
            + "\\s*(?<b>[NSEW])?\\s*[,;]?\\s*(?<c>[NSEW])?\\s*" + ANGLE + "\\s*(?<d>[NSEW])?");

    private final String words;

    PointReader(String words) {
        this.words = words;
    }

    Reading<Point> read() {
        String typed = words.strip().replace('−', '-');
        if (typed.isEmpty()) {
            return Reading.refused(WORDS.say("pointReader.pasteAPointLike49"), words);
        }
        if (typed.length() > 2000) {
            return Reading.refused(WORDS.say("pointReader.long"), 2000, words.length());
        }
        Matcher geo = GEO.matcher(typed);
        if (geo.matches()) {
            return geo(geo);
        }
        Matcher wkt = WKT.matcher(typed);
        if (wkt.matches()) {
            return point(wkt.group(2), wkt.group(1), decimals(wkt.group(2)));
        }
        Matcher iso = ISO.matcher(typed);
        if (iso.matches()) {
            return point(iso.group(1), iso.group(2), decimals(iso.group(1)));
        }
        if (typed.matches("(?i)https?://.*")) {
            return link(typed);
        }
        String upper = typed.replaceAll(
                        "(?i)([0-9])\\s*d\\s*([0-9.,]+)\\s*m\\s*(?:([0-9.,]+)\\s*s)?(?![a-z])", "$1°$2'$3\"")
                .toUpperCase(Locale.ROOT)
                .replaceAll("\\b(?:LAT(?:ITUDE)?|LON(?:G(?:ITUDE)?)?|LNG)\\b\\.?\\s*[:=]?\\s*", "");
        if (upper.matches(".*(?<![A-Z])O(?![A-Z]).*")) {
            // West in French and Spanish, east in German.
            return new Reading.Unclear<>(
                    WORDS.say("pointReader.isOEastOrWest"),
                    Reading.Span.all(words),
                    List.of(
                            upper.replaceAll("(?<![A-Z])O(?![A-Z])", "W"),
                            upper.replaceAll("(?<![A-Z])O(?![A-Z])", "E")));
        }
        Matcher sexagesimal = SEXAGESIMAL.matcher(upper);
        if (sexagesimal.matches()) {
            return sexagesimal(sexagesimal);
        }
        return DECIMAL_COMMAS.matcher(upper).matches() || DECIMAL.matcher(upper).matches()
                ? decimal(upper)
                : Reading.refused(WORDS.say("pointReader.thisIsNotAPoint"), words);
    }

    private static final Pattern DECIMAL_COMMAS =
            Pattern.compile("([-+]?[0-9]{1,3}),([0-9]{1,15})\\s*[,;/ ]\\s*([-+]?[0-9]{1,3}),([0-9]{1,15})");

    private Reading<Point> geo(Matcher geo) {
        String rest = Optional.ofNullable(geo.group("rest")).orElse("").toLowerCase(Locale.ROOT);
        if (rest.contains("crs=") && !rest.contains("crs=wgs84")) {
            return Reading.refused(WORDS.say("pointReader.thisPointIsNotOn"), words);
        }
        Matcher uncertainty =
                Pattern.compile("u=([0-9]{1,9}(?:\\.[0-9]{1,9})?)(?![0-9.])").matcher(rest);
        return point(
                geo.group(1),
                geo.group(2),
                uncertainty.find() ? Accuracy.of(Double.parseDouble(uncertainty.group(1))) : decimals(geo.group(1)));
    }

    private Reading<Point> link(String typed) {
        for (Pattern pattern : IN_LINKS) {
            Matcher found = pattern.matcher(typed);
            if (found.find()) {
                return point(found.group(1), found.group(2), decimals(found.group(1)));
            }
        }
        return Reading.refused(WORDS.say("pointReader.thereIsNoPointIn"), words);
    }

    private Reading<Point> decimal(String upper) {
        Matcher commas = DECIMAL_COMMAS.matcher(upper);
        if (commas.matches() && !upper.contains(".")) {
            return point(
                    commas.group(1) + "." + commas.group(2),
                    commas.group(3) + "." + commas.group(4),
                    decimals("." + commas.group(2)));
        }
        Matcher found = DECIMAL.matcher(upper);
        if (!found.matches()) {
            return Reading.refused(WORDS.say("pointReader.thisIsNotAPoint"), words);
        }
        String first = found.group(2).replace(',', '.');
        String second = found.group(5).replace(',', '.');
        return ordered(firstQuarter(found), first, secondQuarter(found), second, decimals(first));
    }

    private Reading<Point> sexagesimal(Matcher found) {
        for (int group : new int[] {3, 4, 8, 9}) {
            String part = found.group(group);
            if (part != null && Double.parseDouble(part.replace(',', '.')) >= 60) {
                return Reading.refused(WORDS.say("pointReader.minutesAndSecondsGoUp"), words);
            }
        }
        boolean seconds = found.group(4) != null;
        boolean fractions = found.group(3).matches(".*[.,].*");
        return ordered(
                firstQuarter(found),
                degrees(found, 2),
                secondQuarter(found),
                degrees(found, 7),
                seconds || fractions ? Accuracy.HOUSE : Accuracy.TOWN);
    }

    private static String degrees(Matcher found, int group) {
        double minutes = Double.parseDouble(found.group(group + 1).replace(',', '.'));
        String seconds = found.group(group + 2);
        double all = Double.parseDouble(found.group(group))
                + minutes / 60
                + (seconds == null ? 0 : Double.parseDouble(seconds.replace(',', '.')) / 3600);
        return String.format(Locale.ROOT, "%.7f", all);
    }

    private static String firstQuarter(Matcher found) {
        String before = found.group("a");
        String after = found.group("b");
        return before != null ? before : after == null ? "" : after;
    }

    /** The letter of the second number; where the first had one before it, a letter between the two is the second's. */
    private static String secondQuarter(Matcher found) {
        String between = found.group("a") != null ? found.group("b") : null;
        for (String letter : new String[] {found.group("c"), found.group("d"), between}) {
            if (letter != null) {
                return letter;
            }
        }
        return "";
    }

    /** Latitude and longitude by their letters, or in this order where there are none. */
    private Reading<Point> ordered(String one, String first, String other, String second, Accuracy accuracy) {
        boolean swapped = one.matches("[EW]") || other.matches("[NS]");
        if (swapped && (one.matches("[NS]") || other.matches("[EW]"))
                || !one.isEmpty() && !other.isEmpty() && one.matches("[NS]") == other.matches("[NS]")) {
            return Reading.refused(WORDS.say("pointReader.oneOfTheTwoNumbers"), words);
        }
        return swapped
                ? point(signed(second, other), signed(first, one), accuracy)
                : point(signed(first, one), signed(second, other), accuracy);
    }

    private static String signed(String number, String quarter) {
        boolean negative = quarter.matches("[SW]");
        return negative ? "-" + number.replaceFirst("^[-+]", "") : number;
    }

    private Reading<Point> point(String latitude, String longitude, Accuracy accuracy) {
        double north;
        double east;
        try {
            north = Double.parseDouble(latitude);
            east = Double.parseDouble(longitude);
        } catch (NumberFormatException e) {
            return Reading.refused(WORDS.say("pointReader.thisIsNotAPoint"), words);
        }
        if (Math.abs(north) > 90) {
            return Reading.refused(
                    Math.abs(east) <= 90
                            ? WORDS.say("pointReader.latitudeGoesFrom90To")
                            : WORDS.say("pointReader.latitudeGoesFrom90To2"),
                    words);
        }
        if (Math.abs(east) > 180) {
            return Reading.refused(WORDS.say("pointReader.longitudeGoesFrom180To"), words);
        }
        if (north == 0 && east == 0) {
            return Reading.refused(WORDS.say("pointReader.nowhere"), words);
        }
        return Reading.understood(new Point(north, east, accuracy));
    }

    /** Four decimals of a degree are about ten metres, three a street, two a town. */
    private static Accuracy decimals(String degrees) {
        int decimals = degrees.contains(".") ? degrees.length() - degrees.indexOf('.') - 1 : 0;
        return decimals >= 4 ? Accuracy.HOUSE : decimals == 3 ? Accuracy.STREET : Accuracy.TOWN;
    }
}
