package ostium.app.site;

/** What another feature adds to the view of a site: whether it is public, what waits. */
public interface SiteOutlook {
    /**
     * @param publicAddress where the site is live, or null
     * @param addressName free name it has or could have
     * @param pendingChanges whether the sheet differs from what is live
     * @param newEnquiries messages nobody has dealt with
     */
    record State(String publicAddress, String addressName, boolean pendingChanges, int newEnquiries) {}

    State add(StoredSite site, State state);
}
