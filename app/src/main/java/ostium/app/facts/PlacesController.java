package ostium.app.facts;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.site.SiteAccess;
import ostium.app.site.SiteService;
import ostium.app.web.Problem;
import ostium.core.fact.Area;
import ostium.core.fact.Facts;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.fact.Point.Accuracy;
import ostium.core.place.FoundPlace;
import ostium.core.place.PlaceFinder;

/** Places while an owner types an address or moves a point, and whether a business comes to one. */
@RestController
class PlacesController {
    private static final int MOST = 6;

    private final PlaceFinder places;
    private final SiteService sites;
    private final SiteAccess access;

    PlacesController(PlaceFinder places, SiteService sites, SiteAccess access) {
        this.places = places;
        this.sites = sites;
        this.access = access;
    }

    /** @param accuracy HOUSE, STREET or TOWN */
    record PlaceView(String address, String town, double latitude, double longitude, String accuracy) {
        static PlaceView of(FoundPlace place) {
            return new PlaceView(
                    place.address(),
                    place.town(),
                    place.point().latitude(),
                    place.point().longitude(),
                    place.point().accuracy().name());
        }
    }

    /**
     * @param answer YES, NO or ASK
     * @param metres how far it is from the business, or null where either is not known
     */
    record ComesToView(
            String answer,

            @io.swagger.v3.oas.annotations.media.Schema(types = {"number", "null"})
            Double metres) {}

    @GetMapping("/api/places")
    List<PlaceView> suggest(
            @RequestParam(defaultValue = "") String words, @RequestParam(defaultValue = "GB") String country) {
        return places.suggest(words, country, MOST).stream().map(PlaceView::of).toList();
    }

    @GetMapping("/api/places/at")
    List<PlaceView> at(@RequestParam double latitude, @RequestParam double longitude) {
        return places.at(point(latitude, longitude)).stream().map(PlaceView::of).toList();
    }

    @GetMapping(path = "/api/places/map", produces = "application/geo+json")
    ResponseEntity<String> map(@RequestParam double latitude, @RequestParam double longitude) {
        return places.mapAround(point(latitude, longitude))
                .map(map -> ResponseEntity.ok()
                        .contentType(MediaType.parseMediaType("application/geo+json"))
                        .body(map))
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    private static Point point(double latitude, double longitude) {
        try {
            return new Point(latitude, longitude, Accuracy.HOUSE);
        } catch (IllegalArgumentException e) {
            throw new Problem(HttpStatus.BAD_REQUEST, "point", "point.none");
        }
    }

    /** "Do you come to …?", as a visitor would ask it. */
    @GetMapping("/api/sites/{id}/comes-to")
    ComesToView comesTo(
            @PathVariable String id, @RequestParam(defaultValue = "") String place, HttpServletRequest request) {
        Facts facts =
                sites.read(sites.state(access.require(id, request))).brief().facts();
        Optional<Point> there = places.find(place, facts.region()).map(FoundPlace::point);
        Optional<Point> base = base(facts);
        Double metres = there.isPresent() && base.isPresent() ? base.get().metresTo(there.get()) : null;
        String answer = facts.byId("area")
                .map(area -> ((Area) area.value()).comesTo(place, there, base).name())
                .orElse(Area.Answer.ASK.name());
        return new ComesToView(answer, metres);
    }

    /** The point of the business: the one given, or that of its address. */
    private Optional<Point> base(Facts facts) {
        return facts.byId("point")
                .map(point -> (Point) point.value())
                .or(() -> facts.byId("place")
                        .flatMap(place -> places.find(
                                String.join(
                                        ", ",
                                        ((Place) place.value())
                                                .shown(Place.Visibility.WHOLE)
                                                .lines()),
                                facts.region()))
                        .map(FoundPlace::point));
    }
}
