package ostium.app.hosting;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads a posted form, every name with all its values, within bounds. */
final class PostedForm {
    /** Most bytes of all answers. */
    static final int MOST_BYTES = 64 * 1024;

    static final int MOST_FIELDS = 100;

    private PostedForm() {}

    /** Empty when the body is larger, holds more fields, or is of another type than a form of ours sends. */
    static Optional<Map<String, List<String>>> read(HttpServletRequest request) throws IOException {
        String type = request.getContentType();
        if (type == null || !type.startsWith("application/x-www-form-urlencoded")) {
            return Optional.empty();
        }
        byte[] body = request.getInputStream().readNBytes(MOST_BYTES + 1);
        if (body.length > MOST_BYTES) {
            return Optional.empty();
        }
        return read(new String(body, StandardCharsets.UTF_8));
    }

    /** The same of an encoded text, such as what stands behind the question mark of an address; null for none. */
    static Optional<Map<String, List<String>>> read(String text) {
        Map<String, List<String>> fields = new LinkedHashMap<>();
        if (text == null || text.isEmpty()) {
            return Optional.of(fields);
        }
        String[] pairs = text.split("&");
        if (pairs.length > MOST_FIELDS) {
            return Optional.empty();
        }
        try {
            for (String pair : pairs) {
                int at = pair.indexOf('=');
                String name = URLDecoder.decode(at < 0 ? pair : pair.substring(0, at), StandardCharsets.UTF_8);
                String value = at < 0 ? "" : URLDecoder.decode(pair.substring(at + 1), StandardCharsets.UTF_8);
                fields.computeIfAbsent(name, key -> new ArrayList<>()).add(value);
            }
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
        return Optional.of(fields);
    }
}
