package ostium.core.fact;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/** How long a service takes: read from "45", "45 min", "1 h 30", "1.5 hours", and said back. */
public final class Minutes {
    private static final int LONGEST_WORDS = 100;
    private static final Messages WORDS = Messages.of("fact");

    /** Two days: longer work is not booked by the minute. */
    public static final int LONGEST = 48 * 60;

    private static final Pattern MINUTES = Pattern.compile("([0-9]{1,4})\\s*(?:m|min|mins|minutes?)?\\.?");
    private static final Pattern HOURS = Pattern.compile(
            "([0-9]{1,2})(?:[.,]([0-9]{1,2}))?\\s*(?:h|hr|hrs|hours?)\\.?(?:\\s*([0-9]{1,2})\\s*(?:m|min|mins|minutes?)?)?");

    private Minutes() {}

    /** @return minutes, from 1 to {@link #LONGEST} */
    public static Reading<Integer> read(String words) {
        Optional<Reading<Integer>> tooLong = Reading.tooLong(words, LONGEST_WORDS);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        String plain = words.strip().toLowerCase(Locale.ROOT);
        Matcher hours = HOURS.matcher(plain);
        Matcher minutes = MINUTES.matcher(plain);
        int length;
        if (hours.matches()) {
            length = Integer.parseInt(hours.group(1)) * 60;
            if (hours.group(2) != null) {
                length += (int) Math.round(Double.parseDouble("0." + hours.group(2)) * 60);
            }
            if (hours.group(3) != null) {
                length += Integer.parseInt(hours.group(3));
            }
        } else if (minutes.matches()) {
            length = Integer.parseInt(minutes.group(1));
        } else {
            return Reading.refused(WORDS.say("minutes.giveTheTimeInMinutes"), words);
        }
        if (length < 1 || length > LONGEST) {
            return Reading.refused(WORDS.say("minutes.between1MinuteAnd48"), words);
        }
        return Reading.understood(length);
    }

    /** "45 min", "90 min", "2 h", "2 h 30". */
    public static String say(int minutes) {
        if (minutes < 120) {
            return minutes + " min";
        }
        return minutes % 60 == 0 ? minutes / 60 + " h" : minutes / 60 + " h " + minutes % 60;
    }
}
