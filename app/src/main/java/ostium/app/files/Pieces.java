package ostium.app.files;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Bytes in pieces that fit in a packet of the database. */
public final class Pieces {
    /** Bytes of a piece. */
    static final int SIZE = 512 * 1024;

    private Pieces() {}

    public static List<byte[]> of(byte[] bytes) {
        List<byte[]> pieces = new ArrayList<>();
        for (int at = 0; at < bytes.length; at += SIZE) {
            pieces.add(Arrays.copyOfRange(bytes, at, Math.min(bytes.length, at + SIZE)));
        }
        return pieces;
    }

    public static byte[] joined(List<byte[]> pieces) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        pieces.forEach(bytes::writeBytes);
        return bytes.toByteArray();
    }
}
