package ostium.core.section.testimonials;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.base.Listing;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Brief;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.section.Planned;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.SectionKind;

/** What customers said. Its rows are their words. */
public final class TestimonialsSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("TESTIMONIALS");

    public TestimonialsSection() {
        super(KIND, List.of("slips", "voices"), WordsAt.heading("heading"));
    }

    @Override
    public Optional<Planned> plan(Brief brief) {
        int rows = rows(brief.facts()).size();
        String key = rows == 0 ? "plan.none" : rows == 1 ? "plan.one" : "plan";
        return Optional.of(new Planned(rows > 0, say(key, Listing.capital(Listing.number(rows)))));
    }

    @Override
    public double strength(Brief brief) {
        return Math.min(1, 0.25 + 0.25 * rows(brief.facts()).size());
    }

    @Override
    public boolean isEarly(Arrangement arrangement) {
        return arrangement == Arrangement.ANSWERS_EARLY;
    }

    @Override
    public int lines(Brief brief) {
        return 6
                + rows(brief.facts()).stream()
                        .mapToInt(fact -> 4 + fact.value().words().length() / LINE)
                        .sum();
    }

    @Override
    public boolean hasRows() {
        return true;
    }

    @Override
    public String rowPrefix() {
        return "testimonial";
    }

    @Override
    public boolean comesWithItsRows() {
        return true;
    }

    @Override
    public List<Fact<FactValue.Testimonial>> rows(Facts facts) {
        return facts.all(FactValue.Testimonial.class);
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(FactValue.Testimonial.class);
    }
}
