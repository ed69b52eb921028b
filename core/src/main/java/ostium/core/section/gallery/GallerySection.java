package ostium.core.section.gallery;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ostium.core.base.Listing;
import ostium.core.brief.Brief;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Picture;
import ostium.core.section.Planned;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.Item;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;

/** Photographs of the owner's own work, in a grid or in a row. Its rows are the photographs; drawings of ours never stand here. */
public final class GallerySection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("GALLERY");

    public GallerySection() {
        super(KIND, List.of("grid", "row"), WordsAt.heading("heading"), WordsAt.paragraphs("note"));
    }

    @Override
    public boolean mayBeSeveral() {
        return true;
    }

    @Override
    public Optional<Planned> plan(Brief brief) {
        int pictures = rows(brief.facts()).size();
        String key = pictures == 0 ? "plan.none" : pictures == 1 ? "plan.one" : "plan";
        return Optional.of(new Planned(pictures > 0, say(key, Listing.capital(Listing.number(pictures)))));
    }

    @Override
    public double strength(Brief brief) {
        return Math.min(1, 0.3 + rows(brief.facts()).size() / 8.0);
    }

    @Override
    public int lines(Brief brief) {
        return 6 + 6 * rows(brief.facts()).size();
    }

    @Override
    public boolean hasRows() {
        return true;
    }

    @Override
    public String rowPrefix() {
        return "picture";
    }

    @Override
    public boolean comesWithItsRows() {
        return true;
    }

    @Override
    public List<Fact<Picture>> rows(Facts facts) {
        return facts.all(Picture.class).stream()
                .filter(fact -> fact.value().use() == Picture.Use.WORK)
                .toList();
    }

    @Override
    public Stream<Fact<Picture>> pictures(Section section, Facts facts) {
        List<String> shown = section.shownItems().stream().map(Item::fact).toList();
        return facts.all(Picture.class).stream().filter(fact -> shown.contains(fact.id()));
    }

    @Override
    public boolean isShown(Section section, Facts facts) {
        return pictures(section, facts).findAny().isPresent();
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(Picture.class);
    }
}
