package ostium.app.hosting;

import java.util.Locale;
import java.util.regex.Pattern;
import ostium.core.base.Messages;

/** What a public host cannot do, with its HTTP status (RFC 9110) and words for the visitor. */
enum Refusal {
    FORM_ONLY(405),
    NO_FORM(404),
    FORM_ELSEWHERE(403),
    TOO_OFTEN(429),
    FILES_TOO_HEAVY(413),
    FORM_TOO_MUCH(413),
    NOT_KEPT(503),
    DIARY_AWAY(503),
    TIME_ONLY(405),
    BOOKING_TOO_MUCH(413),
    BOOKING_ELSEWHERE(403),
    NOTHING_HERE(404),
    PREVIEW_ENDED(404),
    NO_VERSION(404),
    NO_DRAFT(404),
    NO_PREVIEW_PAGE(404),
    SITE_AWAY(503),
    NO_SITE(404),
    READ_ONLY(405),
    NO_PAGE(404),
    FILE_AWAY(503);

    private static final Messages WORDS = Messages.of("refusal");
    private static final Pattern NEXT_WORD = Pattern.compile("_([a-z])");

    private final int status;

    Refusal(int status) {
        this.status = status;
    }

    int status() {
        return status;
    }

    String heading() {
        return WORDS.say(key() + ".heading");
    }

    String says() {
        return WORDS.say(key() + ".says");
    }

    private String key() {
        return NEXT_WORD
                .matcher(name().toLowerCase(Locale.ROOT))
                .replaceAll(found -> found.group(1).toUpperCase(Locale.ROOT));
    }
}
