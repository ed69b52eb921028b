package ostium.core.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Picture;
import ostium.core.fact.Service;
import ostium.core.look.Look;
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
    /** Trades whose work is on houses: their opening may show roofs. */
    private static final Set<String> ROOF_MOTIFS = Set.of("chimney", "roof", "house", "window", "lamp", "tap");

    private final Brief brief;
    private final Seed seed;
    private final Sentences sentences;

    private Drafter(Brief brief, Seed seed) {
        this.brief = brief;
        this.seed = seed;
        this.sentences = new Sentences(new Vocabulary(brief), seed);
    }

    /** The draft of a brief with a seed; the same every time. */
    public static Draft draft(Brief brief, Seed seed) {
        return new Drafter(brief, seed).draft();
    }

    private Draft draft() {
        Plan plan = Plan.of(brief);
        Section masthead = section(SectionKind.MASTHEAD, "plain", texts("line", "masthead.line"), List.of());
        List<Section> sections = new ArrayList<>();
        for (Plan.Choice choice : plan.sections()) {
            sections.add(section(choice.kind()));
        }
        Section footer = section(SectionKind.FOOTER, "plain", texts("line", "footer.line"), List.of());
        Page home = new Page(seed.id("home"), "", "Home", sections);
        return new Draft(new Site(masthead, List.of(home), footer), Look.of(brief.trade(), seed), plan);
    }

    private Section section(SectionKind kind) {
        return switch (kind) {
            case OPENING -> opening();
            case SERVICES -> services();
            case ABOUT -> about();
            case TESTIMONIALS ->
                section(
                        kind,
                        "slips",
                        texts("heading", "testimonials.heading"),
                        brief.facts().all(FactValue.Testimonial.class).stream()
                                .map(fact -> Item.of(seed.id("testimonials/" + fact.id()), fact.id(), Map.of()))
                                .toList());
            case QUESTIONS ->
                section(
                        kind,
                        "cards",
                        texts("heading", "questions.heading"),
                        brief.facts().all(FactValue.Answer.class).stream()
                                .map(fact -> Item.of(seed.id("questions/" + fact.id()), fact.id(), Map.of()))
                                .toList());
            case HOURS -> section(kind, "sheet", texts("heading", "hours.heading"), List.of());
            case PLACE -> section(kind, "list", texts("heading", "place.heading"), List.of());
            case ENQUIRY ->
                section(
                        kind,
                        "sheet",
                        texts("heading", "enquiry.heading", "intro", "enquiry.intro", "send", "enquiry.send"),
                        List.of());
            case MASTHEAD, FOOTER -> throw new IllegalStateException(kind + " belongs to the site");
        };
    }

    private Section opening() {
        boolean pictured = ROOF_MOTIFS.contains(brief.trade().motif())
                || brief.facts().all(Picture.class).stream()
                        .anyMatch(picture -> picture.value().use() == Picture.Use.OPENING);
        String layout = pictured && seed.fraction("opening/layout") < 0.6 ? "ticket" : "bill";
        Map<String, Text> texts = texts("headline", "opening.headline");
        List<SentencePattern.Filled> lead = Stream.of("opening.where", "opening.reason")
                .flatMap(place -> sentences.choose(place).stream())
                .toList();
        if (!lead.isEmpty()) {
            texts.put("lead", joined("opening/lead", lead));
        }
        texts.putAll(texts("second", "opening.second"));
        return section(SectionKind.OPENING, layout, texts, List.of());
    }

    private Section services() {
        List<Fact<Service>> services = brief.services();
        boolean board = services.size() > 7 || services.size() < 3 || seed.fraction("services/layout") < 0.6;
        List<Item> items = services.stream()
                .map(fact -> Item.of(seed.id("services/" + fact.id()), fact.id(), Map.of()))
                .toList();
        return section(
                SectionKind.SERVICES,
                board ? "board" : "stubs",
                texts("heading", "services.heading", "note", "services.note"),
                items);
    }

    private Section about() {
        Map<String, Text> texts = texts("heading", "about.heading");
        List<Fact<FactValue.OwnWords>> own = brief.ownWords();
        if (!own.isEmpty()) {
            List<Node> paragraphs = own.stream()
                    .flatMap(fact -> fact.value().words().strip().lines())
                    .map(String::strip)
                    .filter(line -> !line.isEmpty())
                    .<Node>map(line -> new Node.Paragraph(List.of(new Node.Words(line))))
                    .toList();
            Set<String> needs = own.stream().map(Fact::id).collect(Collectors.toCollection(TreeSet::new));
            texts.put(
                    "own",
                    new Text(
                            seed.id("about/own"), Text.Mark.OWN, paragraphs, new Text.Origin("", seed.value(), needs)));
        }
        List<SentencePattern.Filled> said = Stream.of("about.person", "about.since", "about.acts", "about.membership")
                .flatMap(place -> sentences.choose(place).stream())
                .toList();
        if (!said.isEmpty() && (own.isEmpty() || brief.membership().isPresent())) {
            List<SentencePattern.Filled> kept = own.isEmpty()
                    ? said
                    : said.stream()
                            .filter(filled -> filled.pattern().id().startsWith("membership"))
                            .toList();
            if (!kept.isEmpty()) {
                texts.put("story", joined("about/story", kept));
            }
        }
        List<Item> practices = brief.practices().stream().map(this::practice).toList();
        return section(SectionKind.ABOUT, "record", texts, practices);
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
        String name = kind.name().toLowerCase(java.util.Locale.ROOT);
        return new Section(seed.id("section/" + name), kind, layout, name, false, texts, items);
    }

    /** Texts for pairs of slot and place; a place with nothing true to say has none. */
    private Map<String, Text> texts(String... slotsAndPlaces) {
        Map<String, Text> texts = new LinkedHashMap<>();
        for (int i = 0; i < slotsAndPlaces.length; i += 2) {
            String slot = slotsAndPlaces[i];
            String place = slotsAndPlaces[i + 1];
            sentences.choose(place).ifPresent(filled -> texts.put(slot, text(place, filled)));
        }
        return texts;
    }

    private Text text(String path, SentencePattern.Filled filled) {
        return new Text(
                seed.id(path),
                Text.Mark.SUGGESTED,
                filled.tree(),
                new Text.Origin(filled.pattern().id(), seed.value(), filled.needs()));
    }

    /** Some sentences as one paragraph. */
    private Text joined(String path, List<SentencePattern.Filled> sentences) {
        List<Node> inside = new ArrayList<>();
        Set<String> needs = new TreeSet<>();
        for (SentencePattern.Filled sentence : sentences) {
            if (!inside.isEmpty()) {
                inside.add(new Node.Words(" "));
            }
            for (Node line : sentence.tree()) {
                inside.addAll(((Node.Paragraph) line).inside());
            }
            needs.addAll(sentence.needs());
        }
        String patterns = String.join(
                " ", sentences.stream().map(filled -> filled.pattern().id()).toList());
        return new Text(
                seed.id(path),
                Text.Mark.SUGGESTED,
                List.of(new Node.Paragraph(inside)),
                new Text.Origin(patterns, seed.value(), needs));
    }
}
