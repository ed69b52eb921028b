package ostium.core.copy;

import java.util.Map;
import java.util.Set;

/**
 * Something worth saying about a business, before it has words.
 *
 * @param kind what it is about; patterns name the kind they word
 * @param salience how much it sets this business apart, 0 to 2
 * @param says its parts, by the token that stands for them: {@code it}, {@code it.who}
 * @param needs ids of the facts that entail it
 */
record Message(String kind, double salience, Map<String, Said> says, Set<String> needs) {
    /** Said by patterns that word no message of their own. */
    static final Message NONE = new Message("", 0, Map.of(), Set.of());

    static Message of(String kind, double salience, Said it) {
        return new Message(kind, salience, Map.of("it", it), it.needs());
    }

    static Message of(String kind, double salience, Map<String, Said> says, Set<String> needs) {
        return new Message(kind, salience, Map.copyOf(says), Set.copyOf(needs));
    }
}
