package ostium.core.section.masthead;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.fact.Area;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Picture;
import ostium.core.fact.Place;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.SectionKind;

/** The head of every page: the sign, the menu and the way to call. */
public final class MastheadSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("MASTHEAD");

    public MastheadSection() {
        super(KIND, List.of("plain", "stacked"), WordsAt.line("line", 120, "line"));
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
        return List.of("name", "telephone");
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(
                FactValue.Name.class,
                FactValue.ShortName.class,
                FactValue.Person.class,
                FactValue.Hours.class,
                Telephone.class,
                Area.class,
                Place.class,
                Picture.class,
                Service.class);
    }
}
