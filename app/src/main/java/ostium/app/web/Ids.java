package ostium.app.web;

import java.util.regex.Pattern;

/** What an id can be: printable ASCII. The database, whose columns of ids are ASCII too, compares nothing else with them. */
public final class Ids {
    private static final Pattern ID = Pattern.compile("[\\x21-\\x7e]{1,200}");

    private Ids() {}

    public static boolean canBe(String words) {
        return ID.matcher(words).matches();
    }
}
