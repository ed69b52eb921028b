package ostium.app.site;

/** What another feature adds to the view of a site: whether it is public, what waits. */
public interface SiteOutlook {
    /**
     * @param publicAddress where the site is live, or null
     * @param addressName free name it has or could have
     * @param pendingChanges how many changes are not public yet
     * @param newEnquiries messages nobody has dealt with
     */
    record Outlook(String publicAddress, String addressName, int pendingChanges, int newEnquiries) {}

    Outlook add(StoredSite site, Outlook outlook);
}
