package ostium.app.publishing;

import com.aayushatharva.brotli4j.Brotli4jLoader;
import com.aayushatharva.brotli4j.encoder.Encoder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.zip.Deflater;
import java.util.zip.GZIPOutputStream;

/** Compresses once, when a version is published, as hard as it can. */
final class Compression {
    static {
        Brotli4jLoader.ensureAvailability();
    }

    private Compression() {}

    static byte[] gzip(byte[] plain) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(out) {
            {
                def.setLevel(Deflater.BEST_COMPRESSION);
            }
        }) {
            gzip.write(plain);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    static byte[] brotli(byte[] plain) {
        try {
            return Encoder.compress(plain, new Encoder.Parameters().setQuality(11));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Fonts and photographs are compressed already. */
    static boolean helps(String contentType) {
        return contentType.startsWith("text/") || contentType.contains("xml") || contentType.contains("json");
    }
}
