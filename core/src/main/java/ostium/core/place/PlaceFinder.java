package ostium.core.place;

import java.util.List;
import java.util.Optional;
import ostium.core.fact.Point;

/**
 * Knows places by name and by point. A real service would be asked over the network; the one that ships knows the demo
 * world only. Where it knows nothing, an address works as text and a point can be pasted.
 */
public interface PlaceFinder {
    /**
     * Places that begin with what has been typed, or sound like it, the best first.
     *
     * @param words an address or part of one, never null
     * @param country ISO 3166; places elsewhere are not looked for
     * @param most how many at most
     */
    List<FoundPlace> suggest(String words, String country, int most);

    /** The place an address means, if it is one of those that are known; never less exact than its words say. */
    Optional<FoundPlace> find(String address, String country);

    /** The nearest place to a point, if it lies where places are known. */
    Optional<FoundPlace> at(Point point);

    /** The map around a point as GeoJSON (RFC 7946), if there is one. */
    Optional<String> mapAround(Point point);
}
