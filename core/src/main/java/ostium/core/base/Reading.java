package ostium.core.base;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/**
 * What came of reading the words an owner typed: a value, a question, or a fault at its place in the words.
 *
 * <pre>{@code
 * Reading<Telephone> reading = Telephone.read("0117 496 0123", "GB");
 * reading.value().map(Telephone::international); // "+44 117 496 0123"
 * }</pre>
 *
 * @param <T> the value that was looked for
 */
public sealed interface Reading<T> {

    /** The words were understood. Remarks are worth a look, never an obstacle. */
    record Understood<T>(T meaning, List<Remark> remarks) implements Reading<T> {
        public Understood {
            Objects.requireNonNull(meaning, "meaning");
            remarks = List.copyOf(remarks);
        }
    }

    /** The words can mean more than one thing. Each choice is a full replacement for the typed words. */
    record Unclear<T>(String question, Span at, List<String> choices) implements Reading<T> {
        public Unclear {
            choices = List.copyOf(choices);
        }
    }

    /** The words could not be taken. */
    record Refused<T>(String reason, Span at) implements Reading<T> {}

    /** A note beside an understood value; {@code instead} is what the owner may have meant, or null. */
    record Remark(String message, String instead) {}

    /**
     * A stretch of the typed words.
     *
     * @param from first character, from 0
     * @param to the character after the last
     */
    record Span(int from, int to) {
        public Span {
            if (from < 0 || to < from) {
                throw new IllegalArgumentException("span " + from + ".." + to);
            }
        }

        /** All of the words. */
        public static Span all(String words) {
            return new Span(0, words.length());
        }
    }

    /**
     * The fault of words that are longer than any that could be meant; empty for others. Asked before any pattern looks at them,
     * so that no words take longer to read than they are long.
     */
    static <T> Optional<Reading<T>> tooLong(String words, int longest) {
        return words.length() <= longest
                ? Optional.empty()
                : Optional.of(refused(Messages.of("reading").say("tooLong", longest), longest, words.length()));
    }

    static <T> Reading<T> understood(T value) {
        return new Understood<>(value, List.of());
    }

    static <T> Reading<T> understood(T value, String remark, String instead) {
        return new Understood<>(value, List.of(new Remark(remark, instead)));
    }

    static <T> Reading<T> refused(String reason, int from, int to) {
        return new Refused<>(reason, new Span(from, to));
    }

    static <T> Reading<T> refused(String reason, String words) {
        return new Refused<>(reason, Span.all(words));
    }

    /** The value, if the words were understood. */
    default Optional<T> value() {
        return this instanceof Understood<T> understood ? Optional.of(understood.meaning()) : Optional.empty();
    }

    /** Notes beside an understood value; none otherwise. */
    default List<Remark> remarks() {
        return List.of();
    }

    /** The same reading of another value; questions and faults stay as they are. */
    default <R> Reading<R> map(Function<T, R> change) {
        if (this instanceof Understood<T> understood) {
            return new Understood<>(change.apply(understood.meaning()), understood.remarks());
        }
        if (this instanceof Unclear<T> unclear) {
            return new Unclear<>(unclear.question(), unclear.at(), unclear.choices());
        }
        Refused<T> refused = (Refused<T>) this;
        return new Refused<>(refused.reason(), refused.at());
    }
}
