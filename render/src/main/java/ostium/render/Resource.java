package ostium.render;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import ostium.core.text.Sha256;

/** Files that ship with this module, read once. */
final class Resource {
    private static final Map<String, byte[]> READ = new ConcurrentHashMap<>();
    private static final Map<String, Boolean> THERE = new ConcurrentHashMap<>();

    private Resource() {}

    static byte[] bytes(String path) {
        return READ.computeIfAbsent(path, Resource::load);
    }

    static String text(String path) {
        return new String(bytes(path), StandardCharsets.UTF_8);
    }

    static boolean exists(String path) {
        return THERE.computeIfAbsent(path, asked -> Resource.class.getResource(asked) != null);
    }

    /** First twelve hexadecimal digits of the SHA-256 of some bytes: enough to tell versions apart. */
    static String hash(byte[] bytes) {
        return Sha256.hex(bytes).substring(0, 12);
    }

    private static byte[] load(String path) {
        try (InputStream in = Resource.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException(path + " is missing");
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(path, e);
        }
    }
}
