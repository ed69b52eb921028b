package ostium.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import ostium.app.account.Account;
import ostium.app.account.AccountService;
import ostium.app.enquiry.EnquiryService;
import ostium.app.publishing.PublishingService;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.edit.SheetEdit;
import ostium.core.enquiry.Form;
import ostium.core.format.LocalBusinessReader;

/** The demo world: Ada Ashlatch's site, live, with messages. All of it is invented. Loaded once. */
@Component
@ConditionalOnProperty("ostium.demo")
class DemoData {
    static final String EMAIL = "ada@ashlatch.example";
    static final String PASSWORD = "quillhaven";
    private static final long SEED = 1;

    private final AccountService accounts;
    private final SiteService sites;
    private final SiteLog log;
    private final PublishingService publishing;
    private final EnquiryService enquiries;
    private final Clock clock;

    DemoData(
            AccountService accounts,
            SiteService sites,
            SiteLog log,
            PublishingService publishing,
            EnquiryService enquiries,
            Clock clock) {
        this.accounts = accounts;
        this.sites = sites;
        this.log = log;
        this.publishing = publishing;
        this.enquiries = enquiries;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    @org.springframework.core.annotation.Order(1)
    void load() throws IOException, LocalBusinessReader.Unreadable {
        if (accounts.byEmail(EMAIL).isPresent()) {
            return;
        }
        Account ada = accounts.signUp("Ada Ashlatch", EMAIL, PASSWORD);
        StoredSite site = sites.create(
                ada.id(),
                null,
                LocalBusinessReader.read(source("ashlatch"), SEED).sheet());
        log.keepDraft(site, ada.id(), ada.email());
        site = sites.byId(site.id()).orElseThrow();
        publishing.publish(site, "ashlatch");
        String nests = sites.state(site).sheet().services().stream()
                .filter(service -> service.name().startsWith("Nest"))
                .findFirst()
                .orElseThrow()
                .id();
        log.edit(
                site,
                ada.id(),
                site.revision(),
                "demo-unpublished-change",
                new SheetEdit.SetLine("service/" + nests + "/summary", "Outside the nesting season only"));
        Form form = Form.of(sites.read(sites.state(site)).brief());
        enquiry(
                site,
                form,
                Duration.ofMinutes(50),
                false,
                "name",
                "Piet Marrow",
                "reach",
                "0117 496 0771",
                "service",
                "Chimney sweep",
                "about-where",
                "4 Sailmakers’ Row, Tolver",
                "about-fuel",
                "Wood",
                "message",
                "The stove smokes when the wind is from the west. Could you look before the weekend?");
        enquiry(
                site,
                form,
                Duration.ofHours(20),
                false,
                "name",
                "Oona Quayle",
                "reach",
                "oona@quayle.example",
                "service",
                "Camera survey",
                "about-where",
                "Marl End, Upper Marl",
                "about-fuel",
                "Not sure",
                "about-swept",
                "Never, that I know of",
                "message",
                "We have just bought the house and would like to know what the flue is like before we light anything.");
        enquiry(
                site,
                form,
                Duration.ofHours(45),
                true,
                "name",
                "Hester Dunnock",
                "reach",
                "0117 496 0612",
                "service",
                "Bird guard",
                "about-where",
                "Pennock’s Mill",
                "message",
                "Jackdaws again. Two pots this time.");
        enquiry(
                site,
                form,
                Duration.ofHours(97),
                true,
                "name",
                "Marek Holm",
                "reach",
                "marek@holm.example",
                "service",
                "Stove service",
                "about-where",
                "12 Harbour Steps, Quillhaven",
                "about-fuel",
                "Coal or smokeless",
                "about-swept",
                "Last November",
                "message",
                "The yearly service please, any morning but Tuesday.");
    }

    private void enquiry(StoredSite site, Form form, Duration ago, boolean done, String... values) {
        Map<String, String> fields = new LinkedHashMap<>();
        for (int i = 0; i < values.length; i += 2) {
            fields.put(values[i], values[i + 1]);
        }
        enquiries.bringIn(
                site.id(), form, fields, "demo-" + ago, clock.instant().minus(ago));
        if (done) {
            EnquiryService.Enquiry kept = enquiries.ofSite(site.id()).stream()
                    .filter(each -> each.answers().get(0).value().equals(fields.get("name")))
                    .findFirst()
                    .orElseThrow();
            enquiries.mark(site.id(), kept.id(), EnquiryService.State.DONE);
        }
    }

    private static String source(String name) throws IOException {
        try (InputStream in = DemoData.class.getResourceAsStream("/ostium/demo/" + name + ".jsonld")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
