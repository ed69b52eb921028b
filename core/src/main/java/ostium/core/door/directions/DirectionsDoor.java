package ostium.core.door.directions;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.text.UriText;
import ostium.core.trade.Goal;

/**
 * The way there, on a map that opens on every device. It is never more exact than what visitors may know of the place: the
 * point where all of it is shown, else its words.
 */
public final class DirectionsDoor extends DoorDescriptor {
    public static final DoorKind KIND = new DoorKind("directions");

    public DirectionsDoor() {
        super(KIND);
    }

    private static List<String> lines(Premises premises) {
        return premises.facts().one(Place.class).map(Place::lines).orElse(List.of());
    }

    private static Optional<Point> point(Premises premises) {
        return premises.facts()
                .one(Place.class)
                .filter(place -> place.visibility() == Place.Visibility.WHOLE)
                .flatMap(place -> premises.facts().one(Point.class));
    }

    @Override
    protected Optional<String> lacks(Premises premises) {
        return lines(premises).isEmpty() ? Optional.of("place") : Optional.empty();
    }

    @Override
    public Optional<String> address(Premises premises, String opening) {
        if (lines(premises).isEmpty()) {
            return Optional.empty();
        }
        return point(premises)
                .map(point -> String.format(
                        Locale.ROOT,
                        "https://www.openstreetmap.org/?mlat=%1$.5f&mlon=%2$.5f#map=17/%1$.5f/%2$.5f",
                        point.latitude(),
                        point.longitude()))
                .or(() -> Optional.of("https://www.openstreetmap.org/search?query="
                        + UriText.encoded(String.join(", ", lines(premises)))));
    }

    @Override
    public String leadsTo(Premises premises) {
        return String.join(", ", lines(premises));
    }

    @Override
    public Optional<String> line() {
        return Optional.of("place");
    }

    @Override
    public Optional<Goal> goal() {
        return Optional.of(Goal.VISIT);
    }

    @Override
    public boolean keepsHours() {
        return false;
    }

    @Override
    public boolean canStandIn() {
        return false;
    }
}
