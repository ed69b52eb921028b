package ostium.core.look;

import java.util.List;
import java.util.stream.Stream;

/**
 * One or two families of letters that go together.
 *
 * @param id stable name
 * @param name what an owner reads: {@code Rokkitt and Archivo}
 * @param character how it speaks, in a few words an owner may use: {@code serif, round}
 * @param display family of headings and prices
 * @param text family of everything else; the same for a pair of one
 */
public record TypePair(String id, String name, List<String> character, Family display, Family text) {

    /**
     * A family as a stylesheet loads it.
     *
     * @param name its name in CSS
     * @param weight weight of headings set in it
     * @param scale how large it is set beside the sizes of a house, 1 as it is
     * @param tracking space between large letters, em
     * @param fallback what stands in until it is loaded
     * @param faces its files
     */
    public record Family(String name, int weight, double scale, double tracking, String fallback, List<Face> faces) {}

    /**
     * A file of a family.
     *
     * @param file name without {@code -latin} and ending
     * @param weights {@code 400} or {@code 100 900}
     * @param italic whether it is the italic
     * @param widths {@code 75% 100%}, or empty where it has one width
     */
    public record Face(String file, String weights, boolean italic, String widths) {
        public Face {
            widths = widths == null ? "" : widths;
        }
    }

    /** Every file it loads, each once. */
    public List<Face> faces() {
        return Stream.concat(display.faces().stream(), text.faces().stream())
                .distinct()
                .toList();
    }
}
