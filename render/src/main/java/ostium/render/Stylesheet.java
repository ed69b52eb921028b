package ostium.render;

import java.util.Map;
import java.util.stream.Collectors;
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
        String house = Resource.text("/ostium/houses/" + look.house().id() + ".css");
        for (Map.Entry<String, String> ornament : ornaments.entrySet()) {
            house = house.replace("url(" + ornament.getKey() + ")", "url(" + ornament.getValue() + ")");
        }
        return Faces.css(look.types())
                + minified(roles + "\n" + Resource.text("/ostium/houses/base.css") + "\n" + house + "\n"
                        + (hours == null ? "" : hours.css()) + pictures);
    }

    /** Comments and the white space of writing taken out; strings in our stylesheets hold neither. */
    private static String minified(String css) {
        return css.replaceAll("(?s)/\\*.*?\\*/", "")
                .replaceAll("\\s+", " ")
                .replaceAll("\\s*([{};,>])\\s*", "$1")
                .replaceAll(":\\s+", ":")
                .replace(";}", "}")
                .strip();
    }
}
