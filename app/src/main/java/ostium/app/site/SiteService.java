package ostium.app.site;

import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.account.AccountLeaving;
import ostium.app.account.SignedIn;
import ostium.app.web.Quota;
import ostium.core.edit.State;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;

/** Makes, finds and gives away sites. Whose a site is, is checked by {@link SiteAccess}. */
@Service
public class SiteService {
    private final SiteMapper sites;
    private final SiteLog log;
    private final States states;
    private final Readings readings;
    private final ApplicationEventPublisher events;

    SiteService(SiteMapper sites, SiteLog log, States states, Readings readings, ApplicationEventPublisher events) {
        this.sites = sites;
        this.log = log;
        this.states = states;
        this.readings = readings;
        this.events = events;
    }

    /**
     * Makes a site.
     *
     * @param id its name, which no other site has
     * @param owner account, or null
     * @param keyHash hash of the browser's key, or null when there is an owner
     * @throws ostium.app.web.Problem 409 when there are too many already
     */
    @Transactional
    public StoredSite create(String id, String owner, String keyHash) {
        return create(id, owner, keyHash, TypedSheet.empty("GB", sites.nextSeed()));
    }

    @Transactional
    public StoredSite create(String id, String owner, String keyHash, TypedSheet sheet) {
        if (owner == null) {
            Quota.SITES_OF_BROWSER.require(sites.countOfKey(keyHash));
        } else {
            Quota.SITES_OF_ACCOUNT.require(sites.countOfAccount(owner));
        }
        sites.insert(id, owner, keyHash);
        log.begin(id, State.begun(sheet));
        return sites.byId(id).orElseThrow();
    }

    public Optional<StoredSite> byId(String id) {
        return sites.byId(id);
    }

    public List<StoredSite> ofAccount(String account) {
        return sites.ofAccount(account);
    }

    public List<StoredSite> ofKey(String keyHash) {
        return sites.ofKey(keyHash);
    }

    /** The site as it stands. */
    public State state(StoredSite site) {
        return states.of(site);
    }

    /** The facts of a state, read today. */
    public SheetReading read(State state) {
        return readings.of(state);
    }

    /** Gives the sites of this browser's key to an account. */
    @EventListener
    @Transactional
    public void claim(SignedIn signedIn) {
        SiteKey.OF.hash(signedIn.request()).ifPresent(hash -> {
            List<StoredSite> claimed = sites.ofKey(hash);
            sites.claim(signedIn.account().id(), hash);
            log.claim(signedIn.account().id(), hash);
            claimed.forEach(site ->
                    events.publishEvent(new Given(site.id(), signedIn.account().id())));
        });
    }

    /** Gives a site to another account. */
    @Transactional
    public void give(String site, String account) {
        sites.setOwner(site, account);
        events.publishEvent(new Given(site, account));
    }

    /** Links to previews that were given so far open nothing any more. */
    public void endPreviews(String site) {
        sites.endPreviews(site);
    }

    /** A site has another owner now; heard in the same transaction. */
    public record Given(String site, String account) {}

    /** A site is about to go; heard in the same transaction. */
    public record Leaving(String site) {}

    /** Takes a site away with all that belongs to it. */
    @Transactional
    public void delete(String site) {
        events.publishEvent(new Leaving(site));
        sites.delete(site);
    }

    /** Sites of an account that is about to go. */
    @EventListener
    @Transactional
    public void leaving(AccountLeaving account) {
        sites.ofOwner(account.id()).forEach(this::delete);
    }

    /** Sites nobody has claimed go a week after the last change. */
    @Scheduled(initialDelay = 60_000, fixedDelay = 3_600_000)
    void sweep() {
        sites.sweep();
    }
}
