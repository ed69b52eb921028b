package ostium.app.site;

import java.util.List;
import org.springframework.stereotype.Component;
import ostium.app.account.AccountService;
import ostium.app.web.Origins;
import ostium.core.edit.State;
import ostium.core.sheet.SheetReading;

/** Makes the view of a site for whoever asks. */
@Component
public class SiteViews {
    private final SiteService sites;
    private final AccountService accounts;
    private final PreviewTokens tokens;
    private final Origins origins;
    private final List<SiteOutlook> outlooks;

    SiteViews(
            SiteService sites,
            AccountService accounts,
            PreviewTokens tokens,
            Origins origins,
            List<SiteOutlook> outlooks) {
        this.sites = sites;
        this.accounts = accounts;
        this.tokens = tokens;
        this.origins = origins;
        this.outlooks = outlooks;
    }

    String preview(StoredSite site) {
        return origins.preview() + "/" + tokens.give(site) + "/";
    }

    boolean isOwner(StoredSite site) {
        return site.owner() == null
                || accounts.current()
                        .map(account -> account.id().equals(site.owner()))
                        .orElse(false);
    }

    SiteOutlook.Outlook outlook(StoredSite site) {
        SiteOutlook.Outlook state = SiteOutlook.Outlook.NOTHING;
        for (SiteOutlook outlook : outlooks) {
            state = outlook.add(site, state);
        }
        return state;
    }

    /** The site as it is stored now. */
    public SiteView view(StoredSite site) {
        State state = sites.state(site);
        return view(site, state, sites.read(state));
    }

    /** @param reading what was understood of the sheet of the state */
    public SiteView view(StoredSite site, State state, SheetReading reading) {
        SiteOutlook.Outlook outlook = outlook(site);
        return new SiteView(
                site.id(),
                site.revision(),
                accounts.current().isPresent(),
                state.sheet().name(),
                state.sheet(),
                reading.answers(),
                reading.missing(),
                SiteView.trade(reading),
                SiteView.head(reading.brief()),
                preview(site),
                outlook.publicAddress(),
                outlook.addressName(),
                outlook.pendingChanges(),
                state.isKept(),
                isOwner(site),
                outlook.newEnquiries(),
                outlook.bookingsAsked());
    }
}
