package ostium.render;

import gg.jte.Content;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.door.DoorPlace;
import ostium.core.draft.Draft;
import ostium.core.fact.Facts;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.search.PageHead;
import ostium.core.section.SectionKinds;
import ostium.core.section.enquiry.EnquirySection;
import ostium.core.section.opening.OpeningSection;
import ostium.core.site.Item;
import ostium.core.site.Page;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Text;

/** What the templates of a page ask for. Holds no rule of its own beyond how a thing is put on a page. */
public final class PageModel {
    private static final Messages WORDS = Messages.of("page");

    private final Brief brief;
    private final Draft draft;
    private final Page shown;
    private final PageLinks links;
    private final Target target;
    private final Map<String, String> files;
    private final BusinessFacts business;
    private final DoorFacts doors;
    private final FormFacts forms;
    private final ReachFacts reach;
    private final WorkFacts work;
    private final PictureFacts pictures;

    /** @param files names of the stylesheet, script and drawings by role ({@code css}, {@code js}, {@code scene}) */
    PageModel(Brief brief, Draft draft, Page shown, Target target, Map<String, String> files) {
        this.brief = brief;
        this.draft = draft;
        this.shown = shown;
        this.links = new PageLinks(draft.site(), shown, target);
        this.target = target;
        this.files = files;
        this.business = new BusinessFacts(brief);
        this.doors = new DoorFacts(brief, draft, links);
        this.forms = new FormFacts(brief, draft, target);
        this.reach = new ReachFacts(brief, doors.found());
        this.work = new WorkFacts(facts(), draft);
        this.pictures = new PictureFacts(facts(), draft.site());
    }

    // ---- the page as a whole -------------------------------------------------------------------------------------

    public String language() {
        return "US".equals(facts().region()) ? "en-US" : "en-GB";
    }

    public PageHead head() {
        return isHome() ? PageHead.of(brief) : PageHead.of(brief, shown);
    }

    public boolean isHome() {
        return shown.id().equals(draft.site().home().id());
    }

    /** Canonical address of the page, or empty. */
    public String url() {
        return target.url().isEmpty() ? "" : target.url() + shown.slug();
    }

    /** Canonical address of the site with a slash at its end, or empty. */
    public String siteUrl() {
        return target.url();
    }

    public String homeLink() {
        return links.to(draft.site().home());
    }

    public boolean isPreview() {
        return target.isPreview();
    }

    public String file(String role) {
        return path(files.getOrDefault(role, ""));
    }

    /** What search engines are told of the business, in its script element. */
    public Content jsonLd() {
        return output -> output.writeContent(Opening.jsonLdElement(brief, target.url()));
    }

    /** The instants at which the words about the hours change, in their script element. */
    public Content opening() {
        return output -> output.writeContent(Opening.changesElement(brief, doors.of()));
    }

    /** The days that differ. */
    public Content specialHours() {
        return output -> output.writeContent(Opening.specialElement(reach));
    }

    /** Words that stand on every page around those of the site. */
    public String say(String key, Object... gaps) {
        return WORDS.say(key, gaps);
    }

    /** Address of a file of the site, seen from this page. */
    public String path(String file) {
        return target.fromRoot() ? "/" + file : file;
    }

    /** The same for a list of files, as of {@code srcset}. */
    public String paths(String files) {
        return target.fromRoot()
                ? Arrays.stream(files.split(", ")).map(this::path).collect(Collectors.joining(", "))
                : files;
    }

    /** A section, drawn. */
    public Content drawn(Section section) {
        return output -> output.writeContent(Templates.section(this, section));
    }

    /** Classes of the page that say how it is drawn: house, letters, corners, motion. */
    public String look() {
        Look look = draft.look();
        return "house-" + look.house().id() + " type-" + look.types().id() + " shape-"
                + look.shape().id() + " motion-" + look.motion().id();
    }

    /** The files of letters the first screen needs. */
    public List<String> firstFonts() {
        return Faces.first(draft.look().types());
    }

    /** Whether the house has an ornament of its own where a wide opening has no photograph. */
    public boolean hasOrnamentForPicture() {
        return draft.look().house() == House.WORKSHOP;
    }

    /** Sections visitors see; beside the manuscript also those that have nothing to show yet. */
    public List<Section> sections() {
        return shown.sections().stream()
                .filter(section -> !section.hidden() && SectionKinds.of(section).isKnown())
                .filter(section -> isPreview() || SectionKinds.of(section).isShown(section, facts()))
                .filter(section ->
                        SectionKinds.of(section).door().filter(doors::isAway).isEmpty())
                .toList();
    }

    private Optional<Section> shown(SectionKind kind) {
        return draft.site()
                .shownSections()
                .filter(section -> section.kind().equals(kind))
                .filter(section ->
                        SectionKinds.of(section).door().filter(doors::isAway).isEmpty())
                .findFirst();
    }

    public Section masthead() {
        return draft.site().masthead();
    }

    public Section footer() {
        return draft.site().footer();
    }

    /** Number on the tab of a section among those a menu would name. */
    public int number(Section section) {
        List<Section> numbered = sections().stream()
                .filter(each -> SectionKinds.of(each).menu(facts()).isPresent())
                .toList();
        return numbered.indexOf(section) + 1;
    }

    /** The name of the page in the menu: its heading, for those who do not see where they are. */
    public String name() {
        return shown.name();
    }

    /** The other pages, or the sections of the only one. */
    public List<PageMenu.Line> menu() {
        return new PageMenu(draft.site(), target.beside() ? null : shown, links, sections(), facts()).lines();
    }

    /** What the menu leads to, for those who cannot see it. */
    public String menuLabel() {
        return say(hasPages() ? "menu.pages" : "menu.sections");
    }

    public boolean hasPages() {
        return draft.site().pages().size() > 1;
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
            case "door:form" -> doors.writing();
            default ->
                target.startsWith("door:")
                        ? doors.address(target.substring("door:".length()))
                        : target.startsWith("#") ? links.toAnchor(target) : target;
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
        return SizeClass.of(plain(section, "headline"), 18, 30, 44);
    }

    public String nameSize() {
        return SizeClass.of(business.name(), 24, 40, 80);
    }

    // ---- facts ---------------------------------------------------------------------------------------------------

    public Facts facts() {
        return brief.facts();
    }

    /** Who the business is, where, and what speaks for it. */
    public BusinessFacts business() {
        return business;
    }

    /** How and when it is reached. */
    public ReachFacts reach() {
        return reach;
    }

    /** What it does. */
    public WorkFacts work() {
        return work;
    }

    /** The pictures and files the owner gave. */
    public PictureFacts pictures() {
        return pictures;
    }

    // ---- doors and form ------------------------------------------------------------------------------------------

    public boolean hasForm() {
        return shown(EnquirySection.KIND).isPresent();
    }

    /** The forms messages are left through, and what is said around them. */
    public FormFacts forms() {
        return forms;
    }

    /** The doors that stand in a place, in order, each with the one that stands in for it. */
    public List<StandingDoor> doorsAt(DoorPlace place) {
        return doors.at(place);
    }

    /**
     * What stands on a door: the words of the opening where they are this door's and it stands for itself, else its own.
     *
     * @param instead the door it stands in for, or null
     */
    public Content words(StandingDoor door, StandingDoor instead) {
        return shown(OpeningSection.KIND)
                .filter(opening -> instead == null && doors.hasWordsOfOpening(door.kind()))
                .flatMap(opening -> opening.text("second"))
                .<Content>map(text -> html(text, TextHtml.Blocks.LINES))
                .orElse(output -> output.writeUserContent(door.words()));
    }

    /** Whether a kind of door is open. */
    public boolean isOpen(String door) {
        return doors.isOpen(door);
    }

    /** Where the map is; empty when the way is not shown, or would be no closer than the town. */
    public String mapLink() {
        return business.addressLines().size() < 2 ? "" : doors.addressAway("directions");
    }

    /** The {@code geo:} address of the point, for the map program of a telephone; null when there is none. */
    public String mapProgram() {
        return business.geoUri();
    }

    /** Address of the form; empty when there is none. */
    public String formLink() {
        return links.to(EnquirySection.KIND);
    }

    /** Address of the page on which times are booked; empty when there is none. */
    public String bookLink() {
        return doors.address("book");
    }

    /** One of the shipped drawings, inline. */
    public Content drawing(String name) {
        String svg = Motifs.svg(name);
        return output -> output.writeContent(svg.replace("<svg ", "<svg class=\"ic\" "));
    }

    public String motif() {
        return draft.look().motif();
    }
}
