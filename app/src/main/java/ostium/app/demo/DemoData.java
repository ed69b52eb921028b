package ostium.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import ostium.app.account.Account;
import ostium.app.account.AccountService;
import ostium.app.drafting.DraftRounds;
import ostium.app.enquiry.EnquiryService;
import ostium.app.files.KeptFiles;
import ostium.app.publishing.PublishingService;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Extent;
import ostium.core.draft.Recipe;
import ostium.core.edit.SheetEdit;
import ostium.core.enquiry.Form;
import ostium.core.format.LocalBusinessReader;
import ostium.core.look.House;
import ostium.core.picture.FileReader;
import ostium.core.picture.TakenFile;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;

/** The demo world: three businesses and their owners, each at another point. All of it is invented. Loaded once. */
@Component
@ConditionalOnProperty("ostium.demo")
class DemoData {
    static final String EMAIL = "ada@ashlatch.example";
    static final String PASSWORD = "quillhaven";
    private static final long SEED = 1;

    /** Seeds of looks: soot and sulphur, felt and blush. */
    private static final long WORKSHOP_COLOURS = 1;

    private static final long PARLOUR_COLOURS = 1;

    private final AccountService accounts;
    private final SiteService sites;
    private final SiteLog log;
    private final PublishingService publishing;
    private final EnquiryService enquiries;
    private final KeptFiles files;
    private final DraftRounds rounds;
    private final Clock clock;

    DemoData(
            AccountService accounts,
            SiteService sites,
            SiteLog log,
            PublishingService publishing,
            EnquiryService enquiries,
            KeptFiles files,
            DraftRounds rounds,
            Clock clock) {
        this.accounts = accounts;
        this.sites = sites;
        this.log = log;
        this.publishing = publishing;
        this.enquiries = enquiries;
        this.files = files;
        this.rounds = rounds;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    @org.springframework.core.annotation.Order(1)
    void load() throws IOException, LocalBusinessReader.Unreadable {
        if (accounts.byEmail(EMAIL).isPresent()) {
            return;
        }
        ashlatch();
        wrenAndTindle();
        bellkite();
    }

    /** Drafted and half edited: a line of the facts is not understood, and a heading is the owners' own. */
    private void wrenAndTindle() throws IOException, LocalBusinessReader.Unreadable {
        Account tom = accounts.signUp("Tom Wren", "tom@wrentindle.example", PASSWORD);
        TypedSheet sheet = sheet("wren-and-tindle")
                .with(Line.PERSON, "Tom Wren")
                .with(Line.EMAIL, "tom@wrentindle.example")
                .with(Line.POINT, "49.7012, -7.4031")
                .with(Line.WORDS_FINDING, "The loft is over the chandler’s. Ring the ship’s bell; we come down.")
                .withRows(List.of(new TypedRow(
                        "person", "isolde", Map.of("name", "Isolde Tindle", "role", "action and voicing"))));
        StoredSite site = sites.create(UUID.randomUUID().toString(), tom.id(), null, sheet);
        site = gives(
                site,
                tom,
                "picture",
                "wren-logo.png",
                Map.of("use", "logo", "name", "Wren logo", "crop", "25.33,23.57,48.67,49.43", "ground", "around"));
        site = gives(
                site,
                tom,
                "picture",
                "piano-strings.jpg",
                Map.of(
                        "use",
                        "opening",
                        "alternative",
                        "A tuning lever on the pins of a grand piano",
                        "focus",
                        "60,15"));
        log.keepDraft(site, tom.id(), tom.email(), recipe(House.PARLOUR, PARLOUR_COLOURS, Extent.ONE));
        site = sites.byId(site.id()).orElseThrow();
        log.edit(
                site,
                tom.id(),
                site.revision(),
                "demo-half-edited",
                new SheetEdit.SetLine("hours", "Tue-Fri 10-6, Sat 10-2ish"));
    }

    /** Three drafts on the table, and nothing kept yet. */
    private void bellkite() throws IOException, LocalBusinessReader.Unreadable {
        Account marguerite = accounts.signUp("Marguerite Bell", "marguerite@bellkite.example", PASSWORD);
        rounds.first(sites.create(
                UUID.randomUUID().toString(),
                marguerite.id(),
                null,
                sheet("bellkite")
                        .with(Line.EMAIL, "marguerite@bellkite.example")
                        .with(Line.EXCEPTIONS, "Thanksgiving closed")));
    }

    private static Recipe recipe(House house, long colours, Extent extent) {
        return new Recipe(SEED, SEED, colours, house, extent, Arrangement.USUAL);
    }

    private static TypedSheet sheet(String business) throws IOException, LocalBusinessReader.Unreadable {
        return LocalBusinessReader.read(source(business), SEED).sheet();
    }

    /** Live, with messages, a closure next week and one change that is not public yet. */
    private void ashlatch() throws IOException, LocalBusinessReader.Unreadable {
        Account ada = accounts.signUp("Ada Ashlatch", EMAIL, PASSWORD);
        LocalDate closure = LocalDate.now(clock.withZone(ZoneId.of("Europe/London")))
                .plusWeeks(1)
                .with(DayOfWeek.THURSDAY);
        StoredSite site = sites.create(
                UUID.randomUUID().toString(),
                ada.id(),
                null,
                sheet("ashlatch")
                        .with(Line.PAGES, "few")
                        .with(Line.TONE, "warm")
                        .with(Line.TEXTS, "the same number")
                        .with(Line.EXCEPTIONS, closure + " closed (guild meeting)\nChristmas Day closed")
                        .withHidden(List.of("email")));
        site = gives(site, ada, "document", "price-list.pdf", Map.of("title", "Price list"));
        log.keepDraft(site, ada.id(), ada.email(), recipe(House.WORKSHOP, WORKSHOP_COLOURS, Extent.FEW));
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
        messages(site);
    }

    /** Gives a file of the demo as an owner would, and puts it on the sheet. */
    private StoredSite gives(StoredSite site, Account owner, String kind, String name, Map<String, String> lines)
            throws IOException {
        TakenFile taken = FileReader.read(resource(name), name).value().orElseThrow();
        files.keep(site, taken);
        Map<String, String> all = new LinkedHashMap<>(lines);
        all.put("file", taken.file().say());
        String row = name.replaceFirst("\\..*", "");
        log.edit(
                site,
                owner.id(),
                site.revision(),
                "demo-" + row,
                new SheetEdit.PutRow(new TypedRow(kind, row, all), ""));
        return sites.byId(site.id()).orElseThrow();
    }

    private void messages(StoredSite site) {
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
        return new String(resource(name + ".jsonld"), StandardCharsets.UTF_8);
    }

    private static byte[] resource(String name) throws IOException {
        try (InputStream in = DemoData.class.getResourceAsStream("/ostium/demo/" + name)) {
            return in.readAllBytes();
        }
    }
}
