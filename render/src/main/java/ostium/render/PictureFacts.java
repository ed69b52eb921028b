package ostium.render;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;
import ostium.core.fact.Document;
import ostium.core.fact.Fact;
import ostium.core.fact.Facts;
import ostium.core.fact.Picture;
import ostium.core.picture.Rendition;
import ostium.core.picture.Renditions;
import ostium.core.section.SectionKinds;
import ostium.core.site.Section;
import ostium.core.site.Site;

/** The owner's pictures and files as a page shows them. Holds no rule of its own. */
public final class PictureFacts {
    private final Facts facts;
    private final Site site;
    private final String name;

    PictureFacts(Facts facts, Site site) {
        this.facts = facts;
        this.site = site;
        this.name = facts.say("name", "").orElse("");
    }

    private Optional<Picture> picture(Picture.Use use) {
        return facts.all(Picture.class).stream()
                .map(Fact::value)
                .filter(picture -> picture.use() == use)
                .findFirst();
    }

    /** The logo; null when there is none. */
    public ShownPicture logo() {
        return picture(Picture.Use.LOGO)
                .map(logo -> new ShownPicture(logo, isNameInLogo(logo) ? name : ""))
                .orElse(null);
    }

    /** Whether the logo stands alone, without the name beside it. */
    public boolean logoAlone() {
        return picture(Picture.Use.LOGO).map(PictureFacts::isNameInLogo).orElse(false);
    }

    /** A logo that is much wider than high is the name, drawn. */
    private static boolean isNameInLogo(Picture logo) {
        return logo.treatment().width(logo.file()) > 2.2 * logo.treatment().height(logo.file());
    }

    /** The picture of the opening; null when there is none. */
    public ShownPicture opening() {
        return picture(Picture.Use.OPENING)
                .map(opening -> new ShownPicture(opening, opening.alternative()))
                .orElse(null);
    }

    /** The icon on the tab; null when there is none. */
    public ShownPicture icon() {
        return picture(Picture.Use.ICON).map(icon -> new ShownPicture(icon, "")).orElse(null);
    }

    public List<Document> documents() {
        return facts.all(Document.class).stream().map(Fact::value).toList();
    }

    /** The pictures of a section, each with its row, as far as visitors see them. */
    public List<ShownPicture> of(Section section) {
        return section.shownItems().stream()
                .flatMap(item -> facts.given(item.fact(), Picture.class).stream())
                .map(picture -> new ShownPicture(picture, picture.alternative()))
                .toList();
    }

    /** The pictures that sections show, as their kinds say. */
    private Stream<Picture> inSections() {
        return site.shownSections()
                .flatMap(section -> SectionKinds.of(section).pictures(section, facts))
                .map(Fact::value);
    }

    /** Every file a page refers to. */
    List<KeptFile> files() {
        List<KeptFile> files = new ArrayList<>();
        Stream.concat(Stream.of(Picture.Use.LOGO, Picture.Use.ICON).flatMap(use -> picture(use).stream()), inSections())
                .forEach(picture -> {
                    for (Rendition each : Renditions.of(picture)) {
                        files.add(new KeptFile(each.path(), each.format().contentType(), picture, picture.file()));
                    }
                });
        for (Document document : documents()) {
            files.add(new KeptFile(document.path(), document.file().kind().contentType(), null, document.file()));
        }
        return files.stream()
                .collect(java.util.stream.Collectors.toMap(
                        KeptFile::path, each -> each, (one, other) -> one, java.util.LinkedHashMap::new))
                .values()
                .stream()
                .toList();
    }

    /** Rules of the stylesheet that keep what matters in every crop. */
    String css() {
        TreeSet<String> rules = new TreeSet<>();
        inSections().map(picture -> new ShownPicture(picture, "").rule()).forEach(rules::add);
        return String.join("", rules);
    }
}
