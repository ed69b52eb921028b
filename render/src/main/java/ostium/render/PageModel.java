package ostium.render;

import gg.jte.Content;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.core.draft.Brief;
import ostium.core.draft.Draft;
import ostium.core.enquiry.Form;
import ostium.core.fact.Facts;
import ostium.core.format.LocalBusiness;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.search.PageHead;
import ostium.core.site.Item;
import ostium.core.site.Page;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Text;
import ostium.core.trade.Goal;

/** What the templates of a page ask for. Holds no rule of its own beyond how a thing is put on a page. */
public final class PageModel {
    private final Brief brief;
    private final Draft draft;
    private final Page shown;
    private final PageLinks links;
    private final Target target;
    private final Map<String, String> files;
    private final BusinessFacts business;
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
        this.reach = new ReachFacts(brief, business);
        this.work = new WorkFacts(facts(), draft);
        this.pictures = new PictureFacts(facts());
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

    /** Sections visitors see. */
    public List<Section> sections() {
        return shown.sections().stream().filter(section -> !section.hidden()).toList();
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
        int at = sections().indexOf(section);
        return sections().get(0).kind() == SectionKind.OPENING ? at : at + 1;
    }

    /** The name of the page in the menu: its heading, for those who do not see where they are. */
    public String name() {
        return shown.name();
    }

    /**
     * A line of the menu.
     *
     * @param current whether it leads to the page that is shown
     */
    public record MenuLine(String link, String words, boolean current) {}

    /** The other pages, or the sections of the only one. */
    public List<MenuLine> menu() {
        List<Page> pages = draft.site().pages().stream()
                .filter(page -> page.sections().stream().anyMatch(section -> !section.hidden()))
                .toList();
        if (pages.size() > 1) {
            return pages.stream()
                    .map(page ->
                            new MenuLine(links.to(page), page.name(), page.id().equals(shown.id())))
                    .toList();
        }
        return sections().stream()
                .filter(section -> section.kind() != SectionKind.OPENING)
                .map(section -> new MenuLine("#" + section.anchor(), menuName(section), false))
                .toList();
    }

    /** What the menu leads to, for those who cannot see it. */
    public String menuLabel() {
        return draft.site().pages().size() > 1 ? "Pages" : "Sections";
    }

    private String menuName(Section section) {
        return switch (section.kind()) {
            case SERVICES -> has("if.prices") ? "Prices" : "What we do";
            case ABOUT -> "About";
            case TESTIMONIALS -> "Said of us";
            case QUESTIONS -> "Questions";
            case HOURS -> "Hours";
            case PLACE -> "Where";
            case ENQUIRY -> "Write";
            case MASTHEAD, OPENING, FOOTER -> "";
        };
    }

    private boolean has(String condition) {
        return condition.equals("if.prices")
                && work.services().stream().anyMatch(fact -> fact.value().price() != null);
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
            case "door:call" ->
                reach.telephone() == null ? "" : reach.telephone().uri();
            case "door:email" ->
                reach.email() == null ? "" : "mailto:" + reach.email().ascii();
            case "door:form" -> secondTarget();
            default -> target.startsWith("#") ? links.toAnchor(target) : target;
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
        return size(business.name(), 24, 40, 80);
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
        return hasForm()
                ? links.to(SectionKind.ENQUIRY)
                : reach.email() != null ? "mailto:" + reach.email().ascii() : "";
    }

    /** Address of the section that says where the business is; empty when there is none. */
    public String placeLink() {
        return links.to(SectionKind.PLACE);
    }

    /** Address of the form; empty when there is none. */
    public String formLink() {
        return links.to(SectionKind.ENQUIRY);
    }

    public String thanks() {
        return Form.thanks(facts());
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
