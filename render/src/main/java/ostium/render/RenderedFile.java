package ostium.render;

import java.nio.charset.StandardCharsets;

/**
 * One file of a rendered site.
 *
 * @param path relative to the root of the site, such as {@code index.html}
 * @param contentType media type, with charset where it is text
 * @param bytes its content
 */
public record RenderedFile(String path, String contentType, byte[] bytes) {
    static RenderedFile text(String path, String contentType, String content) {
        return new RenderedFile(path, contentType + ";charset=utf-8", content.getBytes(StandardCharsets.UTF_8));
    }

    public String text() {
        return new String(bytes, StandardCharsets.UTF_8);
    }
}
