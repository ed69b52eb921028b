package ostium.core.fact;

import java.util.Objects;

/**
 * One thing known about the business.
 *
 * @param id stable name of the fact, such as {@code telephone} or {@code service/chimney-sweep}
 * @param value what is known
 * @param state whether visitors may see it
 * @param origin how it came to be known; never a generator
 */
public record Fact<V extends FactValue>(String id, V value, State state, Origin origin) {

    /** A missing fact has no {@code Fact}; it is asked for instead. */
    public enum State {
        GIVEN,
        HIDDEN
    }

    /** Where a fact came from. */
    public enum Origin {
        TYPED,
        PASTED,
        IMPORTED,
        /** A trade's usual service or answer that the owner tapped. */
        FROM_TRADE
    }

    public Fact {
        if (id == null || id.isBlank()) {
            throw new IllegalArgumentException("id is blank");
        }
        Objects.requireNonNull(value, "value");
        Objects.requireNonNull(state, "state");
        Objects.requireNonNull(origin, "origin");
    }

    /** A fact the owner typed and visitors may see. */
    public static <V extends FactValue> Fact<V> typed(String id, V value) {
        return new Fact<>(id, value, State.GIVEN, Origin.TYPED);
    }

    /** This fact, known and not shown. */
    public Fact<V> hidden() {
        return new Fact<>(id, value, State.HIDDEN, origin);
    }
}
