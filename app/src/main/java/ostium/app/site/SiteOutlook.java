package ostium.app.site;

import java.time.Instant;

/** What another feature adds to the view of a site: whether it is public, what waits. */
public interface SiteOutlook {
    /**
     * @param publicAddress where the site is live, or null
     * @param addressName free name it has or could have
     * @param pendingChanges how many changes are not public yet
     * @param blocking how many things have to be put right before it can be public; 0 for one that is
     * @param newEnquiries messages nobody has answered
     * @param waitingSince when the first of them came, or null
     * @param bookingsAsked bookings that wait for the owner's answer
     */
    record Outlook(
            String publicAddress,
            String addressName,
            int pendingChanges,
            int blocking,
            int newEnquiries,
            Instant waitingSince,
            int bookingsAsked) {
        /** Before any feature has said anything. */
        public static final Outlook NOTHING = new Outlook(null, "", 0, 0, 0, null, 0);

        /** With where it is live, and what is not public yet. */
        public Outlook standing(String at, String name, int changes) {
            return new Outlook(at, name, changes, 0, newEnquiries, waitingSince, bookingsAsked);
        }

        /** Not public; with the name it could have, and what keeps it from that. */
        public Outlook coming(String name, int snags) {
            return new Outlook(null, name, 0, snags, newEnquiries, waitingSince, bookingsAsked);
        }

        public Outlook waiting(int enquiries, Instant since) {
            return new Outlook(publicAddress, addressName, pendingChanges, blocking, enquiries, since, bookingsAsked);
        }

        public Outlook asking(int bookings) {
            return new Outlook(
                    publicAddress, addressName, pendingChanges, blocking, newEnquiries, waitingSince, bookings);
        }
    }

    Outlook add(StoredSite site, Outlook outlook);
}
