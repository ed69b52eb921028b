package ostium.app.booking;

import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import ostium.app.site.FactsOrDoorsChanged;

/** A site that takes bookings has a diary, before anybody wants to write in it. */
@Component
class DiaryBegins {
    private final BookingMapper mapper;

    DiaryBegins(BookingMapper mapper) {
        this.mapper = mapper;
    }

    /** In the same transaction as the change. */
    @EventListener
    void changed(FactsOrDoorsChanged changed) {
        if (changed.state().doors().bookingRules().isPresent()
                && changed.before().doors().bookingRules().isEmpty()) {
            mapper.begin(changed.site());
        }
    }
}
