package ostium.core.section.about;

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
                WordsAt.paragraphs("story", "person", "where", "since", "acts", "membership"));
    }

    @Override
    public Optional<Planned> plan(Brief brief) {
        boolean about = !brief.ownWords().isEmpty()
                || brief.facts().one(FactValue.Person.class).isPresent()
                || brief.facts().one(FactValue.Guarantee.class).isPresent()
                || brief.facts().one(FactValue.Founded.class).isPresent()
                || brief.membership().isPresent()
                || !brief.practices().isEmpty();
        return Optional.of(new Planned(about, say(about ? "plan" : "plan.none")));
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

    /** The owner tells the story where there are own words; then only what can be looked up is ours. */
    @Override
    public Section draft(Drafting drafting) {
        Map<String, Text> texts = new LinkedHashMap<>();
        List<Fact<FactValue.OwnWords>> own = drafting.brief().ownWords();
        drafting.words(this).forEach((slot, text) -> {
            if (own.isEmpty() || !slot.equals("story")) {
                texts.put(slot, text);
            }
        });
        if (!own.isEmpty()) {
            texts.put("own", own(drafting, own));
            drafting.said("about.story", "about.membership").ifPresent(member -> texts.put("story", member));
        }
        List<Item> practices = drafting.brief().practices().stream()
                .filter(practice -> !drafting.isSaid("opening.reason", practice.says()))
                .map(practice -> practice(drafting, practice))
                .toList();
        return section(drafting, texts, practices);
    }

    private static Text own(Drafting drafting, List<Fact<FactValue.OwnWords>> own) {
        List<String> paragraphs = own.stream()
                .flatMap(fact -> fact.value().words().strip().lines())
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
        Set<String> needs = own.stream().map(Fact::id).collect(Collectors.toCollection(TreeSet::new));
        return drafting.text("about/own", Text.Mark.OWN, "", paragraphs, needs);
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
                List.of(practice.says()),
                Set.of(fact));
        return drafting.row(path, fact, Map.of("says", says));
    }

    @Override
    public boolean wants(String slot, String place, Brief brief) {
        return !slot.equals("story") || brief.ownWords().isEmpty() || place.equals("about.membership");
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
