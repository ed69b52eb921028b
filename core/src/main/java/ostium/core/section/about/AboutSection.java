package ostium.core.section.about;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import ostium.core.brief.Brief;
import ostium.core.fact.Area;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Place;
import ostium.core.section.Drafting;
import ostium.core.section.PagePart;
import ostium.core.section.Planned;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.Item;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Text;
import ostium.core.trade.Goal;
import ostium.core.trade.Trade;

/** Who they are, in their own words where there are any, and what can be looked up. */
public final class AboutSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("ABOUT");

    public AboutSection() {
        super(
                KIND,
                List.of("record", "story"),
                WordsAt.heading("heading"),
                WordsAt.paragraphs("own"),
                WordsAt.paragraphs("story"));
    }

    @Override
    public Optional<Planned> plan(Brief brief) {
        boolean about = isRecorded(brief) || !brief.practices().isEmpty();
        return Optional.of(new Planned(about, say(about ? "plan" : "plan.none")));
    }

    /** Whether it has more to show than practices. One who is named and nothing else is no section: the name stands elsewhere. */
    private static boolean isRecorded(Brief brief) {
        List<Fact<FactValue.Person>> people = brief.facts().all(FactValue.Person.class);
        return !brief.ownWords().isEmpty()
                || people.size() > 1
                || people.stream()
                        .anyMatch(fact -> !fact.value().role().isBlank()
                                || !fact.value().about().isBlank())
                || brief.facts().one(FactValue.Guarantee.class).isPresent()
                || brief.facts().one(FactValue.Founded.class).isPresent()
                || brief.membership().isPresent();
    }

    /** The only practice may be what leads the page. */
    @Override
    public boolean isHollow(Section section, Brief brief) {
        return section.items().isEmpty() && !isRecorded(brief);
    }

    @Override
    public double strength(Brief brief) {
        return (brief.ownWords().isEmpty() ? 0.2 : 0.7)
                + 0.08
                        * Math.min(
                                3,
                                brief.practices().size() + brief.memberships().size());
    }

    @Override
    public boolean isLate(Goal goal) {
        return goal == Goal.VISIT;
    }

    @Override
    public PagePart part(Brief brief) {
        return PagePart.ABOUT;
    }

    @Override
    public int lines(Brief brief) {
        return 10
                + brief.ownWords().stream()
                        .mapToInt(fact -> 1 + fact.value().words().length() / LINE)
                        .sum()
                + 2 * brief.practices().size()
                + 3 * brief.facts().all(FactValue.Person.class).size();
    }

    /** The owner tells the story, less the sentence that leads the page; what was promised there already is not told again. */
    @Override
    public Section draft(Drafting drafting) {
        Map<String, Text> texts = new LinkedHashMap<>(drafting.words(this));
        List<Fact<FactValue.OwnWords>> own = drafting.brief().ownWords();
        if (!own.isEmpty()) {
            texts.put("own", own(drafting, own));
        }
        List<Item> practices = drafting.brief().practices().stream()
                .filter(practice -> !drafting.isSaid(drafting.brief().voice().say(practice.says())))
                .filter(practice -> practice.apart() == null || !drafting.isSaid(practice.apart()))
                .map(practice -> practice(drafting, practice))
                .toList();
        return section(drafting, texts, practices);
    }

    private static Text own(Drafting drafting, List<Fact<FactValue.OwnWords>> own) {
        List<String> paragraphs = own.stream()
                .flatMap(fact -> fact.value().words().strip().lines())
                .map(line -> withoutLead(drafting, line.strip()))
                .filter(line -> !line.isEmpty())
                .toList();
        Set<String> needs = own.stream().map(Fact::id).collect(Collectors.toCollection(TreeSet::new));
        return drafting.text("about/own", Text.Mark.OWN, "", paragraphs, needs);
    }

    private static String withoutLead(Drafting drafting, String paragraph) {
        return Arrays.stream(paragraph.split("(?<=[.?!…])\\s+"))
                .filter(sentence -> !drafting.isSaid("“" + sentence + "”"))
                .collect(Collectors.joining(" "));
    }

    private static Item practice(Drafting drafting, Trade.UsualPractice practice) {
        String path = "about/practice/" + practice.key();
        String fact = drafting.brief().facts().all(FactValue.Practice.class).stream()
                .filter(candidate -> candidate.value().key().equals(practice.key()))
                .findFirst()
                .orElseThrow()
                .id();
        Text says = drafting.text(
                path + "/says",
                Text.Mark.SUGGESTED,
                "practice." + practice.key(),
                List.of(drafting.brief().voice().say(practice.says())),
                Set.of(fact));
        return drafting.row(path, fact, Map.of("says", says));
    }

    @Override
    public List<String> facts() {
        return List.of("person", "founded", "membership");
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(
                FactValue.Person.class,
                FactValue.Founded.class,
                FactValue.Membership.class,
                FactValue.Guarantee.class,
                Area.class,
                Place.class);
    }
}
