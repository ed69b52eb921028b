package ostium.core.draft;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ostium.core.draft.SentencePattern.Filled;
import ostium.core.format.DataFile;

/**
 * Chooses sentences for one draft: scored, not drawn blindly, and no sentence twice.
 *
 * <p>A score is the pattern's weight, plus how well the length fits the place, plus a little for naming the town and a
 * service and for speaking to the reader, minus what the page has said already, plus up to {@value #JITTER} by the seed.
 */
final class Sentences {
    private record Place(int from, int to, List<SentencePattern> patterns) {}

    private record File(Map<String, Place> places) {}

    private static final Map<String, Place> PLACES =
            DataFile.read("/ostium/sentences.yaml", File.class).places();
    private static final double JITTER = 0.5;

    private final Vocabulary vocabulary;
    private final Seed seed;
    private final Set<String> said = new HashSet<>();
    private final Set<String> facts = new HashSet<>();

    Sentences(Vocabulary vocabulary, Seed seed) {
        this.vocabulary = vocabulary;
        this.seed = seed;
    }

    /** Names of all places there are sentences for. */
    static Set<String> places() {
        return PLACES.keySet();
    }

    static List<SentencePattern> patterns(String place) {
        return PLACES.get(place).patterns();
    }

    /** The best sentence for a place, or none when nothing true can be said there. */
    Optional<Filled> choose(String place) {
        Place at = PLACES.get(place);
        if (at == null) {
            throw new IllegalArgumentException("there are no sentences for " + place);
        }
        Optional<Filled> best = at.patterns().stream()
                .flatMap(pattern -> pattern.fill(vocabulary).stream())
                .filter(filled -> filled.plain().length() <= at.to())
                .filter(filled -> !said.contains(normal(filled.plain())))
                .max(Comparator.comparingDouble((Filled filled) -> score(place, at, filled))
                        .thenComparing(filled -> filled.pattern().id()));
        best.ifPresent(filled -> {
            said.add(normal(filled.plain()));
            facts.addAll(filled.needs());
        });
        return best;
    }

    private double score(String place, Place at, Filled filled) {
        double score = filled.pattern().weightOrOne();
        int length = filled.plain().length();
        score += length < at.from() ? -0.5 * (at.from() - length) / at.from() : 0;
        score += speaksOf(filled, "town") ? 0.25 : 0;
        score += speaksOf(filled, "service1") ? 0.2 : 0;
        score += filled.plain().matches("(?i).*\\byou(r)?\\b.*") ? 0.15 : 0;
        score -= filled.needs().stream().filter(facts::contains).count() * 0.12;
        return score + JITTER * seed.fraction(place + "/" + filled.pattern().id());
    }

    private boolean speaksOf(Filled filled, String token) {
        return vocabulary
                .say(token)
                .map(fact -> filled.plain().contains(fact.plain()))
                .orElse(false);
    }

    private static String normal(String sentence) {
        return sentence.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }
}
