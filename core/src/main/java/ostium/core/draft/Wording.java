package ostium.core.draft;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.base.Listing;
import ostium.core.base.Messages;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.copy.Phrase;
import ostium.core.copy.Sentences;
import ostium.core.copy.Weighing.Weight;
import ostium.core.fact.FactNames;
import ostium.core.section.SectionKinds;
import ostium.core.site.Node;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Site;
import ostium.core.site.Text;

/**
 * What is behind the words of a slot: why these were chosen, and what else could truly be said there.
 *
 * <pre>{@code
 * Wording wording = new Wording(brief, site, new Seed(sheet.seed()));
 * wording.why(opening, "headline");                      // "It names a service", …
 * wording.others(opening, "headline", Tone.WARM, 5);     // five other headlines
 * }</pre>
 */
public final class Wording {
    private static final Messages WORDS = Messages.of("draft");

    private final Brief brief;
    private final Site site;
    private final Seed seed;

    public Wording(Brief brief, Site site, Seed seed) {
        this.brief = brief;
        this.site = site;
        this.seed = seed;
    }

    /**
     * Other words for a slot.
     *
     * @param tree what would stand there
     * @param plain the same as a visitor reads it
     * @param origin which patterns it comes from, and the facts that carry it
     */
    public record Other(List<Node> tree, String plain, Text.Origin origin) {}

    /** Whether words for a slot can be chosen at all; not for those only an owner writes. */
    public static boolean hasOthers(SectionKind kind, String slot) {
        return !SectionKinds.of(kind).placesOf(slot).isEmpty();
    }

    /** Why the words of a slot were chosen, in sentences for the owner; empty for words that are not ours. */
    public List<String> why(Section section, String slot) {
        Text text = section.text(slot).orElse(null);
        if (text == null || text.origin().pattern().isEmpty() || text.mark() == Text.Mark.OWN) {
            return List.of();
        }
        Sentences sentences = new Sentences(brief, seed, Map.of());
        List<String> variants = Arrays.asList(text.origin().pattern().split(" "));
        Set<String> reasons = new java.util.LinkedHashSet<>();
        int could = 0;
        for (String place : SectionKinds.of(section).placesOf(slot)) {
            could = Math.max(could, sentences.count(place));
            variants.stream()
                    .flatMap(variant ->
                            sentences.why(place, variant, text.origin().needs()).stream())
                    .filter(weight -> weight.amount() >= 0)
                    .map(Weight::reason)
                    .map(Wording::sentence)
                    .forEach(reasons::add);
        }
        List<String> why = new ArrayList<>(reasons);
        List<String> stands =
                text.origin().needs().stream().map(FactNames::of).distinct().toList();
        if (!stands.isEmpty()) {
            why.add(0, WORDS.say("why.stands", Listing.and(stands)));
        }
        if (could > 1) {
            why.add(WORDS.say("why.drawn", Listing.number(could)));
        }
        return why;
    }

    /** Other words for a slot that the facts carry, the best first; none of them stands on the site already. */
    public List<Other> others(Section section, String slot, Tone tone, int most) {
        List<String> places = SectionKinds.of(section).placesOf(slot);
        Set<String> standing = site.texts()
                .map(text -> PlainText.of(text, brief.facts()).replace('\n', ' '))
                .flatMap(said -> Stream.concat(Stream.of(said), Arrays.stream(said.split("(?<=[.?!])\\s+"))))
                .map(Wording::normal)
                .collect(Collectors.toCollection(HashSet::new));
        Sentences sentences = new Sentences(brief.withTone(tone), seed, Map.of());
        List<List<Phrase>> byPlace = new ArrayList<>();
        for (String place : places) {
            List<Phrase> here = sentences.others(place, most * 3).stream()
                    .filter(phrase -> !standing.contains(normal(phrase.plain())))
                    .limit(most)
                    .toList();
            if (!here.isEmpty() && SectionKinds.of(section).wants(slot, place, brief)) {
                byPlace.add(here);
            }
        }
        List<Other> others = new ArrayList<>();
        int rows = byPlace.stream().mapToInt(List::size).max().orElse(0);
        for (int i = 0; i < rows; i++) {
            List<Phrase> row = new ArrayList<>();
            for (List<Phrase> here : byPlace) {
                row.add(here.get(i % here.size()));
            }
            others.add(other(row));
        }
        return others;
    }

    private Other other(List<Phrase> row) {
        Set<String> needs = new TreeSet<>();
        row.forEach(phrase -> needs.addAll(phrase.needs()));
        String patterns = row.stream().map(Phrase::pattern).collect(Collectors.joining(" "));
        List<Node> tree = row.size() == 1 ? row.get(0).tree() : Drafter.paragraph(row);
        String plain = row.stream().map(Phrase::plain).collect(Collectors.joining(" "));
        return new Other(tree, plain, new Text.Origin(patterns, seed.value(), needs));
    }

    private static String sentence(String reason) {
        return reason.substring(0, 1).toUpperCase(Locale.ROOT) + reason.substring(1) + ".";
    }

    private static String normal(String words) {
        return words.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }
}
