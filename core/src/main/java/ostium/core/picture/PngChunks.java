package ostium.core.picture;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;

/**
 * The chunks of a PNG (W3C, second edition, 5.3) that it takes to draw it. All else can hold words that grow a thousandfold when
 * they are read, and nothing else is done with it.
 */
final class PngChunks {
    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
    private static final Set<String> DRAWN =
            Set.of("IHDR", "PLTE", "IDAT", "IEND", "tRNS", "gAMA", "cHRM", "sRGB", "sBIT", "bKGD", "pHYs");

    /** Length, type and check sum. */
    private static final int AROUND = 12;

    private PngChunks() {}

    /** The same picture without anything but what is drawn; as it is where it is no PNG, and up to where it is damaged. */
    static byte[] drawn(byte[] bytes) {
        if (bytes.length < SIGNATURE.length || !Arrays.equals(SIGNATURE, Arrays.copyOf(bytes, SIGNATURE.length))) {
            return bytes;
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream(bytes.length);
        out.write(bytes, 0, SIGNATURE.length);
        int at = SIGNATURE.length;
        while (at + AROUND <= bytes.length) {
            int length = ByteBuffer.wrap(bytes, at, 4).getInt();
            String type = new String(bytes, at + 4, 4, StandardCharsets.ISO_8859_1);
            boolean cut = length < 0 || length > bytes.length - at - AROUND;
            int whole = cut ? bytes.length - at : AROUND + length;
            if (DRAWN.contains(type)) {
                out.write(bytes, at, whole);
            }
            at += whole;
        }
        return out.toByteArray();
    }
}
