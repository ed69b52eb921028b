package ostium.core.draft;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.draft.Variant.Filled;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Service;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.look.PaintMixes;
import ostium.core.site.Item;
import ostium.core.site.Node;
import ostium.core.site.Page;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Site;
import ostium.core.site.Text;
import ostium.core.trade.Trade;

/**
 * Lays out a draft from a brief.
 *
 * <pre>{@code
 * Draft draft = Drafter.draft(Brief.of(facts, today), new Seed(7));
 * }</pre>
 */
public final class Drafter {
    /** How often a section has the first of its layouts. */
    private static final double FIRST_LAYOUT = 0.6;

    private static final int FEWEST_CARDS = 3;
    private static final int MOST_CARDS = 7;

    private final Brief brief;
    private final Seed seed;
    private final Seeds seeds;
    private final Sentences sentences;

    private Drafter(Brief brief, Seeds seeds, Map<String, Filled> before) {
        this.brief = brief;
        this.seeds = seeds;
        this.seed = seeds.words();
        this.sentences = new Sentences(brief, seed, before);
    }

    /** The draft of a brief with a seed; the same every time. */
    public static Draft draft(Brief brief, Seed seed) {
        return draft(brief, Seeds.of(seed));
    }

    /** The draft of a brief with a seed for each of its parts. */
    public static Draft draft(Brief brief, Seeds seeds) {
        return drafted(brief, seeds).draft;
    }

    /**
     * What a tone sounds like with the facts of this brief.
     *
     * @return the headline and some of the first lines of a draft in that tone
     */
    public static List<String> sample(Brief brief, Tone tone, Seed seed) {
        Sentences sentences = new Sentences(brief.withTone(tone), seed, Map.of());
        return Stream.of("opening.headline", "opening.where", "opening.ask")
                .flatMap(place -> sentences.choose(place).stream())
                .map(Filled::plain)
                .toList();
    }

    /** What was chosen stays beside the draft, to ask about it. */
    record Drafted(Draft draft, Sentences sentences) {}

    /**
     * Denying an assumption changes only what hangs on it: the sentences of the draft in which nothing is denied are taken
     * again, as far as they hold.
     */
    static Drafted drafted(Brief brief, Seed seed) {
        return drafted(brief, Seeds.of(seed));
    }

    private static Drafted drafted(Brief brief, Seeds seeds) {
        Map<String, Filled> before = Map.of();
        if (!brief.denied().isEmpty()) {
            Drafter undenied = new Drafter(brief.withDenied(Set.of()), seeds, Map.of());
            undenied.lay();
            before = undenied.sentences.chosen();
        }
        Drafter drafter = new Drafter(brief, seeds, before);
        return new Drafted(drafter.lay(), drafter.sentences);
    }

    private Draft lay() {
        Plan plan = Plan.of(brief);
        Section masthead = section(SectionKind.MASTHEAD);
        // Words are chosen in the order of the kinds, so that they do not hang on how many pages there are.
        Map<SectionKind, Section> sections = new EnumMap<>(SectionKind.class);
        plan.sections().stream().map(Plan.Choice::kind).sorted().forEach(kind -> sections.put(kind, section(kind)));
        Section footer = section(SectionKind.FOOTER);
        List<Page> pages = plan.pages().stream()
                .map(page -> new Page(
                        seed.id(page.slug().isEmpty() ? "home" : "page/" + page.slug()),
                        page.slug(),
                        page.name(),
                        page.sections().stream()
                                .map(choice -> sections.get(choice.kind()))
                                .toList()))
                .toList();
        return new Draft(new Site(masthead, pages, footer), look(), plan);
    }

    private Section section(SectionKind kind) {
        return switch (kind) {
            case SERVICES -> section(kind, servicesLayout(), words(kind), rows(kind, Service.class));
            case ABOUT -> about();
            case TESTIMONIALS -> section(kind, layout(kind), words(kind), rows(kind, FactValue.Testimonial.class));
            case QUESTIONS -> section(kind, layout(kind), words(kind), rows(kind, FactValue.Answer.class));
            case OPENING, HOURS, PLACE, ENQUIRY, MASTHEAD, FOOTER ->
                section(kind, layout(kind), words(kind), List.of());
        };
    }

    /** One of the layouts of a kind, the first one more often. */
    private String layout(SectionKind kind) {
        List<String> layouts = kind.layouts();
        String path = kind.name().toLowerCase(Locale.ROOT) + "/layout";
        return layouts.get(seeds.order().fraction(path) < FIRST_LAYOUT ? 0 : 1);
    }

    /** Cards are for a handful; a long list is read in rows. */
    private String servicesLayout() {
        int services = brief.services().size();
        return services > MOST_CARDS || services < FEWEST_CARDS ? "rows" : layout(SectionKind.SERVICES);
    }

    private Look look() {
        House house = brief.wishes().house().orElseGet(() -> Look.house(brief.trade(), seeds.look()));
        return look(brief, house, seeds.look());
    }

    /** The look a draft has in a house: around the brand, or of the trade's moods. */
    static Look look(Brief brief, House house, Seed seed) {
        Look look = Look.of(brief.trade(), house, seed);
        return brief.wishes()
                .brand()
                .map(brand ->
                        look.withMix(PaintMixes.ofBrand(brand, brief.trade().moods(), seed)))
                .orElse(look);
    }

    /** Rows that are facts. */
    private List<Item> rows(SectionKind kind, Class<? extends FactValue> value) {
        String section = kind.name().toLowerCase(Locale.ROOT);
        return brief.facts().all(value).stream()
                .map(fact -> Item.of(seed.id(section + "/" + fact.id()), fact.id(), Map.of()))
                .toList();
    }

    private Section about() {
        Map<String, Text> texts = new LinkedHashMap<>();
        List<Fact<FactValue.OwnWords>> own = brief.ownWords();
        words(SectionKind.ABOUT).forEach((slot, text) -> {
            if (own.isEmpty() || !slot.equals("story")) {
                texts.put(slot, text);
            }
        });
        if (!own.isEmpty()) {
            texts.put("own", own(own));
            // The owner tells the story; only what can be looked up is added to it.
            said("about.membership").ifPresent(member -> texts.put("story", joined("about.story", List.of(member))));
        }
        List<Item> practices = brief.practices().stream()
                .filter(practice -> !isSaid(practice))
                .map(this::practice)
                .toList();
        return section(SectionKind.ABOUT, layout(SectionKind.ABOUT), texts, practices);
    }

    private Text own(List<Fact<FactValue.OwnWords>> own) {
        List<Node> paragraphs = own.stream()
                .flatMap(fact -> fact.value().words().strip().lines())
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .<Node>map(line -> new Node.Paragraph(List.of(new Node.Words(line))))
                .toList();
        Set<String> needs = own.stream().map(Fact::id).collect(Collectors.toCollection(TreeSet::new));
        return new Text(seed.id("about/own"), Text.Mark.OWN, paragraphs, new Text.Origin("", seed.value(), needs));
    }

    private Optional<Filled> said(String place) {
        return Optional.ofNullable(sentences.chosen().get(place));
    }

    /** Whether the opening has given this practice as its reason. */
    private boolean isSaid(Trade.UsualPractice practice) {
        return said("opening.reason")
                .filter(reason -> reason.plain().equals(practice.says()))
                .isPresent();
    }

    private Item practice(Trade.UsualPractice practice) {
        String path = "about/practice/" + practice.key();
        String fact = brief.facts().all(FactValue.Practice.class).stream()
                .filter(candidate -> candidate.value().key().equals(practice.key()))
                .findFirst()
                .orElseThrow()
                .id();
        Text says = new Text(
                seed.id(path + "/says"),
                Text.Mark.SUGGESTED,
                List.of(new Node.Paragraph(List.of(new Node.Words(practice.says())))),
                new Text.Origin("practice." + practice.key(), seed.value(), Set.of(fact)));
        return Item.of(seed.id(path), fact, Map.of("says", says));
    }

    private Section section(SectionKind kind, String layout, Map<String, Text> texts, List<Item> items) {
        String name = kind.name().toLowerCase(Locale.ROOT);
        return new Section(seed.id("section/" + name), kind, layout, name, false, texts, items);
    }

    /** The words of a section, slot by slot; a slot with nothing true to say has none. */
    private Map<String, Text> words(SectionKind kind) {
        String section = kind.name().toLowerCase(Locale.ROOT);
        Map<String, Text> texts = new LinkedHashMap<>();
        for (String slot : SlotPlaces.slots(kind)) {
            List<Filled> said = SlotPlaces.of(kind, slot).stream()
                    .flatMap(place -> sentences.choose(place).stream())
                    .toList();
            if (said.size() == 1) {
                texts.put(slot, text(section + "." + slot, said.get(0)));
            } else if (!said.isEmpty()) {
                texts.put(slot, joined(section + "." + slot, said));
            }
        }
        return texts;
    }

    private Text text(String path, Filled filled) {
        return new Text(
                seed.id(path),
                Text.Mark.SUGGESTED,
                filled.tree(),
                new Text.Origin(filled.variant().id(), seed.value(), filled.needs()));
    }

    private Text joined(String path, List<Filled> sentences) {
        Set<String> needs = new TreeSet<>();
        sentences.forEach(sentence -> needs.addAll(sentence.needs()));
        String patterns =
                sentences.stream().map(filled -> filled.variant().id()).collect(Collectors.joining(" "));
        return new Text(
                seed.id(path),
                Text.Mark.SUGGESTED,
                paragraph(sentences),
                new Text.Origin(patterns, seed.value(), needs));
    }

    /** Some sentences as one paragraph. */
    static List<Node> paragraph(List<Filled> sentences) {
        List<Node> inside = new ArrayList<>();
        for (Filled sentence : sentences) {
            if (!inside.isEmpty()) {
                inside.add(new Node.Words(" "));
            }
            for (Node line : sentence.tree()) {
                inside.addAll(((Node.Paragraph) line).inside());
            }
        }
        return List.of(new Node.Paragraph(inside));
    }
}
