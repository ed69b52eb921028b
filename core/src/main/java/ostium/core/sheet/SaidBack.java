package ostium.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ostium.core.base.Listing;
import ostium.core.base.Messages;
import ostium.core.fact.Area;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.fact.Telephone;

/** What was understood of a line, said back to the owner beside it where that is more than the value itself. */
final class SaidBack {
    private static final Messages WORDS = Messages.of("sheet");

    private SaidBack() {}

    static String of(Point point) {
        return WORDS.say(
                "said.point." + point.accuracy().name().toLowerCase(Locale.ROOT),
                point.say("").orElse(""));
    }

    /** The places one by one while they are few. */
    static String of(Area area) {
        int places = area.places().size();
        return area.radius() > 0 || places < 2
                ? area.say("").orElse("")
                : WORDS.say("said.places", Listing.number(places));
    }

    static String of(Place place) {
        List<String> parts = new ArrayList<>();
        if (!place.street().isBlank()) {
            parts.add(place.street());
        }
        if (!place.town().isBlank()) {
            parts.add(WORDS.say("said.town", place.town()));
        }
        if (!place.postcode().isBlank()) {
            parts.add(WORDS.say("said.postcode", place.postcode()));
        }
        return String.join(" · ", parts);
    }

    static String of(Telephone telephone) {
        return WORDS.say("said.telephone", telephone.international());
    }
}
