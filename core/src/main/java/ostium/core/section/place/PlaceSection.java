package ostium.core.section.place;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Brief;
import ostium.core.fact.Area;
import ostium.core.fact.FactValue;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.section.PagePart;
import ostium.core.section.Planned;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.SectionKind;
import ostium.core.trade.Goal;

/** Where the business is, and where it comes to. */
public final class PlaceSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("PLACE");

    public PlaceSection() {
        super(KIND, List.of("list", "wide"), WordsAt.heading("heading"), WordsAt.paragraphs("note", "note"));
    }

    @Override
    public Optional<Planned> plan(Brief brief) {
        boolean area = brief.visits() && brief.facts().one(Area.class).isPresent();
        boolean address = brief.receives()
                && brief.facts()
                        .one(Place.class)
                        .filter(place -> !place.lines().isEmpty())
                        .isPresent();
        if (area || address) {
            return Optional.of(new Planned(true, say(!area ? "plan.receives" : address ? "plan.both" : "plan.visits")));
        }
        return Optional.of(new Planned(false, say(brief.receives() ? "plan.noAddress" : "plan.noArea")));
    }

    @Override
    public double strength(Brief brief) {
        boolean found = brief.workingGoal() == Goal.VISIT;
        return found
                ? 0.7
                : brief.facts()
                        .one(Area.class)
                        .map(area -> Math.min(0.6, 0.2 + area.places().size() / 12.0))
                        .orElse(0.25);
    }

    @Override
    public boolean isEarly(Arrangement arrangement) {
        return arrangement == Arrangement.PLACE_EARLY;
    }

    @Override
    public PagePart part(Brief brief) {
        return PagePart.CONTACT;
    }

    @Override
    public int lines(Brief brief) {
        return 8
                + brief.facts()
                        .one(Area.class)
                        .map(area -> area.places().size() * 2)
                        .orElse(4);
    }

    @Override
    public List<String> facts() {
        return List.of("place", "area");
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(Place.class, Area.class, Point.class, FactValue.OwnWords.class);
    }

    @Override
    public Optional<String> leadsHere() {
        return Optional.of("directions");
    }
}
