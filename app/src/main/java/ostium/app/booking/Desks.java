package ostium.app.booking;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.booking.Agenda;
import ostium.core.booking.Block;
import ostium.core.booking.BookingRules;
import ostium.core.booking.BookingTerms;
import ostium.core.brief.Brief;
import ostium.core.edit.State;
import ostium.core.place.TravelTimes;

/** Reads the rules and the diary of a site. */
@Component
public class Desks {
    private final BookingStore store;
    private final BookingMapper mapper;
    private final SiteService sites;
    private final TravelTimes ways;
    private final Clock clock;

    Desks(BookingStore store, BookingMapper mapper, SiteService sites, TravelTimes ways, Clock clock) {
        this.store = store;
        this.mapper = mapper;
        this.sites = sites;
        this.ways = ways;
        this.clock = clock;
    }

    /** The desk of a site as it stands; empty while it takes no bookings. */
    public Optional<Desk> of(StoredSite site) {
        return of(site, sites.state(site));
    }

    /** The desk of a site with the rules of a state of it. */
    public Optional<Desk> of(StoredSite site, State state) {
        return state.doors().bookingRules().map(rules -> desk(site, state, rules));
    }

    private Desk desk(StoredSite site, State state, BookingRules rules) {
        Brief brief = sites.read(state).brief();
        Instant now = clock.instant();
        return new Desk(
                site,
                state,
                brief,
                BookingTerms.of(rules, brief.facts(), ways),
                (from, to) -> agenda(site.id(), from, to, now),
                now);
    }

    /** What takes time in a diary between two instants. */
    Agenda agenda(String site, Instant from, Instant to, Instant now) {
        return new Agenda(
                store.takingTime(site, from, to, now),
                mapper.blocks(site, from, to).stream()
                        .map(block -> new Block(block.resource(), block.startsAt(), block.endsAt(), block.words()))
                        .toList());
    }
}
