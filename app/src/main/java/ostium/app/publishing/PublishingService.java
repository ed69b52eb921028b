package ostium.app.publishing;

import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import ostium.app.publishing.PublicationMapper.Address;
import ostium.app.site.SiteOutlook;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.web.Origins;
import ostium.app.web.Problem;
import ostium.core.draft.Draft;
import ostium.core.opening.FieldAnswer;
import ostium.core.opening.SheetReading;
import ostium.core.opening.TypedSheet;
import ostium.core.text.Sha256;
import ostium.render.RenderedFile;
import ostium.render.SiteRenderer;
import ostium.render.Target;
import tools.jackson.databind.json.JsonMapper;

/** Makes sites public. */
@Service
@Order(1)
public class PublishingService implements SiteOutlook {
    private final PublicationMapper publications;
    private final SiteService sites;
    private final Origins origins;
    private final JsonMapper json;
    private final ApplicationEventPublisher events;

    PublishingService(
            PublicationMapper publications,
            SiteService sites,
            Origins origins,
            JsonMapper json,
            ApplicationEventPublisher events) {
        this.publications = publications;
        this.sites = sites;
        this.origins = origins;
        this.json = json;
        this.events = events;
    }

    /** What stands at a host now has changed; heard after the commit. */
    public record HostChanged(String host) {}

    /**
     * Publishes a site as its sheet stands, at the address it has or at a new one.
     *
     * @param name free name for a site that has no address yet
     * @return the public address
     * @throws Problem when something is missing, or the name cannot be had
     */
    @Transactional
    public String publish(StoredSite site, String name) {
        TypedSheet sheet = sites.sheet(site);
        SheetReading reading = sites.read(sheet);
        requireComplete(reading);
        String host = publications
                .addressOf(site.id())
                .map(Address::host)
                .orElseGet(() -> origins.host(freeName(AddressName.normal(name), site)));
        Draft draft = sites.draft(sheet, reading);
        String url = origins.site(host) + "/";
        List<RenderedFile> files = SiteRenderer.shipped().render(reading.brief(), draft, Target.published(url));

        long number = publications.lockCounter() + 1;
        publications.setCounter(number);
        publications.insert(site.id(), number, site.revision(), json.writeValueAsString(sheet));
        long publication = publications.lastId();
        for (RenderedFile file : files) {
            store(publication, file);
        }
        publications.point(host, site.id(), publication, number);
        afterCommit(() -> events.publishEvent(new HostChanged(host)));
        return url;
    }

    private static void requireComplete(SheetReading reading) {
        if (!reading.isEnough()) {
            throw Problem.at("", "Still needed: " + String.join(", ", reading.missing()) + ".");
        }
        reading.answers().forEach((field, answer) -> {
            if (answer.state() == FieldAnswer.State.REFUSED || answer.state() == FieldAnswer.State.ASKED) {
                throw Problem.at(field, "Something on the sheet is not understood yet: " + answer.says());
            }
        });
    }

    private String freeName(String name, StoredSite site) {
        AddressName.fault(name).ifPresent(fault -> {
            throw Problem.at("address", fault);
        });
        Optional<Address> taken = publications.address(origins.host(name));
        if (taken.isPresent() && !taken.get().site().equals(site.id())) {
            throw new Problem(HttpStatus.CONFLICT, "address", "“" + name + "” is taken. Choose another name.");
        }
        return name;
    }

    private void store(long publication, RenderedFile file) {
        String hash = Sha256.hex(file.bytes());
        boolean compress = Compression.helps(file.contentType());
        publications.insertFile(
                hash,
                file.bytes(),
                compress ? Compression.gzip(file.bytes()) : null,
                compress ? Compression.brotli(file.bytes()) : null);
        publications.insertPublicationFile(publication, file.path(), file.contentType(), hash);
    }

    @Override
    public State add(StoredSite site, State state) {
        Optional<Address> address = publications.addressOf(site.id()).filter(found -> found.publication() != null);
        String suggested = AddressName.suggest(sites.sheet(site).name(), site.id());
        if (address.isEmpty()) {
            return new State(null, suggested, false, state.newEnquiries());
        }
        String host = address.get().host();
        boolean pending = publications
                .live(host)
                .map(live -> !live.sheet().equals(site.sheet()))
                .orElse(false);
        String name = host.substring(0, host.length() - origins.sitesDomain().length() - 1);
        return new State(origins.site(host) + "/", name, pending, state.newEnquiries());
    }

    private static void afterCommit(Runnable act) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                act.run();
            }
        });
    }
}
