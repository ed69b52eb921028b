package ostium.core.section.footer;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.SectionKind;

/** The foot of every page: how to reach the business, its links, and what the law wants shown. */
public final class FooterSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("FOOTER");

    public FooterSection() {
        super(KIND, List.of("plain", "quiet"), WordsAt.line("line", 200, "line"));
    }

    @Override
    public boolean belongsToTheSite() {
        return true;
    }

    @Override
    public Optional<String> menu(Facts facts) {
        return Optional.empty();
    }

    @Override
    public List<String> facts() {
        return List.of("telephone", "email", "hours");
    }

    /** It shows something of nearly every fact. */
    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(FactValue.class);
    }
}
