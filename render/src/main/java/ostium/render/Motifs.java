package ostium.render;

/** The small drawings that stand for trades ({@code motifs/LICENCES.md} says where they come from). */
public final class Motifs {
    private static final String NONE = "door";

    private Motifs() {}

    /** The drawing of a motif, as SVG in {@code currentColor}; a door for one that is not there. */
    public static String svg(String motif) {
        String path = "/ostium/motifs/" + motif + ".svg";
        return Resource.text(Resource.exists(path) ? path : "/ostium/motifs/" + NONE + ".svg")
                .strip();
    }
}
