package ostium.core.fact;

import java.util.Optional;
import ostium.core.base.Messages;

/**
 * A line the law or a register asks for.
 *
 * @param kind what it is
 * @param words the name, number or line
 */
public record Legal(Kind kind, String words) implements FactValue {
    private static final Messages WORDS = Messages.of("fact");

    /** Kinds of legal lines. */
    public enum Kind {
        NAME,
        NUMBER,
        TAX,
        LINE
    }

    @Override
    public Optional<String> say(String facet) {
        return FactValue.only(
                facet,
                switch (kind) {
                    case NUMBER -> WORDS.say("legal.number", words);
                    case TAX -> WORDS.say("legal.tax", words);
                    case NAME, LINE -> words;
                });
    }
}
