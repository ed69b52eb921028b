package ostium.core.section;

import java.util.List;
import java.util.Optional;
import ostium.core.fact.Facts;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;

/** A kind of a newer version of Ostium: kept as it is, shown to the owner as such, and not to visitors. */
final class UnknownSection extends SectionDescriptor {
    UnknownSection(SectionKind kind) {
        super(kind, List.of());
    }

    @Override
    public String words() {
        return WORDS.say("unknown.name");
    }

    @Override
    public boolean isKnown() {
        return false;
    }

    @Override
    public boolean mayBeSeveral() {
        return true;
    }

    @Override
    public Optional<String> menu(Facts facts) {
        return Optional.empty();
    }

    @Override
    public boolean isShown(Section section, Facts facts) {
        return false;
    }
}
