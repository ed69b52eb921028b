package ostium.core.picture;

import ostium.core.base.Messages;

/** How large a file may be. Said before one is given, and again when one is turned away. */
public final class FileLimits {
    /** Bytes of a picture as it is given. */
    public static final long PICTURE_BYTES = 20_000_000;

    /** Bytes of a PDF. */
    public static final long DOCUMENT_BYTES = 10_000_000;

    /** Bytes of a drawing. */
    public static final long DRAWING_BYTES = 500_000;

    /** Pixels of a picture as it is given: more would not fit in the memory of a small server. */
    public static final long PIXELS = 50_000_000;

    /** Longest side of a picture as it is kept, in pixels. */
    public static final int LONGEST_SIDE = 4096;

    private FileLimits() {}

    /** The limits in a sentence. */
    public static String words() {
        return Messages.of("picture").say("limits");
    }
}
