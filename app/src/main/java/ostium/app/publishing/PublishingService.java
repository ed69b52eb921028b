package ostium.app.publishing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import ostium.app.files.SiteFiles;
import ostium.app.proofing.Proofs;
import ostium.app.publishing.PublicationMapper.Address;
import ostium.app.publishing.PublicationMapper.LivePublication;
import ostium.app.site.Readings;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteOutlook;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.site.TriedDoors;
import ostium.app.web.Origins;
import ostium.app.web.Problem;
import ostium.core.draft.Draft;
import ostium.core.edit.Changes;
import ostium.core.edit.State;
import ostium.core.edit.Stored;
import ostium.core.edit.WholeEdit;
import ostium.core.sheet.SheetReading;
import ostium.core.snag.DoorsUntried;
import ostium.core.snag.Snag;
import ostium.core.snag.Snags;
import ostium.core.text.Sha256;
import ostium.render.RenderedFile;
import ostium.render.SiteRenderer;
import ostium.render.Target;

/** Makes sites public. */
@Service
@Order(1)
public class PublishingService implements SiteOutlook {
    private final PublicationMapper publications;
    private final SiteService sites;
    private final SiteLog log;
    private final Readings readings;
    private final StandingParts parts;
    private final Origins origins;
    private final SiteFiles given;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transactions;
    private final PublishedVersions versions;
    private final TriedDoors tried;
    private final Proofs proofs;

    PublishingService(
            PublicationMapper publications,
            SiteService sites,
            SiteLog log,
            Readings readings,
            StandingParts parts,
            Origins origins,
            SiteFiles given,
            PublishedVersions versions,
            TriedDoors tried,
            Proofs proofs,
            ApplicationEventPublisher events,
            TransactionTemplate transactions) {
        this.publications = publications;
        this.sites = sites;
        this.log = log;
        this.readings = readings;
        this.parts = parts;
        this.origins = origins;
        this.given = given;
        this.versions = versions;
        this.tried = tried;
        this.proofs = proofs;
        this.events = events;
        this.transactions = transactions;
    }

    /** What stands at a host now has changed; heard after the commit. */
    public record HostChanged(String host) {}

    /**
     * Publishes a site as it stands, at the address it has or at a new one.
     *
     * @param name free name for a site that is not on the web; empty keeps the one it had
     * @return the public address
     * @throws Problem when something has to be put right first, or the name cannot be had
     */
    public String publish(StoredSite site, String name) {
        State state = sites.state(site);
        SheetReading reading = sites.read(state);
        requirePublishable(state, reading);
        // Sizes that are missing take seconds to make: that comes before anything is locked.
        List<SiteFiles.Content> pictures = pictures(site, reading, state.draft(reading));
        return transactions.execute(status -> publish(site, name, state, reading, pictures));
    }

    private String publish(
            StoredSite site, String name, State state, SheetReading reading, List<SiteFiles.Content> pictures) {
        publications.lockSite(site.id()).orElseThrow(Problem::notFound);
        String host = host(site, AddressName.normal(name));
        String url = origins.site(host) + "/";
        List<RenderedFile> files =
                SiteRenderer.shipped().render(reading.brief(), state.draft(reading), Target.published(url));
        long number = nextNumber();
        publications.insert(
                site.id(),
                number,
                site.revision(),
                Stored.write(state),
                url,
                parts.forms(state, reading, url),
                parts.opening(state, reading, url));
        long publication = publications.lastId();
        for (RenderedFile file : files) {
            store(publication, file.path(), file.contentType(), file.bytes());
        }
        for (SiteFiles.Content file : pictures) {
            store(publication, file.path(), file.contentType(), file.bytes());
        }
        point(host, site.id(), publication, number);
        return url;
    }

    /**
     * Makes an earlier version public again, with the files it had, and brings the manuscript back to it; that can be
     * undone like any other step.
     *
     * @throws Problem 404 if the site has no such version
     */
    @Transactional
    public String putBack(StoredSite site, String author, long version) {
        publications.lockSite(site.id()).orElseThrow(Problem::notFound);
        LivePublication earlier = publications.version(site.id(), version).orElseThrow(Problem::notFound);
        String host =
                publications.addressOf(site.id()).orElseThrow(Problem::notFound).host();
        State state = Stored.readState(earlier.state());
        SiteLog.Done done = state.equals(sites.state(site))
                ? new SiteLog.Done(site.revision(), false)
                : log.edit(site, author, site.revision(), UUID.randomUUID().toString(), new WholeEdit.PutState(state));
        long number = nextNumber();
        String url = origins.site(host) + "/";
        SheetReading reading = readings.of(state);
        publications.insert(
                site.id(),
                number,
                done.revision(),
                earlier.state(),
                url,
                earlier.url() == null ? parts.forms(state, reading, url) : earlier.form(),
                parts.opening(state, reading, url));
        long publication = publications.lastId();
        publications.copyFiles(version, publication);
        point(host, site.id(), publication, number);
        return url;
    }

    /** Takes a site off the web. Its address stays its own, and its versions can be had back. */
    @Transactional
    public void unpublish(String site) {
        publications.lockSite(site);
        publications.addressOf(site).ifPresent(address -> {
            publications.empty(site, nextNumber());
            afterCommit(() -> events.publishEvent(new HostChanged(address.host())));
        });
    }

    /** What is about to go takes its public pages along. */
    @EventListener
    @Transactional
    public void leaving(SiteService.Leaving leaving) {
        unpublish(leaving.site());
    }

    private long nextNumber() {
        long number = publications.lockCounter() + 1;
        publications.setCounter(number);
        return number;
    }

    private void point(String host, String site, long publication, long number) {
        publications.point(host, AddressName.likeness(nameOf(host)), site, publication, number);
        // Of two that take a name at once, the second finds it taken only now.
        if (!publications.address(host).map(Address::site).orElse("").equals(site)) {
            throw taken(nameOf(host));
        }
        publications.giveUpOthers(site, host, number);
        afterCommit(() -> events.publishEvent(new HostChanged(host)));
    }

    private void requirePublishable(State state, SheetReading reading) {
        if (!reading.isEnough()) {
            throw Problem.at("", "draft.stillNeeded", reading.missingWords());
        }
        if (!state.isKept()) {
            throw Problem.at("", "draft.keepForPublic");
        }
        List<Snag> must = must(state);
        if (!must.isEmpty()) {
            throw must.size() == 1
                    ? Problem.worded("snags", must.get(0).words())
                    : Problem.at("snags", "publish.snags", must.size());
        }
    }

    private List<Snag> must(State state) {
        return Snags.of(state, readings.of(state)).stream()
                .filter(snag -> snag.level() == Snag.Level.MUST)
                .toList();
    }

    /** What would be published now, and what was published before. */
    PublicationsView view(StoredSite site) {
        State state = sites.state(site);
        Optional<Long> live = publications.addressOf(site.id()).map(Address::publication);
        return new PublicationsView(
                live.map(id -> changes(id, site, state)).orElse(List.of()),
                snags(site, state),
                versions.of(site.id(), live));
    }

    private List<PublicationsView.SnagLine> snags(StoredSite site, State state) {
        SheetReading reading = readings.of(state);
        return Stream.of(
                        Snags.of(state, reading).stream(),
                        DoorsUntried.of(state, reading, tried.of(site, state, reading)).stream(),
                        proofs.of(site, state, reading).snags().stream())
                .flatMap(each -> each)
                .sorted(Comparator.comparing(Snag::level))
                .map(snag -> new PublicationsView.SnagLine(
                        snag.level(),
                        snag.words(),
                        snag.why(),
                        snag.section(),
                        snag.fix() == null ? "" : snag.fix().line(),
                        snag.rule().equals(DoorsUntried.RULE)))
                .toList();
    }

    private List<Changes.Change> changes(long publication, StoredSite site, State state) {
        State published = versions.state(site.id(), publication).orElseThrow();
        return Changes.between(published, readings.of(published), state, readings.of(state));
    }

    /** A live site stays where it is; one that is off the web can have another name. */
    private String host(StoredSite site, String name) {
        Optional<Address> has = publications.addressOf(site.id());
        boolean stays = has.isPresent()
                && (has.get().publication() != null
                        || name.isEmpty()
                        || has.get().host().equals(origins.host(name)));
        return stays ? has.get().host() : origins.host(freeName(name, site));
    }

    private String freeName(String name, StoredSite site) {
        AddressName.fault(name).ifPresent(fault -> {
            throw Problem.worded("address", fault);
        });
        Optional<Address> taken = publications.address(origins.host(name));
        if (taken.isPresent()
                && taken.get().site() != null
                && !taken.get().site().equals(site.id())) {
            throw taken(name);
        }
        if (publications.countLikeness(AddressName.likeness(name), site.id()) > 0) {
            throw new Problem(HttpStatus.CONFLICT, "address", "address.lookalike", name);
        }
        return name;
    }

    private static Problem taken(String name) {
        return new Problem(HttpStatus.CONFLICT, "address", "address.taken", name);
    }

    private String nameOf(String host) {
        return host.substring(0, host.length() - origins.sitesDomain().length() - 1);
    }

    private List<SiteFiles.Content> pictures(StoredSite site, SheetReading reading, Draft draft) {
        try {
            return given.all(site, reading.brief(), draft);
        } catch (SiteFiles.FileGone e) {
            throw Problem.at("snags", "file.gone");
        }
    }

    private void store(long publication, String path, String contentType, byte[] bytes) {
        String hash = Sha256.hex(bytes);
        boolean compress = Compression.helps(contentType);
        publications.insertFile(
                hash, bytes, compress ? Compression.gzip(bytes) : null, compress ? Compression.brotli(bytes) : null);
        publications.insertPublicationFile(publication, path, contentType, hash);
    }

    @Override
    public SiteOutlook.Outlook add(StoredSite site, SiteOutlook.Outlook outlook) {
        State state = sites.state(site);
        Optional<Address> address = publications.addressOf(site.id());
        String name = address.map(Address::host)
                .map(this::nameOf)
                .orElseGet(() -> AddressName.suggest(state.sheet().name(), site.id()));
        if (address.map(Address::publication).isEmpty()) {
            return outlook.coming(name, state.isKept() ? must(state).size() : 0);
        }
        return outlook.standing(
                origins.site(address.get().host()) + "/",
                name,
                changes(address.get().publication(), site, state).size());
    }

    static void afterCommit(Runnable act) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                act.run();
            }
        });
    }
}
