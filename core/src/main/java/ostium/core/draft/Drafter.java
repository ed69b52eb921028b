package ostium.core.draft;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.copy.Phrase;
import ostium.core.copy.Sentences;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.look.PaintMixes;
import ostium.core.section.Drafting;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;
import ostium.core.section.footer.FooterSection;
import ostium.core.section.masthead.MastheadSection;
import ostium.core.site.Item;
import ostium.core.site.Node;
import ostium.core.site.Page;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Site;
import ostium.core.site.Text;

/**
 * Lays out a draft from a brief.
 *
 * <pre>{@code
 * Draft draft = Drafter.draft(Brief.of(facts, today), new Seed(7));
 * }</pre>
 */
public final class Drafter implements Drafting {
    private final Brief brief;
    private final Seed seed;
    private final Seeds seeds;
    private final Sentences sentences;

    private Drafter(Brief brief, Seeds seeds, Map<String, Phrase> before) {
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

    /** A section that no plan has, drafted by itself. */
    public static Section section(Brief brief, SectionDescriptor kind, Seed seed) {
        return kind.draft(new Drafter(brief, Seeds.of(seed), Map.of()));
    }

    /**
     * What the tones that suit the trade sound like with the facts of this brief, each unlike those before it as far as the facts
     * allow.
     *
     * @return by tone: the headline, one of the first lines, and when messages are answered or what the form is headed with
     */
    public static Map<Tone, List<String>> samples(Brief brief, Seed seed) {
        Map<Tone, List<String>> samples = new EnumMap<>(Tone.class);
        for (Tone tone : Tone.values()) {
            if (tone.suits(brief.trade())) {
                List<String> sample = sample(brief, tone, seed);
                for (int other = 1; other <= MOST_TRIES && samples.containsValue(sample); other++) {
                    sample = sample(brief, tone, new Seed(seed.value() + other));
                }
                samples.put(tone, sample);
            }
        }
        return samples;
    }

    private static List<String> sample(Brief brief, Tone tone, Seed seed) {
        Sentences sentences = new Sentences(brief.withTone(tone), seed, Map.of());
        Optional<Phrase> headline = sentences.speak("opening.headline");
        Optional<Phrase> line = sentences.speak("opening.how").or(() -> sentences.speak("opening.reason"));
        Optional<Phrase> asks = sentences.speak("enquiry.answer").or(() -> sentences.speak("enquiry.heading"));
        return Stream.of(headline, line, asks)
                .flatMap(Optional::stream)
                .map(Phrase::plain)
                .toList();
    }

    private static final int MOST_TRIES = 12;

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
        Map<String, Phrase> before = Map.of();
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
        // Words are chosen in the order of the kinds, so that they do not hang on how many pages there are.
        Map<SectionKind, Section> sections = new LinkedHashMap<>();
        SectionKinds.all().stream()
                .filter(kind -> kind.belongsToTheSite() || plan.has(kind.kind()))
                .forEach(kind -> sections.put(kind.kind(), kind.draft(this)));
        List<Page> pages = plan.pages().stream()
                .map(page -> new Page(
                        seed.id(page.slug().isEmpty() ? "home" : "page/" + page.slug()),
                        page.slug(),
                        page.name(),
                        page.sections().stream()
                                .map(choice -> sections.get(choice.kind()))
                                .filter(section -> !SectionKinds.of(section).isHollow(section, brief))
                                .toList()))
                .toList();
        Site site = new Site(sections.get(MastheadSection.KIND), pages, sections.get(FooterSection.KIND));
        return new Draft(site, look(), plan);
    }

    private Look look() {
        House house = brief.wishes().house().orElseGet(() -> TradeLook.house(brief.trade(), seeds.look()));
        return look(brief, house, seeds.look());
    }

    /** The look a draft has in a house: around the brand, or of the trade's moods. */
    static Look look(Brief brief, House house, Seed seed) {
        Look look = TradeLook.of(brief.trade(), house, seed);
        return brief.wishes()
                .brand()
                .map(brand ->
                        look.withMix(PaintMixes.ofBrand(brand, brief.trade().moods(), seed)))
                .orElse(look);
    }

    // ---- what kinds of sections ask for ----------------------------------------------------------------------------

    @Override
    public Brief brief() {
        return brief;
    }

    @Override
    public String id(String path) {
        return seed.id(path);
    }

    @Override
    public double chance(String path) {
        return seeds.order().fraction(path);
    }

    @Override
    public Item row(String path, String fact, Map<String, Text> texts) {
        return Item.of(seed.id(path), fact, texts);
    }

    @Override
    public Text text(String path, Text.Mark mark, String pattern, List<String> paragraphs, Set<String> needs) {
        List<Node> tree = paragraphs.stream()
                .<Node>map(words -> new Node.Paragraph(List.of(new Node.Words(words))))
                .toList();
        return new Text(seed.id(path), mark, tree, new Text.Origin(pattern, seed.value(), needs));
    }

    @Override
    public boolean isSaid(String words) {
        return sentences.chosen().values().stream()
                .anyMatch(phrase -> phrase.plain().contains(words));
    }

    @Override
    public Map<String, Text> words(SectionDescriptor kind) {
        Map<String, Text> texts = new LinkedHashMap<>();
        for (String slot : kind.slotNames()) {
            List<Phrase> said = kind.placesOf(slot, brief.tone(seed)).stream()
                    .flatMap(place -> sentences.choose(place).stream())
                    .toList();
            String path = kind.kind().id() + "." + slot;
            if (said.size() == 1) {
                texts.put(slot, text(path, said.get(0)));
            } else if (!said.isEmpty()) {
                texts.put(slot, joined(path, said));
            }
        }
        return texts;
    }

    private Text text(String path, Phrase phrase) {
        return new Text(
                seed.id(path),
                Text.Mark.SUGGESTED,
                phrase.tree(),
                new Text.Origin(phrase.pattern(), seed.value(), phrase.needs()));
    }

    private Text joined(String path, List<Phrase> sentences) {
        Set<String> needs = new TreeSet<>();
        sentences.forEach(sentence -> needs.addAll(sentence.needs()));
        String patterns = sentences.stream().map(Phrase::pattern).collect(Collectors.joining(" "));
        return new Text(
                seed.id(path),
                Text.Mark.SUGGESTED,
                paragraph(sentences),
                new Text.Origin(patterns, seed.value(), needs));
    }

    /** Some sentences as one paragraph. */
    static List<Node> paragraph(List<Phrase> sentences) {
        List<Node> inside = new ArrayList<>();
        for (Phrase sentence : sentences) {
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
