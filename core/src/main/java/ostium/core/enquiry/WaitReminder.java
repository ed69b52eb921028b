package ostium.core.enquiry;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import ostium.core.base.Messages;
import ostium.core.booking.ClockWords;
import ostium.core.fact.Facts;
import ostium.core.hours.OpenSpan;

/**
 * When an owner is reminded of a message that nobody has answered: once, while there is still time to keep the promise. That is
 * when an hour of work is left of the wait, but not before half of the work in it is over; where nobody works until it is due,
 * at half of the time. A business that promises no time is reminded as if it answered by the next day of work.
 */
public final class WaitReminder {
    private static final Messages WORDS = Messages.of("enquiry");
    private static final Duration LEFT = Duration.ofHours(1);

    private final Optional<PromisedAnswer> promised;
    private final PromisedAnswer usual;
    private final ClockWords clock;

    private WaitReminder(Optional<PromisedAnswer> promised, PromisedAnswer usual, ClockWords clock) {
        this.promised = promised;
        this.usual = usual;
        this.clock = clock;
    }

    public static WaitReminder of(Facts facts) {
        return new WaitReminder(PromisedAnswer.of(facts), PromisedAnswer.usual(facts), ClockWords.of(facts));
    }

    /** By when an answer is promised; empty where no time is. */
    private Optional<Instant> due(Instant received) {
        return promised.flatMap(promise -> promise.due(received));
    }

    /**
     * When the owner is reminded.
     *
     * @param received when the message came
     * @return empty where nobody works in the next months
     */
    public Optional<Instant> at(Instant received) {
        return due(received).or(() -> usual.due(received)).map(due -> before(received, due));
    }

    private Instant before(Instant received, Instant due) {
        List<OpenSpan> work = usual.work(received, due);
        Duration whole = work.stream().map(OpenSpan::length).reduce(Duration.ZERO, Duration::plus);
        if (whole.isZero()) {
            return received.plus(Duration.between(received, due).dividedBy(2));
        }
        Duration half = whole.dividedBy(2);
        Duration left = whole.minus(LEFT).compareTo(half) > 0 ? whole.minus(LEFT) : half;
        for (OpenSpan span : work) {
            if (span.length().compareTo(left) >= 0) {
                return span.from().plus(left);
            }
            left = left.minus(span.length());
        }
        return due;
    }

    /**
     * When it came and by when an answer is promised, in a sentence or two.
     *
     * @param now whether that time is over depends on it
     */
    public String say(Instant received, Instant now) {
        String came = WORDS.say("remind.came", clock.longDay(received), clock.time(received));
        return due(received)
                .map(due -> WORDS.say(
                        now.isBefore(due) ? "remind.promised" : "remind.late",
                        came,
                        clock.longDay(due),
                        clock.time(due)))
                .orElse(WORDS.say("remind.waits", came));
    }
}
