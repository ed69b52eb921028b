package ostium.core.copy;

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
 * Weighs sentences against what a page says already. A weight is that of the pattern and the salience of what it words,
 * less for what is too long or too short, and for words that stand near it already.
 */
public final class Weighing {
    private static final ostium.core.base.Messages WORDS = ostium.core.base.Messages.of("copy");

    /** Sentences back within which a telling word is a repetition. */
    private static final int NEAR = 4;

    private static final double LONG = 0.05;
    private static final double SHORT = 0.5;
    private static final double AGAIN = 0.15;

    private final Vocabulary vocabulary;
    private final Tone tone;
    private final Set<String> told = new HashSet<>();
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
    public record Weight(String reason, double amount) {}

    /** The weight of a sentence at a place. */
    double of(Grammar.Place place, Variant variant, Message message) {
        return variant.pattern().weight()
                + message.salience()
                - tooShort(place, variant, message)
                - tooLong(variant, message)
                - again(variant);
    }

    /** The same in parts, those that count only. */
    List<Weight> parts(Grammar.Place place, Variant variant, Message message) {
        int length = variant.length(vocabulary, message);
        List<Weight> parts = new ArrayList<>();
        boolean isShort = length < place.from();
        Weight suits = new Weight(
                WORDS.say(isShort ? "weight.short" : "weight.suits", length), -tooShort(place, variant, message));
        parts.add(suits);
        if (message.salience() > 0) {
            parts.add(new Weight(WORDS.say("weight.apart"), message.salience()));
        }
        if (variant.pattern().tones().size() < Tone.values().length) {
            parts.add(new Weight(WORDS.say("weight.tone", tone.words().toLowerCase(Locale.ROOT)), 0.1));
        }
        parts.add(new Weight(WORDS.say("weight.long"), -tooLong(variant, message)));
        if (variant.tokens().contains("in") || variant.tokens().contains("area")) {
            parts.add(new Weight(WORDS.say("weight.where"), 0.1));
        }
        parts.removeIf(part -> part.amount() == 0 && (isShort || part != suits));
        return parts;
    }

    private double tooShort(Grammar.Place place, Variant variant, Message message) {
        int length = variant.length(vocabulary, message);
        return length < place.from() ? SHORT * (place.from() - length) / place.from() : 0;
    }

    /** Words that are not ours are as long as they are. */
    private double tooLong(Variant variant, Message message) {
        int words = variant.words();
        for (String token : variant.tokens()) {
            words += token.startsWith("it")
                    ? 0
                    : Variant.say(token, vocabulary, message).words();
        }
        return LONG * Math.max(0, words - tone.longestSentence());
    }

    private double again(Variant variant) {
        double amount = 0;
        for (Set<String> words : near) {
            for (String word : variant.telling()) {
                amount += words.contains(word) ? AGAIN : 0;
            }
        }
        return amount;
    }

    /** Whether something of it was told already; who is called what, and the trade, are not told but named. */
    boolean isTold(Variant variant, Message message) {
        return variant.told(vocabulary, message).stream().anyMatch(told::contains);
    }

    /** A sentence stands on the page now. */
    void said(Variant.Filled sentence, boolean once) {
        sentence.variant().told(vocabulary, sentence.message()).stream()
                .filter(Brief::isFact)
                .filter(what -> once || sentence.message().needs().contains(what))
                .forEach(told::add);
        near.addLast(sentence.variant().telling());
        if (near.size() > NEAR) {
            near.removeFirst();
        }
    }
}
