package ostium.app.site;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import org.springframework.stereotype.Component;
import ostium.core.edit.State;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;

/**
 * The facts of states, read. Reading takes longest of all on the way to the shopfront, so it is done once a day for a sheet: a day
 * of the business, in its own zone.
 */
@Component
public class Readings {
    private final Clock clock;

    /** By identity: states that differ in words only share their sheet. */
    private final Cache<TypedSheet, SheetReading> known =
            Caffeine.newBuilder().weakKeys().build();

    Readings(Clock clock) {
        this.clock = clock;
    }

    public SheetReading of(State state) {
        Instant now = clock.instant();
        SheetReading reading = known.get(state.sheet(), sheet -> state.reading(now));
        BusinessDay read = reading.brief().today();
        if (!read.equals(BusinessDay.at(now, read.zone()))) {
            reading = state.reading(now);
            known.put(state.sheet(), reading);
        }
        return reading;
    }
}
