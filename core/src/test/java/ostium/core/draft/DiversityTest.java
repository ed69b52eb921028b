package ostium.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.InventedBusinesses;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.section.opening.OpeningSection;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/**
 * Twelve businesses of a trade get different sites, not the same one with other names in it. Compared are the shapes of headline
 * and lead, the order of the sections, and the running words (lead, notes, words before the form); headings and the words of
 * buttons are labels, which may well be the same. A sentence that is nothing but a fact, such as a practice, is not ours; of the
 * others, the facts in them are not.
 */
class DiversityTest {
    private static final int BUSINESSES = 12;
    private static final int FEWEST_ORDERS = 4;

    /** The share of the running words that a reader of both would notice. */
    private static final double MUCH = 0.1;

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N}'’-]*");

    private record Drafted(Brief brief, Draft draft) {
        /** Headline and lead with every fact replaced by its kind. */
        String shape() {
            Section opening = draft.site().section(OpeningSection.KIND).orElseThrow();
            return List.of("headline", "lead").stream()
                    .flatMap(slot -> opening.text(slot).stream())
                    .map(text -> Masked.shape(text, brief))
                    .collect(Collectors.joining(" / "));
        }

        String order() {
            return draft.site()
                    .shownSections()
                    .map(section -> section.kind().id())
                    .collect(Collectors.joining(" "));
        }

        Set<String> ours() {
            return new HashSet<>(Masked.running(draft, brief));
        }

        /** All that is read as running words: ours, the owner's, and the practices. */
        Stream<String> prose() {
            return draft.site()
                    .shownSections()
                    .flatMap(section -> Stream.concat(
                            section.texts().entrySet().stream()
                                    .filter(entry -> List.of("lead", "note", "intro", "own", "story")
                                            .contains(entry.getKey()))
                                    .map(Map.Entry::getValue),
                            section.items().stream().flatMap(item -> item.texts().values().stream())))
                    .map(text -> PlainText.of(text, brief.facts()));
        }
    }

    private static List<Drafted> drafts(String id) {
        Trade trade = TradeCatalogue.shipped().byId(id);
        return IntStream.range(0, BUSINESSES)
                .mapToObj(number -> {
                    Brief brief = InventedBusinesses.brief(trade, number);
                    long seed = InventedBusinesses.sheet(trade, number).seed();
                    return new Drafted(brief, Drafter.draft(brief, new Seed(seed)));
                })
                .toList();
    }

    /** Words that are not a fact of the business. */
    private static int words(Stream<String> sentences) {
        return sentences
                .map(sentence -> sentence.replaceAll("\\[[a-z-]*]", " "))
                .mapToInt(sentence -> (int) WORD.matcher(sentence).results().count())
                .sum();
    }

    /** The share of the running words of the shorter one that stands in the other, in the same sentences of ours. */
    private static double shared(Drafted one, Drafted other) {
        Set<String> same = one.ours();
        same.retainAll(other.ours());
        int shorter = Math.min(words(one.prose()), words(other.prose()));
        return (double) words(same.stream()) / Math.max(1, shorter);
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"chimney-sweep", "tailor", "piano-tuner", "hairdresser", "dog-groomer"})
    void twelveOfOneTradeHaveShapesOrdersAndWordsOfTheirOwn(String id) {
        List<Drafted> all = drafts(id);
        assertThat(all).extracting(Drafted::shape).doesNotHaveDuplicates();
        assertThat(all.stream().map(Drafted::order).distinct()).hasSizeGreaterThanOrEqualTo(FEWEST_ORDERS);
        List<Double> pairs = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                double share = shared(all.get(i), all.get(j));
                pairs.add(share);
            }
        }
        assertThat(pairs).allMatch(share -> share < MUCH);
        assertThat(pairs.stream().mapToDouble(share -> share).average().orElseThrow())
                .isLessThan(0.02);
    }
}
