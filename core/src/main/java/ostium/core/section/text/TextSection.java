package ostium.core.section.text;

import java.util.List;
import java.util.Optional;
import ostium.core.fact.Facts;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;

/** Words of the owner's about anything. Nothing of ours ever stands here; without words visitors do not see it. */
public final class TextSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("TEXT");

    public TextSection() {
        super(KIND, List.of("column", "aside"), WordsAt.heading(), WordsAt.paragraphs("body"));
    }

    @Override
    public boolean mayBeSeveral() {
        return true;
    }

    @Override
    public boolean isShown(Section section, Facts facts) {
        return section.text("body").isPresent() || section.text("heading").isPresent();
    }

    /** A menu names a section by its heading; one without has no line there. */
    @Override
    public Optional<String> menu(Facts facts) {
        return Optional.empty();
    }
}
