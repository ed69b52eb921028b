package ostium.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
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
import ostium.app.files.KeptFiles;
import ostium.app.people.PeopleService;
import ostium.app.publishing.PublishingService;
import ostium.app.site.SiteLog;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.base.Seed;
import ostium.core.booking.BookingRules;
import ostium.core.booking.StartingRules;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Extent;
import ostium.core.door.Door;
import ostium.core.door.DoorHours;
import ostium.core.door.call.CallDoor;
import ostium.core.door.chat.ChatDoor;
import ostium.core.door.form.FormDoor;
import ostium.core.draft.Recipe;
import ostium.core.edit.Redraft;
import ostium.core.edit.SheetEdit;
import ostium.core.edit.State;
import ostium.core.edit.WholeEdit;
import ostium.core.enquiry.SectionForms;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.FormPurpose;
import ostium.core.form.FormSetup;
import ostium.core.format.LocalBusinessReader;
import ostium.core.look.House;
import ostium.core.picture.FileReader;
import ostium.core.picture.TakenFile;
import ostium.core.section.list.ListSection;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.site.Section;
import tools.jackson.databind.json.JsonMapper;

/** The demo world: three businesses and their owners, each at another point. All of it is invented. Loaded once. */
@Component
@ConditionalOnProperty("ostium.demo")
class DemoData {
    static final String EMAIL = "ada@ashlatch.example";
    /** Helps all three. */
    static final String HELPER = "nell@corrin.example";

    static final String PASSWORD = "quillhaven";
    private static final long SEED = 1;

    /** Seeds of looks: soot and sulphur, felt and blush. */
    private static final long WORKSHOP_COLOURS = 1;

    private static final long PARLOUR_COLOURS = 1;

    private final AccountService accounts;
    private final SiteService sites;
    private final SiteLog log;
    private final PublishingService publishing;
    private final DemoEnquiries enquiries;
    private final DemoBookings bookings;
    private final DemoList list;
    private final KeptFiles files;
    private final DraftRounds rounds;
    private final PeopleService people;
    private final JsonMapper json;
    private final Clock clock;

    DemoData(
            AccountService accounts,
            SiteService sites,
            SiteLog log,
            PublishingService publishing,
            DemoEnquiries enquiries,
            DemoBookings bookings,
            DemoList list,
            KeptFiles files,
            DraftRounds rounds,
            PeopleService people,
            JsonMapper json,
            Clock clock) {
        this.accounts = accounts;
        this.sites = sites;
        this.log = log;
        this.publishing = publishing;
        this.enquiries = enquiries;
        this.bookings = bookings;
        this.list = list;
        this.files = files;
        this.rounds = rounds;
        this.people = people;
        this.json = json;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    @org.springframework.core.annotation.Order(1)
    void load() throws IOException, LocalBusinessReader.Unreadable {
        if (accounts.byEmail(EMAIL).isPresent()) {
            return;
        }
        Account nell = accounts.signUpConfirmed("Nell Corrin", HELPER, PASSWORD);
        for (StoredSite site : List.of(ashlatch(), wrenAndTindle(), bellkite())) {
            people.lets(site.id(), nell.id());
        }
    }

    /** Drafted and half edited: a line of the facts is not understood, and a heading is the owners' own. */
    private StoredSite wrenAndTindle() throws IOException, LocalBusinessReader.Unreadable {
        Account tom = accounts.signUpConfirmed("Tom Wren", "tom@wrentindle.example", PASSWORD);
        StoredSite site = sites.create(UUID.randomUUID().toString(), tom.id(), null, sheet("wren-and-tindle"));
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
        return site;
    }

    /** Three drafts on the table, and nothing kept yet. */
    private StoredSite bellkite() throws IOException, LocalBusinessReader.Unreadable {
        Account marguerite = accounts.signUpConfirmed("Marguerite Bell", "marguerite@bellkite.example", PASSWORD);
        StoredSite site = sites.create(UUID.randomUUID().toString(), marguerite.id(), null, sheet("bellkite"));
        rounds.first(site);
        return site;
    }

    private static Recipe recipe(House house, long colours, Extent extent) {
        return new Recipe(SEED, SEED, colours, house, extent, Arrangement.USUAL);
    }

    /** What a file in the open format does not carry: lines and rows of the sheet, as their owners typed them. */
    record More(Map<String, String> lines, List<TypedRow> rows) {}

    private TypedSheet sheet(String business) throws IOException, LocalBusinessReader.Unreadable {
        TypedSheet sheet = LocalBusinessReader.read(source(business), SEED).sheet();
        More more = json.readValue(resource(business + "-more.json"), More.class);
        for (Map.Entry<String, String> line : more.lines().entrySet()) {
            sheet = sheet.with(Line.named(line.getKey()).orElseThrow(), line.getValue());
        }
        return sheet.withRows(more.rows());
    }

    /** Live, with messages, a closure next week and one change that is not public yet. */
    private StoredSite ashlatch() throws IOException, LocalBusinessReader.Unreadable {
        Account ada = accounts.signUpConfirmed("Ada Ashlatch", EMAIL, PASSWORD);
        LocalDate closure = LocalDate.now(clock.withZone(ZoneId.of("Europe/London")))
                .plusWeeks(1)
                .with(DayOfWeek.THURSDAY);
        StoredSite site = sites.create(
                UUID.randomUUID().toString(),
                ada.id(),
                null,
                sheet("ashlatch")
                        .with(Line.EXCEPTIONS, closure + " closed (guild meeting)\nChristmas Day closed")
                        .withHidden(List.of("email")));
        site = gives(site, ada, "document", "price-list.pdf", Map.of("title", "Price list"));
        log.keepDraft(site, ada.id(), ada.email(), recipe(House.WORKSHOP, WORKSHOP_COLOURS, Extent.FEW));
        site = sets(
                site,
                ada,
                Door.usual(CallDoor.KIND)
                        .withHours(new DoorHours(DoorHours.When.IN_HOURS, ""))
                        .withStandIn(FormDoor.KIND));
        site = sets(site, ada, Door.usual(ChatDoor.KIND).withShut(true));
        site = takesBookings(site, ada);
        site = keepsList(site, ada);
        site = asksForPhotographs(site, ada);
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
        enquiries.bringIn(site, ada, resource("ashlatch-enquiries.json"));
        bookings.bringIn(site, ZoneId.of("Europe/London"), resource("ashlatch-bookings.json"));
        list.bringIn(site, resource("ashlatch-list.csv"));
        return site;
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

    /** Sets a door as an owner would. */
    private StoredSite sets(StoredSite site, Account owner, Door door) {
        StoredSite now = sites.byId(site.id()).orElseThrow();
        log.edit(now, owner.id(), now.revision(), "demo-door-" + door.kind(), new WholeEdit.SetDoor(door));
        return sites.byId(site.id()).orElseThrow();
    }

    /** Takes bookings as a business of the trade begins with, each answered by the owner. */
    private StoredSite takesBookings(StoredSite site, Account owner) {
        BookingRules rules = StartingRules.of(sites.read(sites.state(site)).brief());
        log.edit(site, owner.id(), site.revision(), "demo-booking", new WholeEdit.SetBooking(rules, false));
        return sites.byId(site.id()).orElseThrow();
    }

    /** Puts the sign-up for the list on the page. */
    private StoredSite keepsList(StoredSite site, Account owner) {
        State state = sites.state(site);
        log.edit(
                site,
                owner.id(),
                site.revision(),
                "demo-list",
                Redraft.put(state, sites.read(state), ListSection.KIND, new Seed(SEED)));
        return sites.byId(site.id()).orElseThrow();
    }

    /** Puts a field for photographs into the form, above the message. */
    private StoredSite asksForPhotographs(StoredSite site, Account owner) {
        State state = sites.state(site);
        Section section = SectionForms.in(state.site(), FormPurpose.ENQUIRY).get(0);
        List<Field> fields =
                new ArrayList<>(SectionForms.of(section, sites.read(state).brief(), state.doors())
                        .fields());
        fields.add(
                fields.size() - 1,
                new Field(
                        "files",
                        "Photographs of the hearth or the stove",
                        "",
                        FieldKind.FILES,
                        false,
                        0,
                        List.of(),
                        null));
        log.edit(
                site,
                owner.id(),
                site.revision(),
                "demo-photographs",
                new WholeEdit.SetForm(section.id(), new FormSetup(fields, "", false), false));
        return sites.byId(site.id()).orElseThrow();
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
