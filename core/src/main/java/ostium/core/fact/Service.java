package ostium.core.fact;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * One thing the business does for its customers.
 *
 * <p>Facets: the name; {@code lower} (the name inside a sentence); {@code price}; {@code time}.
 *
 * @param name what it is called, 1 to {@link #LONGEST_NAME} characters
 * @param summary one sentence about it in the owner's words, or empty
 * @param price what it costs, or null while the owner has not said
 * @param minutes how long it takes, or null
 * @param usual key of the trade's usual service it was taken from, or empty
 */
public record Service(String name, String summary, Price price, Integer minutes, String usual) implements FactValue {
    public static final int LONGEST_NAME = 90;

    public Service {
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(summary, "summary");
        Objects.requireNonNull(usual, "usual");
        if (minutes != null && (minutes < 1 || minutes > Minutes.LONGEST)) {
            throw new IllegalArgumentException("minutes " + minutes);
        }
    }

    @Override
    public List<String> facets() {
        return List.of("", "lower", "price", "time");
    }

    @Override
    public Optional<String> say(String facet) {
        return switch (facet) {
            case "" -> Optional.of(name);
            case "lower" -> Optional.of(lower());
            case "price" -> Optional.ofNullable(price).map(Price::say);
            case "time" -> Optional.ofNullable(minutes).map(ostium.core.fact.Minutes::say);
            default -> Optional.empty();
        };
    }

    /** The name as it stands inside a sentence; abbreviations and names of places keep their capitals. */
    private String lower() {
        boolean startsAsWord =
                name.length() > 1 && Character.isUpperCase(name.charAt(0)) && Character.isLowerCase(name.charAt(1));
        return startsAsWord ? Character.toLowerCase(name.charAt(0)) + name.substring(1) : name;
    }
}
