package ostium.app.booking;

import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import ostium.app.site.SiteOutlook;
import ostium.app.site.StoredSite;

/** Says in the view of a site how many bookings wait for its owner's answer. */
@Component
@Order(3)
class AskedBookings implements SiteOutlook {
    private final BookingMapper mapper;

    AskedBookings(BookingMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public Outlook add(StoredSite site, Outlook outlook) {
        return outlook.asking(mapper.countAsked(site.id()));
    }
}
