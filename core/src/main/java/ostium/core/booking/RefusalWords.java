package ostium.core.booking;

import java.time.Instant;
import java.time.LocalDate;
import ostium.core.base.Messages;
import ostium.core.fact.Minutes;
import ostium.core.hours.SpecialHours;

/** Says to the owner why a time is not offered. */
final class RefusalWords {
    private static final Messages WORDS = Messages.of("booking");

    private final BookingTerms terms;
    private final LocalDate today;

    RefusalWords(BookingTerms terms, LocalDate today) {
        this.terms = terms;
        this.today = today;
    }

    /** A reason that lies in no lane. */
    Refusal of(Reason reason, Instant start) {
        return new Refusal(reason, says(reason, start));
    }

    /** A reason that lies in what a resource has to do. */
    Refusal of(Reason reason, Instant start, OfferedService service, Lane.Walk walk) {
        return new Refusal(
                reason,
                switch (reason) {
                    case TAKEN, FULL -> WORDS.say("why." + reason, who(walk.obstacle()), until(walk.obstacle()));
                    case TRAVEL -> WORDS.say("why.TRAVEL", who(walk.obstacle()), walk.wayToObstacle());
                    case TOO_LONG -> WORDS.say("why.TOO_LONG", Minutes.say(service.minutes()));
                    default -> says(reason, start);
                });
    }

    private String says(Reason reason, Instant start) {
        BookingRules rules = terms.rules();
        return switch (reason) {
            case NOTICE -> WORDS.say("why.NOTICE", Spans.say(rules.notice()));
            case AHEAD -> WORDS.say("why.AHEAD", terms.clock().day(today.plusDays(rules.daysAhead())));
            case GRID -> WORDS.say("why.GRID", rules.grid());
            case CLOSED -> closed(start);
            case DAILY_LIMIT -> WORDS.say("why.DAILY_LIMIT", rules.dailyLimit());
            default -> WORDS.say("why." + reason);
        };
    }

    private String closed(Instant start) {
        return terms.times()
                .specialOn(start.atZone(terms.zone()).toLocalDate())
                .map(SpecialHours::reason)
                .filter(reason -> !reason.isBlank())
                .map(reason -> WORDS.say("why.CLOSED.because", reason))
                .orElse(WORDS.say("why.CLOSED"));
    }

    private static String who(Appointment other) {
        return other.who().isBlank() ? WORDS.say("somebody") : other.who();
    }

    private String until(Appointment other) {
        return terms.clock().time(other.end());
    }
}
