package ostium.core.section.hours;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Brief;
import ostium.core.fact.FactValue;
import ostium.core.fact.Telephone;
import ostium.core.section.PagePart;
import ostium.core.section.Planned;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.SectionKind;
import ostium.core.trade.Goal;

/** The week, and the days that differ. */
public final class HoursSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("HOURS");

    public HoursSection() {
        super(KIND, List.of("sheet", "lines"), WordsAt.heading("heading"), WordsAt.paragraphs("note"));
    }

    @Override
    public Optional<Planned> plan(Brief brief) {
        boolean known = brief.facts().one(FactValue.Hours.class).isPresent();
        return Optional.of(new Planned(known, say(known ? "plan" : "plan.none")));
    }

    /** Where people come by, when they can is what they look for. */
    @Override
    public double strength(Brief brief) {
        return brief.workingGoal() == Goal.VISIT ? 0.75 : 0.3;
    }

    @Override
    public boolean isEarly(Arrangement arrangement) {
        return arrangement == Arrangement.PLACE_EARLY;
    }

    @Override
    public PagePart part(Brief brief) {
        return brief.workingGoal() == Goal.VISIT ? PagePart.HOME : PagePart.CONTACT;
    }

    @Override
    public int lines(Brief brief) {
        return 22;
    }

    @Override
    public List<String> facts() {
        return List.of("hours");
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(
                FactValue.Hours.class,
                FactValue.HoursFor.class,
                FactValue.Special.class,
                FactValue.Zone.class,
                FactValue.Person.class,
                FactValue.TextNumber.class,
                Telephone.class);
    }
}
