package ostium.app.booking;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ostium.app.booking.BookingMapper.StoredBlock;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.app.web.Tokens;
import ostium.core.base.Messages;
import ostium.core.booking.BookingState;
import ostium.core.format.BusyCalendar;
import ostium.core.format.CalendarFile;

/** The diary as calendar files: one appointment for whoever booked it, all of them for the owner, and a private feed. */
@Service
public class CalendarFiles {
    private static final Messages WORDS = Messages.of("booking-mail");
    private static final Duration PAST = Duration.ofDays(60);
    private static final int LONGEST_NAME = 60;
    private static final int AT_ONCE = 500;
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
        return CalendarFile.write(desk.name(), List.of(BookingMail.event(desk, booking, summary)));
    }

    /** What came of a calendar that was brought in: how many busy times stand in the diary, and what was left out. */
    public record BroughtIn(String name, int times, int leftOut) {}

    /**
     * Brings in the busy times of another calendar, in place of those it brought before.
     *
     * @param name what it is called: the name of its file
     * @throws Problem 422 where there is no calendar in it
     */
    @DiaryTransaction
    public BroughtIn bringIn(StoredSite site, String name, String file) {
        store.lock(site.id());
        Desk desk = desks.of(site).orElseThrow(() -> Problem.at("", "booking.none"));
        String source = name.strip().replaceAll("\\s+", " ");
        String shortened = source.length() > LONGEST_NAME ? source.substring(0, LONGEST_NAME) : source;
        BusyCalendar.Found found = BusyCalendar.read(
                        file,
                        desk.terms().zone(),
                        desk.now().minus(Duration.ofDays(1)),
                        desk.now().plus(COMING))
                .orElseThrow(() -> Problem.at("file", "booking.calendar"));
        mapper.deleteSource(site.id(), shortened);
        List<StoredBlock> blocks = found.times().stream()
                .map(busy -> new StoredBlock(
                        UUID.randomUUID().toString(), "", busy.from(), busy.to(), busy.words(), shortened))
                .toList();
        for (int at = 0; at < blocks.size(); at += AT_ONCE) {
            mapper.insertBlocks(site.id(), blocks.subList(at, Math.min(blocks.size(), at + AT_ONCE)));
        }
        return new BroughtIn(shortened, blocks.size(), found.leftOut());
    }

    /** Takes the busy times of a calendar out again. */
    @DiaryTransaction
    public void takeOut(StoredSite site, String name) {
        store.lock(site.id());
        if (mapper.deleteSource(site.id(), name) == 0) {
            throw Problem.notFound();
        }
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
                        .map(booking -> BookingMail.event(
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
