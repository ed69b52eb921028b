package ostium.core.unwanted;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What an owner has said of earlier messages, as it counts for the next one. Words are weighed as by Bayes: how often each
 * stood in messages that were set aside, against those of customers. Each side counts one message more in which a word stands
 * as often as anywhere, so that a word met seldom says little, and one that stands everywhere nothing.
 */
public final class Judgements {
    /** A site about which nothing was said. */
    public static final Judgements NONE = Judgements.of(List.of());

    /** How many of a message's words count: those that say the most. */
    private static final int TELLING = 15;
    /** Messages of customers before words can speak against one: of fewer, every word would look strange. */
    private static final int CUSTOMERS = 5;
    /** Points that the words of one message can take away. */
    private static final int MOST_FOR = 6;

    private final Map<String, Seen> words = new HashMap<>();
    private final Set<String> customers = new HashSet<>();
    private final Set<String> others = new HashSet<>();
    private int wanted;
    private int unwanted;

    private static final class Seen {
        private int wanted;
        private int unwanted;
    }

    private Judgements() {}

    /**
     * A message somebody has judged: by answering it, by setting it aside, or by taking it back from there.
     *
     * @param sender key of the way they can be reached; empty for none
     */
    public record Judged(String words, Optional<String> sender, boolean isWanted) {}

    /** @param judged the newest first: of a sender, what was said last counts */
    public static Judgements of(List<Judged> judged) {
        Judgements judgements = new Judgements();
        judged.forEach(judgements::count);
        return judgements;
    }

    private void count(Judged judged) {
        judged.sender().filter(sender -> !customers.contains(sender)).ifPresent(sender -> {
            if (!others.contains(sender)) {
                (judged.isWanted() ? customers : others).add(sender);
            }
        });
        if (judged.isWanted()) {
            wanted++;
        } else {
            unwanted++;
        }
        for (String word : WordBag.each(judged.words())) {
            Seen seen = words.computeIfAbsent(word, any -> new Seen());
            if (judged.isWanted()) {
                seen.wanted++;
            } else {
                seen.unwanted++;
            }
        }
    }

    /** Whether this sender's last message was a customer's. */
    boolean knowsAsCustomer(Optional<String> sender) {
        return sender.filter(customers::contains).isPresent();
    }

    /** Whether this sender's last message was set aside. */
    boolean knowsAsUnwanted(Optional<String> sender) {
        return sender.filter(others::contains).isPresent();
    }

    /** What the words say: points against the message, or below 0 for it. The more was set aside, the more they can say. */
    int points(String message) {
        if (words.isEmpty()) {
            return 0;
        }
        double odds = WordBag.each(message).stream()
                .map(this::odds)
                .sorted(Comparator.comparingDouble((Double each) -> -Math.abs(each)))
                .limit(TELLING)
                .mapToDouble(Double::doubleValue)
                .sum();
        int against = wanted < CUSTOMERS || unwanted == 0 ? 0 : 2 + 2 * unwanted;
        return (int) Math.round(Math.max(-MOST_FOR, Math.min(Math.min(against, UnwantedWeight.SET_ASIDE), odds)));
    }

    /** Doublings of the odds by one word; 0 for a word that was never met. */
    private double odds(String word) {
        Seen seen = words.get(word);
        if (seen == null) {
            return 0;
        }
        double anywhere = (seen.unwanted + seen.wanted) / (double) (unwanted + wanted);
        double inUnwanted = (seen.unwanted + anywhere) / (unwanted + 1);
        double inWanted = (seen.wanted + anywhere) / (wanted + 1);
        return Math.log(inUnwanted / inWanted) / Math.log(2);
    }
}
