package ostium.render;

import java.util.TreeMap;
import java.util.stream.Collectors;
import ostium.core.look.PaintCard;

/** The one stylesheet of a site: the colours of its look, the house, the places of its week, and what its pictures keep. */
final class Stylesheet {
    private Stylesheet() {}

    /** @param pictures rules that keep what matters of each picture */
    static String of(PaintCard paint, Hours hours, String pictures) {
        String roles = new TreeMap<>(paint.roles())
                .entrySet().stream()
                        .map(role -> "--" + role.getKey() + ":" + role.getValue())
                        .collect(Collectors.joining(";", ":root{", "}"));
        String house = Resource.text("/ostium/workshop/workshop.css");
        return minified(roles + "\n" + house + "\n" + (hours == null ? "" : hours.css()) + pictures);
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
