package ostium.core.section.questions;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.base.Listing;
import ostium.core.brief.Arrangement;
import ostium.core.brief.Brief;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.section.PagePart;
import ostium.core.section.Planned;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.SectionKind;

/** What people ask, with the owner’s answers as rows. */
public final class QuestionsSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("QUESTIONS");

    public QuestionsSection() {
        super(KIND, List.of("cards", "pairs"), WordsAt.heading("heading"), WordsAt.paragraphs("note"));
    }

    @Override
    public Optional<Planned> plan(Brief brief) {
        int rows = rows(brief.facts()).size();
        String key = rows == 0 ? "plan.none" : rows == 1 ? "plan.one" : "plan";
        return Optional.of(new Planned(rows > 0, say(key, Listing.number(rows))));
    }

    @Override
    public double strength(Brief brief) {
        return Math.min(1, rows(brief.facts()).size() / 6.0);
    }

    @Override
    public boolean isEarly(Arrangement arrangement) {
        return arrangement == Arrangement.ANSWERS_EARLY;
    }

    /** Answers from which they are a page of their own. */
    private static final int APART = 5;

    @Override
    public PagePart part(Brief brief) {
        return rows(brief.facts()).size() >= APART ? PagePart.ANSWERS : PagePart.ABOUT;
    }

    @Override
    public int lines(Brief brief) {
        return 6
                + rows(brief.facts()).stream()
                        .mapToInt(fact -> 4 + fact.value().answer().length() / LINE)
                        .sum();
    }

    @Override
    public boolean hasRows() {
        return true;
    }

    @Override
    public String rowPrefix() {
        return "question";
    }

    @Override
    public boolean comesWithItsRows() {
        return true;
    }

    @Override
    public List<Fact<FactValue.Answer>> rows(Facts facts) {
        return facts.all(FactValue.Answer.class);
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(FactValue.Answer.class);
    }
}
