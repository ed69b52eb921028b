package ostium.core.copy;

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
import ostium.core.base.TimeBudget;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;

/**
 * Chooses the sentences of one draft, place after place: what is {@linkplain Messages worth saying} there, in the ways the
 * {@linkplain Grammar grammar} has to say it, {@linkplain Weighing weighed}, then drawn with the seed among the good ones.
 * Nothing is said twice.
 */
public final class Sentences {
    /** A sentence this much lighter than another is drawn e times less often. */
    private static final double PLAY = 0.9;

    /** A sentence this far below the best is not drawn, whatever the seed. */
    private static final double NOT_GOOD = 0.9;

    private static final Grammar GRAMMAR = Grammar.english();

    private final Brief brief;
    private final Vocabulary vocabulary;
    private final Messages messages;
    private final Seed seed;
    private final Tone tone;
    private final Map<String, Phrase> before;
    private final Set<String> reserved = new HashSet<>();
    private final Weighing weighing;
    private final Set<String> said = new HashSet<>();
    private final Map<String, Phrase> chosen = new HashMap<>();

    /** @param before sentences of another draft, by place, which are taken again as far as they hold */
    public Sentences(Brief brief, Seed seed, Map<String, Phrase> before) {
        this.brief = brief;
        this.vocabulary = new Vocabulary(brief);
        this.messages = new Messages(brief, vocabulary.entailment());
        vocabulary.cheapest(messages.cheapest());
        this.seed = seed;
        this.tone = brief.tone(seed);
        this.before = before;
        this.weighing = new Weighing(vocabulary, tone);
        before.values().stream().filter(this::holds).forEach(sentence -> reserved.addAll(parts(sentence)));
    }

    private record Candidate(Variant variant, Message message, double weight) {}

    /** What was chosen so far, by place. */
    public Map<String, Phrase> chosen() {
        return chosen;
    }

    /** The sentence for a place, or none when there is nothing worth saying, or it is left unsaid for once. */
    public Optional<Phrase> choose(String place) {
        TimeBudget.check();
        boolean silent = !before.containsKey(place)
                && seed.fraction(place + "/silence") < GRAMMAR.place(place).silence();
        return silent ? Optional.empty() : speak(place);
    }

    /** The same, never left unsaid. */
    public Optional<Phrase> speak(String place) {
        Phrase again = before.get(place);
        Phrase best = again != null
                        && holds(again)
                        && (!isSaid(again) || GRAMMAR.place(place).again())
                ? again
                : drawn(place).orElse(null);
        if (best == null) {
            return Optional.empty();
        }
        said.addAll(parts(best));
        weighing.said(best.filled(), GRAMMAR.place(place).once());
        chosen.put(place, best);
        return Optional.of(best);
    }

    private boolean holds(Phrase sentence) {
        return sentence.needs().stream().allMatch(brief::carries)
                && sentence.filled()
                        .variant()
                        .canBeSaid(vocabulary, sentence.filled().message());
    }

    /** One of the good sentences, by weight. */
    private Optional<Phrase> drawn(String place) {
        List<Candidate> candidates = new ArrayList<>(candidates(place));
        while (!candidates.isEmpty()) {
            Candidate drawn = drawn(place, candidates);
            Phrase phrase = phrase(drawn);
            boolean fresh = !isSaid(phrase) && parts(phrase).stream().noneMatch(reserved::contains);
            if (fresh || GRAMMAR.place(place).again()) {
                return Optional.of(phrase);
            }
            candidates.remove(drawn);
        }
        return Optional.empty();
    }

    private Phrase phrase(Candidate candidate) {
        return new Phrase(candidate.variant().fill(vocabulary, candidate.message()));
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

    /** All that can be said at a place and is good enough to be drawn. */
    private List<Candidate> candidates(String place) {
        List<Candidate> all = sayable(place);
        double good = all.stream().mapToDouble(Candidate::weight).max().orElse(0) - NOT_GOOD;
        all.removeIf(candidate -> candidate.weight() < good);
        return all;
    }

    private List<Candidate> sayable(String place) {
        Grammar.Place at = GRAMMAR.place(place);
        List<Candidate> all = new ArrayList<>();
        for (Variant variant : GRAMMAR.variants(place, tone)) {
            for (Message message : messages.of(variant.pattern().says())) {
                if (variant.canBeSaid(vocabulary, message)
                        && variant.length(vocabulary, message) <= at.to()
                        && !(at.once() && weighing.isTold(variant, message))) {
                    all.add(new Candidate(variant, message, weighing.of(at, variant, message)));
                }
            }
        }
        return all;
    }

    /** Other sentences for a place, the best first, one for each pattern and message; also those that would not be drawn. */
    public List<Phrase> others(String place, int most) {
        Map<String, Candidate> best = new LinkedHashMap<>();
        for (Candidate candidate : sayable(place)) {
            best.merge(
                    candidate.variant().pattern().id() + candidate.message().needs(),
                    candidate,
                    (one, other) -> other.weight() > one.weight() ? other : one);
        }
        Set<String> seen = new HashSet<>();
        List<Phrase> others = new ArrayList<>();
        best.values().stream()
                .sorted(Comparator.comparingDouble(Candidate::weight).reversed())
                .map(this::phrase)
                .filter(phrase -> seen.add(normal(phrase.plain())))
                .limit(most)
                .forEach(others::add);
        return others;
    }

    /**
     * What speaks for a sentence, the strongest first; empty if its pattern is not known any more.
     *
     * @param needs the facts it stands on, by which its message is known
     */
    public List<Weighing.Weight> why(String place, String variant, Set<String> needs) {
        Grammar.Place at = GRAMMAR.place(place);
        for (Variant each : at.variants()) {
            for (Message message :
                    each.id().equals(variant) ? messages.of(each.pattern().says()) : List.<Message>of()) {
                if (needs.containsAll(message.needs()) && each.canBeSaid(vocabulary, message)) {
                    return weighing.parts(at, each, message);
                }
            }
        }
        return List.of();
    }

    /** How many sentences could have stood at a place. */
    public int count(String place) {
        return candidates(place).size();
    }

    private boolean isSaid(Phrase sentence) {
        return parts(sentence).stream().anyMatch(said::contains);
    }

    /** The sentences of a pattern: most are one, some are two. */
    private static List<String> parts(Phrase phrase) {
        return Arrays.stream(phrase.plain().split("(?<=[.?!]) "))
                .map(Sentences::normal)
                .toList();
    }

    private static String normal(String sentence) {
        return sentence.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }
}
