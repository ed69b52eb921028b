package ostium.render;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ostium.core.look.TypePair;

/** The files of a pair of families, as a page loads them: only the letters that occur are fetched. */
final class Faces {
    private static final String LATIN =
            "U+0000-00FF,U+0131,U+0152-0153,U+02BB-02BC,U+02C6,U+02DA,U+02DC,U+2000-206F,U+20AC,U+2122,U+2190-2193,U+2212,U+"
                    + "2215,U+FEFF,U+FFFD";
    private static final String FURTHER =
            "U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+1D00-1DBF,U+1E00-1E9F,U+1EF2-1EFF,U+20A0-20AB,U+2"
                    + "0AD-20C0,U+2113";

    private Faces() {}

    /** The files of headings and of running text. */
    static List<String> first(TypePair pair) {
        return Stream.of(pair.display(), pair.text())
                .map(family -> path(family.faces().get(0), "latin"))
                .distinct()
                .toList();
    }

    static List<RenderedFile> files(TypePair pair) {
        return pair.faces().stream()
                .flatMap(face -> Stream.of(path(face, "latin"), path(face, "latin-ext")))
                .map(path -> new RenderedFile(path, "font/woff2", Resource.bytes("/ostium/" + path)))
                .toList();
    }

    /** The rules that load the families, and the names a house uses them by. */
    static String css(TypePair pair) {
        String faces = Stream.of(pair.display(), pair.text())
                .distinct()
                .flatMap(family -> family.faces().stream()
                        .flatMap(face -> Stream.of(
                                rule(family, face, "latin", LATIN), rule(family, face, "latin-ext", FURTHER))))
                .distinct()
                .collect(Collectors.joining());
        TypePair.Family display = pair.display();
        return faces + ":root{--display:\"" + display.name() + "\"," + display.fallback() + ";--text:\""
                + pair.text().name() + "\"," + pair.text().fallback() + ";--dw:" + display.weight() + ";--ds:"
                + display.scale() + ";--dt:" + display.tracking() + "em}";
    }

    private static String rule(TypePair.Family family, TypePair.Face face, String letters, String range) {
        return "@font-face{font-family:\"" + family.name() + "\";src:url(" + path(face, letters)
                + ") format(\"woff2\");font-weight:" + face.weights() + ";font-style:"
                + (face.italic() ? "italic" : "normal")
                + (face.widths().isEmpty() ? "" : ";font-stretch:" + face.widths())
                + ";font-display:swap;unicode-range:"
                + range + "}";
    }

    private static String path(TypePair.Face face, String letters) {
        return "fonts/" + face.file() + "-" + letters + ".woff2";
    }
}
