package ostium.app.hosting;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ostium.app.booking.Booking;
import ostium.app.booking.Desk;
import ostium.core.base.Messages;
import ostium.core.booking.BookingForm;
import ostium.core.booking.BookingRules;
import ostium.core.booking.ClockWords;
import ostium.core.booking.Slot;
import ostium.core.booking.Spans;
import ostium.core.fact.Minutes;
import ostium.render.booking.BookedView;
import ostium.render.booking.DetailsView;
import ostium.render.booking.MessageView;
import ostium.render.booking.OffersView;
import ostium.render.booking.TimesView;

/** What a visitor sees who books, made from the rules and the diary as they are. Decides nothing. */
final class BookingViews {
    private static final Messages WORDS = Messages.of("booking-page");

    private final Desk desk;
    private final ClockWords clock;
    private final Place place;
    private final BookingTimes times;

    /**
     * Where the pages stand.
     *
     * @param page address of the booking page
     * @param acts where what is pressed goes, before its name; in a preview the page itself
     * @param privacy address of the page that says how answers are kept; empty where there is none
     */
    record Place(String page, String acts, String privacy) {
        String act(String name) {
            return acts.isEmpty() ? page : acts + name;
        }
    }

    BookingViews(Desk desk, Place place) {
        this.desk = desk;
        this.clock = desk.terms().clock();
        this.place = place;
        this.times = new BookingTimes(desk, place);
    }

    /** The days with their times. */
    BookingTimes times() {
        return times;
    }

    OffersView offers() {
        return new OffersView(
                desk.terms().services().stream()
                        .map(service -> new OffersView.Offer(
                                service.name(),
                                Minutes.say(service.minutes()),
                                service.price(),
                                place.page() + "?" + Chosen.query(Map.of("service", Chosen.shortId(service.id())))))
                        .toList(),
                desk.terms().rules().costs());
    }

    // ---- who it is for -------------------------------------------------------------------------------------------

    /**
     * @param typed what was typed so far, by key
     * @param faults what is wrong with it, by key
     * @param others times instead of one that has gone; empty where it stands
     */
    DetailsView details(
            Booking held, Map<String, String> typed, Map<String, String> faults, List<Slot> others, String said) {
        BookingRules rules = desk.terms().rules();
        Map<String, String> all = new LinkedHashMap<>(typed);
        all.putIfAbsent(BookingForm.PLACE, held.place());
        boolean isKept =
                others.isEmpty() && held.heldUntil() != null && held.heldUntil().isAfter(desk.now());
        Chosen chosen =
                new Chosen(Chosen.shortId(held.service()), "", held.place(), day(held.start()), held.link(), "");
        return new DetailsView(
                held.serviceName(),
                clock.say(held.start(), held.end()),
                isKept ? WORDS.say("details.kept", clock.time(held.heldUntil())) : "",
                times.link(chosen, day(held.start())),
                held.link(),
                BookingForm.of(rules).fields(),
                all,
                faults,
                said,
                others.stream()
                        .map(slot -> new TimesView.Time(
                                WORDS.say("details.other", clock.longDay(slot.start()), clock.time(slot.start())),
                                slot.start().toString()))
                        .toList(),
                rules.costs(),
                !rules.atOnce(),
                place.act("take"),
                place.privacy());
    }

    private LocalDate day(Instant at) {
        return at.atZone(clock.zone()).toLocalDate();
    }

    // ---- a booking -----------------------------------------------------------------------------------------------

    /** @param canChange whether whoever made it can still change it */
    BookedView booked(Booking booking, boolean canChange) {
        boolean isGone = booking.state() == ostium.core.booking.BookingState.CANCELLED;
        List<String> lines = new ArrayList<>();
        if (!booking.place().isBlank()) {
            lines.add(booking.place());
        }
        if (!booking.price().isBlank()) {
            lines.add(booking.price());
        }
        String link = Chosen.query(Map.of("booking", booking.link()));
        return new BookedView(
                WORDS.say("booked" + key(booking) + ".heading"),
                says(booking),
                booking.serviceName(),
                clock.say(booking.start(), booking.end()),
                lines,
                isGone ? "" : "/_ostium/booking.ics?" + link,
                canChange
                        ? times.link(
                                new Chosen(Chosen.shortId(booking.service()), "", "", null, "", booking.link()), null)
                        : "",
                canChange ? booking.link() : "",
                until(canChange, isGone),
                isGone ? place.page() : "");
    }

    private String key(Booking booking) {
        return switch (booking.state()) {
            case CANCELLED -> ".cancelled";
            case ASKED -> ".asked";
            case DONE, MISSED -> ".over";
            default -> booking.end().isBefore(desk.now()) ? ".over" : "";
        };
    }

    private String says(Booking booking) {
        String key = key(booking);
        if (key.equals(".asked")) {
            boolean isKept = booking.heldUntil() != null && booking.heldUntil().isAfter(desk.now());
            return isKept
                    ? WORDS.say(
                            "booked.asked.says",
                            WORDS.say(
                                    "details.other",
                                    clock.longDay(booking.heldUntil()),
                                    clock.time(booking.heldUntil())))
                    : WORDS.say("booked.lapsed.says");
        }
        return key.isEmpty()
                ? booking.customer().email().isBlank()
                        ? WORDS.say("booked.says.plain")
                        : WORDS.say("booked.says", booking.customer().email())
                : WORDS.say("booked" + key + ".says");
    }

    private String until(boolean canChange, boolean isGone) {
        int minutes = desk.terms().rules().changeUntil();
        if (isGone || canChange && minutes == 0) {
            return "";
        }
        if (canChange) {
            return WORDS.say("booked.until", Spans.say(minutes));
        }
        return desk.brief()
                .facts()
                .say("telephone", "national")
                .map(telephone -> WORDS.say("booked.tooLate", telephone))
                .orElse(WORDS.say("booked.tooLate.plain"));
    }

    MessageView message(String key) {
        return new MessageView(WORDS.say(key + ".heading"), WORDS.say(key + ".says"), "/", WORDS.say("none.back"));
    }
}
