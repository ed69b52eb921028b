package ostium.core.place;

import java.util.Objects;
import ostium.core.fact.Point;

/**
 * A place that was found.
 *
 * @param address as it would be typed: {@code 3 Net Loft, Quillhaven QH1 2NL}
 * @param town the town or village it is in
 * @param point where it lies, and how exactly that is known
 */
public record FoundPlace(String address, String town, Point point) {
    public FoundPlace {
        Objects.requireNonNull(address, "address");
        Objects.requireNonNull(town, "town");
        Objects.requireNonNull(point, "point");
    }
}
