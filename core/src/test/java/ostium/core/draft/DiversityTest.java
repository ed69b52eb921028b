package ostium.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.InventedBusinesses;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/**
 * Two businesses of a trade get different sites, not the same one with other names in it. Compared are the sentences of
 * the running words (headline, first lines, notes, story, words before the form); headings and the words of buttons are
 * labels, which may well be the same. A sentence that is nothing but a fact, such as a practice, is not ours.
 */
class DiversityTest {
    private static final int BUSINESSES = 20;

    private record Compared(double share, Set<String> same, int one, int other) {}

    private static Compared compared(List<String> one, List<String> other) {
        Set<String> a = new HashSet<>(one);
        Set<String> b = new HashSet<>(other);
        Set<String> same = new HashSet<>(a);
        same.retainAll(b);
        return new Compared((double) same.size() / Math.min(a.size(), b.size()), same, a.size(), b.size());
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"chimney-sweep", "tailor", "piano-tuner", "hairdresser", "dog-groomer"})
    void fewerThanAFifthOfTheSentencesAreTheSameInAnyTwo(String id) {
        Trade trade = TradeCatalogue.shipped().byId(id);
        List<List<String>> all = new ArrayList<>();
        for (int number = 0; number < BUSINESSES; number++) {
            Brief brief = InventedBusinesses.brief(trade, number);
            all.add(Masked.running(
                    Drafter.draft(
                            brief,
                            new Seed(InventedBusinesses.sheet(trade, number).seed())),
                    brief));
        }
        List<Compared> pairs = new ArrayList<>();
        for (int i = 0; i < BUSINESSES; i++) {
            for (int j = i + 1; j < BUSINESSES; j++) {
                pairs.add(compared(all.get(i), all.get(j)));
            }
        }
        double mean = pairs.stream().mapToDouble(Compared::share).average().orElseThrow();
        assertThat(mean).as("on the average of all pairs").isLessThan(0.04);
        assertThat(pairs)
                .allSatisfy(
                        pair -> assertThat(pair.share()).as("%s", pair.same()).isLessThan(0.2));
    }
}
