package ostium.app.booking;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ostium.app.booking.BookingMapper.StoredBlock;
import ostium.app.site.StoredSite;
import ostium.app.web.Problem;
import ostium.core.format.BusyCalendar;

/** Busy times of other calendars, each by its name. */
@Service
public class BusyCalendars {
    /** Most bytes of a calendar. */
    static final int MOST_BYTES = 10 * 1024 * 1024;

    static final int LONGEST_NAME = 60;
    private static final int AT_ONCE = 500;
    private static final Duration COMING = Duration.ofDays(400);

    private final BookingStore store;
    private final BookingMapper mapper;
    private final FollowedMapper followed;
    private final Desks desks;

    BusyCalendars(BookingStore store, BookingMapper mapper, FollowedMapper followed, Desks desks) {
        this.store = store;
        this.mapper = mapper;
        this.followed = followed;
        this.desks = desks;
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
        String shortened = shortened(name);
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
        if (mapper.deleteSource(site.id(), name) + followed.delete(site.id(), name) == 0) {
            throw Problem.notFound();
        }
    }

    /** A name as it is kept. */
    static String shortened(String name) {
        String plain = name.strip().replaceAll("\\s+", " ");
        return plain.length() > LONGEST_NAME ? plain.substring(0, LONGEST_NAME) : plain;
    }
}
