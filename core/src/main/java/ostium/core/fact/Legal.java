package ostium.core.fact;

import java.util.Optional;

/**
 * A line the law or a register asks for.
 *
 * @param kind what it is
 * @param words the name, number or line
 */
public record Legal(Kind kind, String words) implements FactValue {
    /** Kinds of legal lines, with the words before them on a page. */
    public enum Kind {
        NAME(""),
        NUMBER("Company number "),
        TAX("Tax number "),
        LINE("");

        private final String before;

        Kind(String before) {
            this.before = before;
        }
    }

    @Override
    public Optional<String> say(String facet) {
        return FactValue.only(facet, kind.before + words);
    }
}
