package ostium.core.edit;

import java.util.List;
import ostium.core.door.Doors;
import ostium.core.door.Route;
import ostium.core.enquiry.Recipients;

/** Who can be told of messages. */
final class RouteLimits {
    private static final int LONGEST = 100;

    private RouteLimits() {}

    /**
     * An answer that the form no longer has is let stand: it is shown where it stands, and nobody gives it.
     *
     * @param region ISO 3166 country of the business, for numbers
     * @throws EditRefused in words for the owner
     */
    static void check(List<Route> routes, String region) {
        if (routes.size() > Route.MOST) {
            throw refused("route.many", Route.MOST);
        }
        for (Route route : routes) {
            if (route.field().length() > LONGEST || route.answer().length() > LONGEST) {
                throw refused("route.words", LONGEST);
            }
            if (route.to().size() > Doors.MOST_ADDRESSES) {
                throw refused("route.addresses", Doors.MOST_ADDRESSES);
            }
            for (String to : route.to()) {
                if (!Recipients.isOne(to, region)) {
                    throw refused("route.to", to);
                }
            }
        }
    }

    private static EditRefused refused(String key, Object... gaps) {
        return EditRefused.saying(key, gaps);
    }
}
