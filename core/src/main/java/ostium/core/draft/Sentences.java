package ostium.core.draft;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.draft.Variant.Filled;

/**
 * Chooses sentences for one draft: {@linkplain Weighing weighed}, then drawn with the seed among the good ones, and no
 * sentence twice.
 */
final class Sentences {
    /** A sentence this much lighter than another is drawn e times less often. */
    private static final double PLAY = 0.5;

    /** A sentence this far below the best is not drawn, whatever the seed. */
    private static final double NOT_GOOD = 0.9;

    private static final Grammar GRAMMAR = Grammar.english();

    private final Brief brief;
    private final Vocabulary vocabulary;
    private final Seed seed;
    private final Tone tone;
    private final Map<String, Filled> before;
    private final Set<String> reserved = new HashSet<>();
    private final Weighing weighing;
    private final Set<String> said = new HashSet<>();
    private final Map<String, Filled> chosen = new HashMap<>();

    /** @param before sentences of another draft, by place, which are taken again as far as they hold */
    Sentences(Brief brief, Seed seed, Map<String, Filled> before) {
        this.brief = brief;
        this.vocabulary = new Vocabulary(brief);
        this.seed = seed;
        this.tone = brief.tone(seed);
        this.before = before;
        this.weighing = new Weighing(vocabulary, tone);
        before.values().stream().filter(this::holds).forEach(sentence -> reserved.addAll(parts(sentence)));
    }

    private record Candidate(Variant variant, double weight) {}

    /** What was chosen so far, by place. */
    Map<String, Filled> chosen() {
        return chosen;
    }

    /** The sentence for a place, or none when nothing true can be said there. */
    Optional<Filled> choose(String place) {
        Filled again = before.get(place);
        Filled best = again != null && holds(again) && !isSaid(again)
                ? again
                : drawn(place).orElse(null);
        if (best == null) {
            return Optional.empty();
        }
        said.addAll(parts(best));
        weighing.said(best);
        chosen.put(place, best);
        return Optional.of(best);
    }

    private boolean holds(Filled sentence) {
        return sentence.needs().stream().allMatch(brief::carries)
                && sentence.variant().canBeSaid(vocabulary);
    }

    /** One of the good sentences, by weight. */
    private Optional<Filled> drawn(String place) {
        List<Candidate> candidates = new ArrayList<>(candidates(place));
        while (!candidates.isEmpty()) {
            Candidate drawn = drawn(place, candidates);
            Filled filled = drawn.variant().fill(vocabulary);
            if (!isSaid(filled) && parts(filled).stream().noneMatch(reserved::contains)) {
                return Optional.of(filled);
            }
            candidates.remove(drawn);
        }
        return Optional.empty();
    }

    private Candidate drawn(String place, List<Candidate> candidates) {
        double best = candidates.stream().mapToDouble(Candidate::weight).max().orElseThrow();
        double all = 0;
        for (Candidate candidate : candidates) {
            all += share(candidate, best);
        }
        double at = seed.spread(place) * all;
        for (Candidate candidate : candidates) {
            at -= share(candidate, best);
            if (at < 0) {
                return candidate;
            }
        }
        return candidates.get(candidates.size() - 1);
    }

    private static double share(Candidate candidate, double best) {
        return Math.exp((candidate.weight() - best) / PLAY);
    }

    /** All that can be said at a place and is good enough. */
    private List<Candidate> candidates(String place) {
        Grammar.Place at = GRAMMAR.place(place);
        List<Candidate> all = new ArrayList<>();
        double best = Double.NEGATIVE_INFINITY;
        for (Variant variant : GRAMMAR.variants(place, tone)) {
            if (variant.canBeSaid(vocabulary)
                    && variant.length(vocabulary) <= at.to()
                    && !(at.once() && weighing.isSpokenOf(variant))) {
                double weight = weighing.of(at, variant);
                best = Math.max(best, weight);
                all.add(new Candidate(variant, weight));
            }
        }
        double good = best - NOT_GOOD;
        all.removeIf(candidate -> candidate.weight() < good);
        return all;
    }

    /**
     * Other sentences for a place, the best first and one of each pattern.
     *
     * @param now the sentence that stands there, which is not among them
     */
    List<Filled> others(String place, String now, int most) {
        Map<String, Candidate> byPattern = new LinkedHashMap<>();
        for (Candidate candidate : candidates(place)) {
            byPattern.merge(
                    candidate.variant().pattern().id(),
                    candidate,
                    (one, other) -> other.weight() > one.weight() ? other : one);
        }
        Set<String> seen = new HashSet<>(Set.of(normal(now)));
        List<Filled> others = new ArrayList<>();
        byPattern.values().stream()
                .sorted(Comparator.comparingDouble(Candidate::weight).reversed())
                .map(candidate -> candidate.variant().fill(vocabulary))
                .filter(filled -> seen.add(normal(filled.plain())))
                .limit(most)
                .forEach(others::add);
        return others;
    }

    /** What speaks for a sentence, the strongest first; empty if its pattern is not known any more. */
    List<Weighing.Weight> why(String place, String variant) {
        Grammar.Place at = GRAMMAR.place(place);
        return at.variants().stream()
                .filter(each -> each.id().equals(variant) && each.canBeSaid(vocabulary))
                .findFirst()
                .map(each -> weighing.parts(at, each))
                .orElse(List.of());
    }

    /** How many sentences could have stood at a place. */
    int count(String place) {
        return candidates(place).size();
    }

    private boolean isSaid(Filled sentence) {
        return parts(sentence).stream().anyMatch(said::contains);
    }

    /** The sentences of a pattern: most are one, some are two. */
    private static List<String> parts(Filled filled) {
        return Arrays.stream(filled.plain().split("(?<=[.?!]) "))
                .map(Sentences::normal)
                .toList();
    }

    private static String normal(String sentence) {
        return sentence.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }
}
