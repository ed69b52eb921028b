package ostium.core.edit;

import java.util.Collection;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import ostium.core.base.Seed;
import ostium.core.fact.Facts;
import ostium.core.site.PlainText;
import ostium.core.site.Text;

/**
 * Of several draws the one that leaves the fewest of our words as they stand. A single draw may give every heading that was
 * there before, and who asks for another draft would take it that nothing was done.
 */
final class OtherWords {
    private static final int DRAWS = 8;

    private final Set<String> before;
    private final Facts facts;

    /**
     * @param standing the texts that stand; only suggested ones are drawn anew
     * @param facts what their linked values are
     */
    OtherWords(Collection<Text> standing, Facts facts) {
        this.facts = facts;
        before = standing.stream().filter(OtherWords::isOurs).map(this::words).collect(Collectors.toUnmodifiableSet());
    }

    /**
     * @param seed of the first draw; those of the others follow it
     * @param draw what is drawn by a seed
     * @param texts the texts of what was drawn
     */
    <T> T drawn(Seed seed, Function<Seed, T> draw, Function<T, Collection<Text>> texts) {
        ToLongFunction<T> asBefore = drawn -> texts.apply(drawn).stream()
                .filter(OtherWords::isOurs)
                .filter(text -> before.contains(words(text)))
                .count();
        T best = draw.apply(seed);
        long least = asBefore.applyAsLong(best);
        for (int other = 1; other < DRAWS && least > 0; other++) {
            T next = draw.apply(new Seed(seed.value() + other));
            long same = asBefore.applyAsLong(next);
            if (same < least) {
                best = next;
                least = same;
            }
        }
        return best;
    }

    private static boolean isOurs(Text text) {
        return text.mark() == Text.Mark.SUGGESTED;
    }

    private String words(Text text) {
        return PlainText.of(text, facts);
    }
}
