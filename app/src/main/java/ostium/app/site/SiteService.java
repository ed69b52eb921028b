package ostium.app.site;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ostium.app.account.SignedIn;
import ostium.app.web.Problem;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.draft.Seed;
import ostium.core.opening.SheetReader;
import ostium.core.opening.SheetReading;
import ostium.core.opening.TypedSheet;
import tools.jackson.databind.json.JsonMapper;

/** Keeps sites and reads their sheets. Whose a site is, is checked by {@link SiteAccess}. */
@Service
public class SiteService {
    private final SiteMapper sites;
    private final JsonMapper json;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    SiteService(SiteMapper sites, JsonMapper json, Clock clock) {
        this.sites = sites;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Makes a site.
     *
     * @param owner account, or null
     * @param keyHash hash of the browser's key, or null when there is an owner
     */
    @Transactional
    public StoredSite create(String owner, String keyHash) {
        return create(owner, keyHash, TypedSheet.empty("GB", random.nextInt(1, Integer.MAX_VALUE)));
    }

    @Transactional
    public StoredSite create(String owner, String keyHash, TypedSheet sheet) {
        String id = UUID.randomUUID().toString();
        sites.insert(id, owner, keyHash, json.writeValueAsString(sheet));
        return sites.byId(id).orElseThrow();
    }

    public Optional<StoredSite> byId(String id) {
        return sites.byId(id);
    }

    public List<StoredSite> ofOwner(String owner) {
        return sites.ofOwner(owner);
    }

    public List<StoredSite> ofKey(String keyHash) {
        return sites.ofKey(keyHash);
    }

    /**
     * Keeps a sheet as typed.
     *
     * @param revision revision the sheet was typed on
     * @throws Problem 409 when the site has changed since
     */
    @Transactional
    public StoredSite keep(StoredSite site, long revision, TypedSheet sheet) {
        if (sites.update(site.id(), revision, json.writeValueAsString(sheet)) == 0) {
            throw new Problem(
                    HttpStatus.CONFLICT, "", "This site was changed in another window. Reload to see it as it is now.");
        }
        return sites.byId(site.id()).orElseThrow(Problem::notFound);
    }

    /** Gives the sites of this browser's key to an account. */
    @EventListener
    @Transactional
    public void claim(SignedIn signedIn) {
        SiteKey.hash(signedIn.request())
                .ifPresent(hash -> sites.claim(signedIn.account().id(), hash));
    }

    public TypedSheet sheet(StoredSite site) {
        return json.readValue(site.sheet(), TypedSheet.class);
    }

    public SheetReading read(TypedSheet sheet) {
        return SheetReader.read(sheet, LocalDate.now(clock));
    }

    /** The draft of a sheet, as far as it has been read. */
    public Draft draft(TypedSheet sheet, SheetReading reading) {
        return Drafter.draft(reading.brief(), new Seed(sheet.seed()));
    }

    /** Sites nobody has claimed go a week after the last change. */
    @Scheduled(initialDelay = 60_000, fixedDelay = 3_600_000)
    void sweep() {
        sites.sweep();
    }
}
