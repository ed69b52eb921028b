package ostium.render;

import java.util.Map;
import java.util.stream.Collectors;
import ostium.core.look.House;
import ostium.core.look.Look;

/**
 * The one stylesheet of a site: its letters and colours, what all houses share, the house, the places of its week, and
 * what its pictures keep.
 */
final class Stylesheet {
    private Stylesheet() {}

    /**
     * @param ornaments files of the house's ornaments by the name its stylesheet has for them
     * @param pictures rules that keep what matters of each picture
     */
    static String of(Look look, Map<String, String> ornaments, Hours hours, String pictures) {
        String roles = look.paint().roles().entrySet().stream()
                .map(role -> "--" + role.getKey() + ":" + role.getValue())
                .collect(Collectors.joining(";", ":root{", "}"));
        String house = sources(look.house());
        for (Map.Entry<String, String> ornament : ornaments.entrySet()) {
            house = house.replace("url(" + ornament.getKey() + ")", "url(" + ornament.getValue() + ")");
        }
        return Faces.css(look.types()) + roles + house + (hours == null ? "" : hours.css()) + pictures;
    }

    /** What a house is drawn with: what all houses share, and its own. */
    static String sources(House house) {
        return Resource.text("/ostium/houses/" + house.id() + ".css");
    }
}
