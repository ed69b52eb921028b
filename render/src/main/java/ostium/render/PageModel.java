package ostium.render;

import gg.jte.Content;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ostium.core.draft.Brief;
import ostium.core.draft.Draft;
import ostium.core.enquiry.Form;
import ostium.core.fact.Area;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Link;
import ostium.core.fact.Minutes;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.fact.Price;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.format.LocalBusiness;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.When;
import ostium.core.search.PageHead;
import ostium.core.site.Item;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Text;
import ostium.core.trade.Goal;

/** What the templates of a page ask for. Holds no rule of its own beyond how a thing is put on a page. */
public final class PageModel {
    private static final int DAYS_OF_A_WEEK = 7;

    private final Brief brief;
    private final Draft draft;
    private final Target target;
    private final Map<String, String> files;
    private final Map<String, Fact<Service>> servicesById = new LinkedHashMap<>();
    private final Telephone telephone;

    /** @param files names of the stylesheet, script and drawings by role ({@code css}, {@code js}, {@code scene}) */
    PageModel(Brief brief, Draft draft, Target target, Map<String, String> files) {
        this.brief = brief;
        this.draft = draft;
        this.target = target;
        this.files = files;
        this.telephone = facts().one(Telephone.class).orElse(null);
        facts().all(Service.class).forEach(fact -> servicesById.put(fact.id(), fact));
    }

    // ---- the page as a whole -------------------------------------------------------------------------------------

    public String language() {
        return "US".equals(facts().region()) ? "en-US" : "en-GB";
    }

    public PageHead head() {
        return PageHead.of(brief);
    }

    public String url() {
        return target.url();
    }

    public boolean isPreview() {
        return target.isPreview();
    }

    public String file(String role) {
        return files.getOrDefault(role, "");
    }

    /** JSON-LD inside its script element. JSON has no {@code <} left in it. */
    public Content jsonLd() {
        String json = LocalBusiness.json(brief, target.url());
        return output -> output.writeContent("<script type=\"application/ld+json\">" + json + "</script>");
    }

    /** The timetable the page's script asks, as JSON in its script element. */
    public Content timetable() {
        return output -> output.writeContent("<script type=\"application/json\" id=\"timetable\">"
                + Timetable.json(facts(), brief.today()) + "</script>");
    }

    /** Sections visitors see. */
    public List<Section> sections() {
        return draft.site().home().sections().stream()
                .filter(section -> !section.hidden())
                .toList();
    }

    private Optional<Section> shown(SectionKind kind) {
        return draft.site()
                .shownSections()
                .filter(section -> section.kind() == kind)
                .findFirst();
    }

    public Section masthead() {
        return draft.site().masthead();
    }

    public Section footer() {
        return draft.site().footer();
    }

    /** Number on the tab of a section; the opening has none. */
    public int number(Section section) {
        return sections().indexOf(section);
    }

    /** Sections a menu can lead to. */
    public List<Section> menu() {
        return sections().stream()
                .filter(section -> section.kind() != SectionKind.OPENING)
                .toList();
    }

    public String menuName(Section section) {
        return switch (section.kind()) {
            case SERVICES -> has("if.prices") ? "Prices" : "What we do";
            case ABOUT -> "About";
            case TESTIMONIALS -> "Said of us";
            case HOURS -> "Hours";
            case PLACE -> "Where";
            case ENQUIRY -> "Write";
            case MASTHEAD, OPENING, FOOTER -> "";
        };
    }

    private boolean has(String condition) {
        return condition.equals("if.prices")
                && services().stream().anyMatch(fact -> fact.value().price() != null);
    }

    // ---- texts ---------------------------------------------------------------------------------------------------

    public boolean has(Section section, String slot) {
        return section.text(slot).isPresent();
    }

    /** A text on lines, for headings and buttons. */
    public Content line(Section section, String slot) {
        return section.text(slot)
                .<Content>map(text -> html(text, TextHtml.Blocks.LINES))
                .orElse(output -> {});
    }

    /** A text in paragraphs. */
    public Content text(Section section, String slot) {
        return section.text(slot)
                .<Content>map(text -> html(text, TextHtml.Blocks.PARAGRAPHS))
                .orElse(output -> {});
    }

    public Content says(Item item) {
        return html(item.texts().get("says"), TextHtml.Blocks.LINES);
    }

    private Content html(Text text, TextHtml.Blocks blocks) {
        return new TextHtml(text, facts(), blocks, isPreview(), this::address);
    }

    /** Where a link of a text leads: a door, or the address as it is. */
    private String address(String target) {
        return switch (target) {
            case "door:call" -> telephone() == null ? "" : telephone().uri();
            case "door:email" -> email() == null ? "" : "mailto:" + email().ascii();
            case "door:form" -> secondTarget();
            default -> target;
        };
    }

    public String plain(Section section, String slot) {
        return section.text(slot).map(text -> PlainText.of(text, facts())).orElse("");
    }

    /** Id of a section, for the preview only; null leaves the attribute out. */
    public String id(Section section) {
        return isPreview() ? section.id() : null;
    }

    /** Size class of a headline: the longer its longest line, the smaller. */
    public String headlineSize(Section section) {
        return size(plain(section, "headline"), 18, 30, 44);
    }

    public String nameSize() {
        return size(name(), 24, 40, 80);
    }

    private static String size(String words, int large, int medium, int small) {
        int longest = words.lines().mapToInt(String::length).max().orElse(0);
        int longestWord = words.isEmpty()
                ? 0
                : java.util.Arrays.stream(words.split("\\s+"))
                        .mapToInt(String::length)
                        .max()
                        .orElse(0);
        if (longest <= large && longestWord <= 14) {
            return "size-l";
        }
        return longest <= medium && longestWord <= 16
                ? "size-m"
                : longest <= small && longestWord <= 20 ? "size-s" : "size-xs";
    }

    // ---- facts ---------------------------------------------------------------------------------------------------

    public Facts facts() {
        return brief.facts();
    }

    public String name() {
        return facts().say("name", "").orElse("");
    }

    public String firstName() {
        return facts().given("person", FactValue.Person.class)
                .flatMap(person -> person.say("first"))
                .orElse("");
    }

    public String personName() {
        return facts().given("person", FactValue.Person.class)
                .map(FactValue.Person::name)
                .orElse("");
    }

    public String callWords() {
        return firstName().isEmpty() ? "Call" : "Call " + firstName();
    }

    public Telephone telephone() {
        return telephone;
    }

    public EmailAddress email() {
        return facts().one(EmailAddress.class).orElse(null);
    }

    public String town() {
        return facts().town().or(() -> facts().say("area", "first")).orElse("");
    }

    public List<String> area() {
        return brief.visits() ? facts().one(Area.class).map(Area::places).orElse(List.of()) : List.of();
    }

    /** "Quillhaven and four more places", for the strip. */
    public String areaInShort() {
        List<String> places = area();
        if (places.isEmpty()) {
            return facts().one(Place.class)
                    .map(place -> String.join(", ", place.lines()))
                    .orElse(town());
        }
        return places.size() == 1
                ? places.get(0)
                : places.size() == 2
                        ? places.get(0) + " and " + places.get(1)
                        : places.get(0) + " and " + ostium.core.fact.Listing.number(places.size() - 1) + " more places";
    }

    public List<String> addressLines() {
        return brief.receives() ? facts().one(Place.class).map(Place::lines).orElse(List.of()) : List.of();
    }

    /** An address a phone's own map program opens, by RFC 5870 with a query; empty without a street. */
    public String mapUri() {
        List<String> lines = addressLines();
        Optional<Point> point = facts().one(Point.class).filter(known -> lines.size() > 1);
        if (point.isPresent()) {
            String at = point.get().uri().substring("geo:".length()).replaceFirst(";.*", "");
            return "geo:" + at + "?q=" + at;
        }
        return lines.size() < 2
                ? ""
                : "geo:0,0?q="
                        + java.net.URLEncoder.encode(String.join(", ", lines), java.nio.charset.StandardCharsets.UTF_8)
                                .replace("+", "%20");
    }

    public Hours hours() {
        return facts().one(FactValue.Hours.class)
                .map(hours -> new Hours(hours.week()))
                .orElse(null);
    }

    /** The open days, one group a line. */
    public List<String> hoursLines() {
        return facts().one(FactValue.Hours.class)
                .map(hours -> List.of(hours.week().sayOpen().split(" · ")))
                .orElse(List.of());
    }

    public String hoursInShort() {
        return String.join(", ", hoursLines());
    }

    /** Services in the order of the page, without rows that are hidden; all of them where the page has no list. */
    public List<Fact<Service>> services() {
        return draft.site()
                .section(SectionKind.SERVICES)
                .map(section -> section.shownItems().stream()
                        .flatMap(item -> Stream.ofNullable(servicesById.get(item.fact())))
                        .toList())
                .orElseGet(() -> List.copyOf(servicesById.values()));
    }

    /** Rows of a list of services: those visitors see whose fact is there. */
    public List<Item> rows(Section section) {
        return section.shownItems().stream()
                .filter(item -> service(item) != null)
                .toList();
    }

    /** The service a row stands for; null when it is gone. */
    public Service service(Item item) {
        Fact<Service> fact = servicesById.get(item.fact());
        return fact == null ? null : fact.value();
    }

    public Service firstService() {
        return services().stream().map(Fact::value).findFirst().orElse(null);
    }

    public String time(Service service) {
        return service.minutes() == null ? "" : Minutes.say(service.minutes());
    }

    /** The small word before an amount: "from". */
    public String priceBefore(Service service) {
        return service.price() != null && service.price().kind() == Price.Kind.FROM ? "from" : "";
    }

    public String price(Service service) {
        if (service.price() == null || isPriceInWords(service)) {
            return "";
        }
        return service.price().say().replaceFirst("^from ", "");
    }

    /** Whether the price is words rather than an amount. */
    public boolean isPriceInWords(Service service) {
        return service.price() != null
                && (service.price().kind() == Price.Kind.ON_REQUEST
                        || service.price().kind() == Price.Kind.FREE);
    }

    /** The shortest true reason, for the ticket. */
    public String briefReason() {
        return brief.practices().stream()
                .map(practice -> practice.brief())
                .findFirst()
                .orElse("");
    }

    public String founded() {
        return facts().one(FactValue.Founded.class)
                .map(founded -> String.valueOf(founded.year()))
                .orElse("");
    }

    /** Memberships and qualifications that are valid now. */
    public List<FactValue.Membership> memberships() {
        return brief.memberships().stream().map(Fact::value).toList();
    }

    /** What the owner promises to put right. */
    public List<String> guarantees() {
        return facts().all(FactValue.Guarantee.class).stream()
                .map(fact -> fact.value().words())
                .toList();
    }

    /** People beside the one visitors meet first. */
    public List<FactValue.Person> others() {
        return facts().all(FactValue.Person.class).stream()
                .filter(fact -> !fact.id().equals("person"))
                .map(Fact::value)
                .toList();
    }

    /** The name for narrow places, or empty where the whole name stands there too. */
    public String shortName() {
        return facts().say("short-name", "").orElse("");
    }

    /** Hours of other kinds, each with what happens in them. */
    public List<String> otherHours() {
        return facts().all(FactValue.HoursFor.class).stream()
                .map(fact ->
                        (fact.value().use() == FactValue.HoursFor.Use.TELEPHONE ? "On the telephone " : "Appointments ")
                                + fact.value().week().sayOpen())
                .toList();
    }

    public List<Link> links() {
        return facts().all(Link.class).stream().map(Fact::value).toList();
    }

    /** The customer's words a row stands for; null when they are gone or may not be shown. */
    public FactValue.Testimonial testimonial(Item item) {
        return facts().given(item.fact(), FactValue.Testimonial.class).orElse(null);
    }

    /** Rows of what customers said that visitors see. */
    public List<Item> testimonials(Section section) {
        return section.shownItems().stream()
                .filter(item -> testimonial(item) != null)
                .toList();
    }

    /** Days and seasons with other hours that are still to come, those of the coming week first. */
    public List<String> specialHours() {
        List<SpecialHours> all =
                facts().one(FactValue.Special.class).map(FactValue.Special::all).orElse(List.of());
        List<SpecialHours> soon = facts().openingTimes()
                .map(times -> times.within(brief.today(), DAYS_OF_A_WEEK))
                .orElse(List.of());
        return Stream.concat(soon.stream(), all.stream())
                .distinct()
                .filter(hours ->
                        !(hours.when() instanceof When.Once once) || !once.to().isBefore(brief.today()))
                .map(SpecialHours::say)
                .toList();
    }

    /** Further numbers with what they are for. */
    public List<FactValue.NamedTelephone> furtherNumbers() {
        return facts().all(FactValue.NamedTelephone.class).stream()
                .map(Fact::value)
                .toList();
    }

    /** Where text messages go, or null. */
    public Telephone texts() {
        return facts().one(FactValue.TextNumber.class)
                .map(FactValue.TextNumber::number)
                .orElse(null);
    }

    /** Registered names, numbers and lines, as they stand at the foot. */
    public List<String> legalLines() {
        return facts().all(FactValue.Legal.class).stream()
                .flatMap(fact -> fact.value().say("").stream())
                .flatMap(String::lines)
                .toList();
    }

    /** How to find the place, in the owner's words, line by line. */
    public List<String> finding() {
        return facts().given("words/finding", FactValue.OwnWords.class)
                .map(words ->
                        words.words().lines().filter(line -> !line.isBlank()).toList())
                .orElse(List.of());
    }

    // ---- doors and form ------------------------------------------------------------------------------------------

    public Goal goal() {
        return brief.workingGoal();
    }

    public boolean hasForm() {
        return shown(SectionKind.ENQUIRY).isPresent();
    }

    public boolean mailsInsteadOfForm() {
        return target.kind() == Target.Kind.FOLDER;
    }

    public Form form() {
        return Form.of(brief);
    }

    /** Label of the second door. */
    public Content secondDoor() {
        return shown(SectionKind.OPENING)
                .filter(opening -> goal() != Goal.VISIT)
                .flatMap(opening -> opening.text("second"))
                .<Content>map(text -> html(text, TextHtml.Blocks.LINES))
                .orElse(output -> output.writeUserContent("Send a message"));
    }

    /** Address the second door leads to. */
    public String secondTarget() {
        return hasForm() ? "#enquiry" : email() != null ? "mailto:" + email().ascii() : "";
    }

    public boolean hasPlaceSection() {
        return shown(SectionKind.PLACE).isPresent();
    }

    public String thanks() {
        return Form.thanks(facts());
    }

    /** One of the shipped drawings, inline. */
    public Content drawing(String name) {
        String path = "/ostium/motifs/" + name + ".svg";
        String svg = Resource.text(Resource.exists(path) ? path : "/ostium/motifs/door.svg")
                .strip();
        return output -> output.writeContent(svg.replace("<svg ", "<svg class=\"ic\" "));
    }

    public String motif() {
        return draft.look().motif();
    }
}
