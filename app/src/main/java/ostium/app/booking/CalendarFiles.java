package ostium.app.booking;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Tokens;
import ostium.core.base.Messages;
import ostium.core.booking.BookingState;
import ostium.core.format.CalendarFile;

/** The diary as calendar files: one appointment for whoever booked it, all of them for the owner, and a private feed. */
@Service
public class CalendarFiles {
    private static final Messages WORDS = Messages.of("booking-mail");
    private static final Duration PAST = Duration.ofDays(60);
    private static final Duration COMING = Duration.ofDays(400);

    private final BookingStore store;
    private final BookingMapper mapper;
    private final Desks desks;
    private final SiteService sites;

    CalendarFiles(BookingStore store, BookingMapper mapper, Desks desks, SiteService sites) {
        this.store = store;
        this.mapper = mapper;
        this.desks = desks;
        this.sites = sites;
    }

    /** One appointment, as whoever booked it has it in a calendar. */
    public String ofVisitor(Desk desk, Booking booking) {
        String summary = WORDS.say("event.customer", booking.serviceName(), desk.name());
        return CalendarFile.write(desk.name(), List.of(BookingMessages.event(desk, booking, summary)));
    }

    /** All appointments of the last two months and of those to come. */
    public String ofOwner(Desk desk) {
        return CalendarFile.write(
                desk.name(),
                store
                        .between(
                                desk.site().id(),
                                desk.now().minus(PAST),
                                desk.now().plus(COMING))
                        .stream()
                        .filter(booking -> booking.state() != BookingState.MISSED)
                        .map(booking -> BookingMessages.event(
                                desk,
                                booking,
                                WORDS.say(
                                        "event.owner",
                                        booking.serviceName(),
                                        booking.customer().name())))
                        .toList());
    }

    /** The private feed of a site by its key; empty when there is none, or it was withdrawn. */
    public Optional<String> feed(String key) {
        return mapper.siteOfFeed(key).flatMap(sites::byId).flatMap(desks::of).map(this::ofOwner);
    }

    /** Key of the private feed; empty while there is none. */
    public Optional<String> feedKey(StoredSite site) {
        return mapper.feed(site.id());
    }

    /** Makes a private feed, or another in place of the one there is. */
    @DiaryTransaction
    public String openFeed(StoredSite site) {
        store.lock(site.id());
        String key = Tokens.fresh();
        mapper.setFeed(site.id(), key);
        return key;
    }

    /** Withdraws the feed: its address leads nowhere from now on. */
    @DiaryTransaction
    public void closeFeed(StoredSite site) {
        store.lock(site.id());
        mapper.setFeed(site.id(), null);
    }
}
