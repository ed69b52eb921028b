package ostium.render;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import ostium.core.base.TimeBudget;
import ostium.core.brief.Brief;
import ostium.core.door.book.BookDoor;
import ostium.core.draft.Draft;
import ostium.core.enquiry.SectionForms;
import ostium.core.fact.FactValue;
import ostium.core.form.FormPurpose;
import ostium.core.form.PublishedForm;
import ostium.core.hours.WeeklyHours;
import ostium.core.look.Look;
import ostium.core.look.PaintCard;
import ostium.core.site.Page;
import ostium.core.site.Section;
import ostium.core.site.Site;
import ostium.render.list.ListPage;
import ostium.render.scene.Scenes;

/**
 * Makes the files of a site.
 *
 * <pre>{@code
 * List<RenderedFile> files = SiteRenderer.shipped().render(brief, draft, Target.folder());
 * }</pre>
 *
 * <p>Thread-safe.
 */
public final class SiteRenderer {
    private static final SiteRenderer SHIPPED = new SiteRenderer();
    /** Files that were made for a look and hours; the least lately asked for go. */
    private final Map<Shared, List<RenderedFile>> drawn = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Shared, List<RenderedFile>> eldest) {
            return size() > 200;
        }
    };

    private SiteRenderer() {}

    public static SiteRenderer shipped() {
        return SHIPPED;
    }

    /** All files of the site: a page each, {@code index.html} first, and what the pages share. */
    public List<RenderedFile> render(Brief brief, Draft draft, Target target) {
        List<RenderedFile> parts = parts(brief, draft);
        Map<String, String> names = names(parts);
        List<RenderedFile> files = new ArrayList<>();
        for (Page each : draft.site().pages()) {
            PageModel page = new PageModel(brief, draft, each, target, names);
            files.add(RenderedFile.text(
                    PageLinks.fileOf(each), "text/html", Templates.html("page.jte", Map.of("page", page))));
        }
        PageModel beside = new PageModel(brief, draft, draft.site().home(), target.besides(), names);
        boolean isServed = target.kind() == Target.Kind.PUBLISHED;
        // Shown at other addresses too: after something was posted, or from a mail.
        PageModel anywhere = new PageModel(
                brief, draft, draft.site().home(), (isServed ? target.linksFromRoot() : target).besides(), names);
        if (target.kind() != Target.Kind.FOLDER && takesBookings(brief, draft)) {
            files.add(RenderedFile.text(
                    BookDoor.PAGE + ".html", "text/html", Templates.html("book.jte", Map.of("page", anywhere))));
        }
        if (isServed && !SectionForms.in(draft.site(), FormPurpose.LIST).isEmpty()) {
            files.add(RenderedFile.text(
                    ListPage.PAGE + ".html", "text/html", Templates.html("list.jte", Map.of("page", anywhere))));
        }
        if (target.kind() == Target.Kind.PUBLISHED) {
            files.addAll(thanks(brief, draft, beside));
            if (!beside.forms().privacy().isEmpty()) {
                files.add(RenderedFile.text(
                        "privacy.html", "text/html", Templates.html("privacy.jte", Map.of("page", beside))));
            }
            files.add(RenderedFile.text(
                    "robots.txt", "text/plain", "User-agent: *\nAllow: /\nSitemap: " + target.url() + "sitemap.xml\n"));
            files.add(RenderedFile.text("sitemap.xml", "application/xml", sitemap(draft.site(), target.url())));
        }
        files.addAll(parts);
        return files;
    }

    /**
     * Each section visitors see, as HTML by id, in reading order with head and foot: what the preview swaps in. One
     * renderer makes these, the preview and the publication.
     *
     * @param known sections that are drawn already and still look the same, by id; those are not drawn again
     */
    public Map<String, String> sections(Brief brief, Draft draft, Target target, Map<String, String> known) {
        Map<String, String> names = names(parts(brief, draft));
        PageModel home = new PageModel(brief, draft, draft.site().home(), target, names);
        Map<String, String> sections = new LinkedHashMap<>();
        put(sections, known, home.masthead(), () -> Templates.html("masthead.jte", Map.of("page", home)));
        for (Page each : draft.site().pages()) {
            PageModel page = new PageModel(brief, draft, each, target, names);
            for (Section section : page.sections()) {
                TimeBudget.check();
                put(sections, known, section, () -> Templates.section(page, section));
            }
        }
        put(sections, known, home.footer(), () -> Templates.html("footer.jte", Map.of("page", home)));
        return sections;
    }

    private static void put(
            Map<String, String> sections, Map<String, String> known, Section section, Supplier<String> html) {
        String drawnBefore = known.get(section.id());
        sections.put(section.id(), drawnBefore == null ? html.get() : drawnBefore);
    }

    /** Names of the files that all sections share; the preview loads its page anew when one of them changes. */
    public List<String> sharedFiles(Brief brief, Draft draft) {
        return parts(brief, draft).stream().map(RenderedFile::path).toList();
    }

    /** The files of the site whose bytes the owner gave: each size of each picture on it, and what can be taken away. */
    public List<KeptFile> keptFiles(Brief brief, Draft draft) {
        return new PictureFacts(brief.facts(), draft.site()).files();
    }

    private static boolean takesBookings(Brief brief, Draft draft) {
        return draft.doors().of(brief.facts(), draft.site()).stands(BookDoor.KIND);
    }

    /** A page for after sending, for each form; forms that say the same share one. */
    private static List<RenderedFile> thanks(Brief brief, Draft draft, PageModel home) {
        return SectionForms.in(draft.site()).stream()
                .map(section -> RenderedFile.text(
                        thanksPage(draft, section) + ".html",
                        "text/html",
                        Templates.html(
                                "message.jte",
                                Map.of(
                                        "page", home,
                                        "heading", home.forms().sent(section),
                                        "words", home.forms().thanks(section)))))
                .toList();
    }

    private static String thanksPage(Draft draft, Section section) {
        boolean first = SectionForms.in(draft.site()).get(0).equals(section);
        return first ? "thanks" : "thanks-" + section.anchor();
    }

    /**
     * The forms of a site as a publication keeps them, each with the page of it alone, to be {@linkplain FormPage filled} with
     * what was typed.
     */
    public List<PublishedForm> forms(Brief brief, Draft draft, Target target) {
        Map<String, String> names = names(parts(brief, draft));
        return SectionForms.in(draft.site()).stream()
                .filter(section -> draft.site().pageOf(section.id()).isPresent())
                .map(section -> {
                    Page page = draft.site().pageOf(section.id()).orElseThrow();
                    PageModel model = new PageModel(brief, draft, page, target.linksFromRoot(), names);
                    return new PublishedForm(
                            section.anchor(),
                            SectionForms.of(section, brief, draft.doors()),
                            brief.facts().region(),
                            Templates.html("enquiry.jte", Map.of("page", model, "section", section)),
                            thanksPage(draft, section));
                })
                .toList();
    }

    /** A page of Ostium's own on a site's host, such as "no such site". */
    public String plainPage(String title, String words) {
        return Templates.html("plain.jte", Map.of("title", title, "words", words));
    }

    /** What the files that all pages share depend on. */
    private record Shared(Look look, WeeklyHours hours, boolean scene, String pictures) {}

    private List<RenderedFile> parts(Brief brief, Draft draft) {
        WeeklyHours hours = brief.facts()
                .one(FactValue.Hours.class)
                .map(FactValue.Hours::week)
                .orElse(null);
        PictureFacts pictures = new PictureFacts(brief.facts(), draft.site());
        Shared shared = new Shared(draft.look(), hours, pictures.opening() == null, pictures.css());
        synchronized (drawn) {
            return drawn.computeIfAbsent(shared, SiteRenderer::parts);
        }
    }

    private static List<RenderedFile> parts(Shared shared) {
        Look look = shared.look();
        PaintCard paint = look.paint();
        List<RenderedFile> parts = new ArrayList<>();
        Map<String, String> ornaments = new LinkedHashMap<>();
        Ornaments.of(look.house(), paint).forEach((name, svg) -> {
            RenderedFile file = named(name, "svg", "image/svg+xml", svg);
            ornaments.put(name, file.path());
            parts.add(file);
        });
        Hours hours = shared.hours() == null ? null : new Hours(shared.hours());
        parts.add(named("site", "css", "text/css", Stylesheet.of(look, ornaments, hours, shared.pictures())));
        parts.add(named("site", "js", "text/javascript", Resource.text("/ostium/houses/site.js")));
        if (shared.scene()) {
            parts.add(named("scene", "svg", "image/svg+xml", Scenes.draw(look.scene(), look.motif(), paint)));
        }
        parts.add(named("icon", "svg", "image/svg+xml", Favicon.of(Motifs.svg(look.motif()), paint)));
        parts.addAll(Faces.files(look.types()));
        return List.copyOf(parts);
    }

    private static RenderedFile named(String name, String ending, String type, String content) {
        String hash = Resource.hash(content.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        return RenderedFile.text(name + "." + hash + "." + ending, type, content);
    }

    private static Map<String, String> names(List<RenderedFile> parts) {
        Map<String, String> names = new LinkedHashMap<>();
        for (RenderedFile part : parts) {
            String role = part.path().endsWith(".css")
                    ? "css"
                    : part.path().endsWith(".js") ? "js" : part.path().replaceFirst("\\..*", "");
            names.put(role, part.path());
        }
        return names;
    }

    private static String sitemap(Site site, String url) {
        String pages = site.pages().stream()
                .map(page -> "<url><loc>" + TextHtml.escape(url + page.slug()) + "</loc></url>")
                .collect(Collectors.joining());
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                + "<urlset xmlns=\"http://www.sitemaps.org/schemas/sitemap/0.9\">" + pages + "</urlset>\n";
    }
}
