package ostium.core.draft;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;

/**
 * Weighs sentences against what a page says already. A weight is that of the pattern, and then: how well the length
 * fits the place and the tone, whether it names the town and a service, whether it speaks to the reader, and what it
 * repeats.
 */
final class Weighing {
    /** Sentences back within which a telling word is a repetition. */
    private static final int NEAR = 3;

    private final Vocabulary vocabulary;
    private final Tone tone;
    private final Set<String> facts = new HashSet<>();
    private final Deque<Set<String>> near = new ArrayDeque<>();

    Weighing(Vocabulary vocabulary, Tone tone) {
        this.vocabulary = vocabulary;
        this.tone = tone;
    }

    /**
     * What speaks for a sentence.
     *
     * @param reason in words for the owner
     * @param amount above 0 for, below 0 against
     */
    record Weight(String reason, double amount) {}

    /** The weight of a sentence at a place. */
    double of(Grammar.Place place, Variant variant) {
        return variant.pattern().weight()
                + fits(place, variant)
                + reads(variant)
                + names(variant)
                + reader(variant)
                - repeats(variant);
    }

    /** The same in parts, those that count only. */
    List<Weight> parts(Grammar.Place place, Variant variant) {
        int length = variant.length(vocabulary);
        List<Weight> parts = new ArrayList<>();
        parts.add(new Weight(
                length < place.from()
                        ? "short for its place (" + length + " characters)"
                        : "the length suits its place (" + length + " characters)",
                fits(place, variant)));
        if (variant.pattern().tones().size() < Tone.values().length) {
            parts.add(new Weight("made for the tone: " + tone.words().toLowerCase(Locale.ROOT), 0.1));
        }
        parts.add(new Weight("long for this tone", reads(variant)));
        if (variant.tokens().contains("town") || variant.tokens().contains("area")) {
            parts.add(new Weight("it names where you are, which people search for", 0.25));
        }
        if (variant.tokens().stream().anyMatch(token -> token.startsWith("service"))) {
            parts.add(new Weight("it names a service", 0.2));
        }
        parts.add(new Weight(
                variant.toReader() >= 0 ? "it speaks to the reader" : "it speaks of you more than to the reader",
                reader(variant)));
        parts.removeIf(part -> part.amount() == 0 && !part.reason().startsWith("the length"));
        return parts;
    }

    private double fits(Grammar.Place place, Variant variant) {
        int length = variant.length(vocabulary);
        return length < place.from() ? -0.5 * (place.from() - length) / place.from() : 0;
    }

    private double reads(Variant variant) {
        int words = variant.words();
        for (String token : variant.tokens()) {
            words += vocabulary.say(token).words();
        }
        int over = words - tone.longestSentence();
        return over > 0 ? -0.03 * over : 0;
    }

    private double names(Variant variant) {
        double amount = 0;
        if (variant.tokens().contains("town") || variant.tokens().contains("area")) {
            amount += 0.25;
        }
        for (String token : variant.tokens()) {
            if (token.startsWith("service")) {
                return amount + 0.2;
            }
        }
        return amount;
    }

    private double reader(Variant variant) {
        return variant.toReader() > 0 ? 0.15 : variant.toReader() < -1 ? -0.1 : 0;
    }

    private double repeats(Variant variant) {
        double amount = 0;
        for (String token : variant.tokens()) {
            for (String need : vocabulary.say(token).needs()) {
                amount += facts.contains(need) ? 0.12 : 0;
            }
        }
        for (Set<String> words : near) {
            for (String word : variant.telling()) {
                amount += words.contains(word) ? 0.15 : 0;
            }
        }
        return amount;
    }

    /** Whether the page has spoken of a fact of this sentence already; the name of the business does not count. */
    boolean isSpokenOf(Variant variant) {
        return variant.tokens().stream()
                .filter(token -> !token.equals("name"))
                .flatMap(token -> vocabulary.say(token).needs().stream())
                .anyMatch(facts::contains);
    }

    /** A sentence stands on the page now. */
    void said(Variant.Filled sentence) {
        sentence.needs().stream().filter(Brief::isFact).forEach(facts::add);
        near.addLast(sentence.variant().telling());
        if (near.size() > NEAR) {
            near.removeFirst();
        }
    }
}
