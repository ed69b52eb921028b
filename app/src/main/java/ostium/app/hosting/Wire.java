package ostium.app.hosting;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import ostium.app.publishing.LiveSite.LiveFile;
import ostium.core.text.Sha256;
import ostium.render.SiteRenderer;

/** Writes answers of public hosts: compressed form, ETag, security headers. */
final class Wire {
    private static final String SITE_POLICY = "default-src 'none'; style-src 'self'; script-src 'self'; img-src 'self';"
            + " font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors ";

    private Wire() {}

    /** @param framedBy origin that may show the page in a frame, or {@code 'none'} */
    static void security(HttpServletResponse response, String framedBy) {
        response.setHeader("Content-Security-Policy", SITE_POLICY + framedBy);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "strict-origin-when-cross-origin");
    }

    static void file(HttpServletRequest request, HttpServletResponse response, LiveFile file) throws IOException {
        String accepted = request.getHeader("Accept-Encoding");
        byte[] body = file.plain();
        String etag = "\"" + file.etag() + "\"";
        if (file.gzip() != null) {
            response.setHeader("Vary", "Accept-Encoding");
            if (accepts(accepted, "br") && file.brotli() != null) {
                body = file.brotli();
                etag = "\"" + file.etag() + "-br\"";
                response.setHeader("Content-Encoding", "br");
            } else if (accepts(accepted, "gzip")) {
                body = file.gzip();
                etag = "\"" + file.etag() + "-gz\"";
                response.setHeader("Content-Encoding", "gzip");
            }
        }
        response.setHeader("ETag", etag);
        response.setHeader("Cache-Control", file.cacheControl());
        if (matches(request.getHeader("If-None-Match"), etag)) {
            response.setHeader("Content-Encoding", null);
            response.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
            return;
        }
        policy(response, file.contentType());
        response.setContentType(file.contentType());
        response.setContentLength(body.length);
        if (!request.getMethod().equals("HEAD")) {
            response.getOutputStream().write(body);
        }
    }

    private static boolean accepts(String header, String encoding) {
        if (header == null) {
            return false;
        }
        int at = header.indexOf(encoding);
        return at >= 0 && !header.startsWith(";q=0,", at + encoding.length()) && !header.endsWith(encoding + ";q=0");
    }

    private static boolean matches(String header, String etag) {
        return header != null && (header.equals("*") || header.contains(etag));
    }

    /** A file of a preview whose path tells what is in it: it never changes, but goes with the preview. */
    static void lasting(HttpServletResponse response, String type, byte[] body) throws IOException {
        policy(response, type);
        response.setStatus(HttpServletResponse.SC_OK);
        response.setHeader("Cache-Control", "private, max-age=3600");
        response.setContentType(type);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }

    /** Drawings style themselves and are shown by themselves; readers of PDF need no leave from a page. */
    private static void policy(HttpServletResponse response, String type) {
        if (type.equals("image/svg+xml")) {
            response.setHeader(
                    "Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'; img-src data:");
        } else if (type.equals("application/pdf")) {
            response.setHeader("Content-Security-Policy", "frame-ancestors 'none'");
        }
    }

    static void html(HttpServletResponse response, int status, String html) throws IOException {
        bytes(response, status, "text/html;charset=utf-8", html.getBytes(StandardCharsets.UTF_8));
    }

    static void json(HttpServletResponse response, int status, String json) throws IOException {
        bytes(response, status, "application/json", json.getBytes(StandardCharsets.UTF_8));
    }

    /** Something small that changes without a publication: asked for again and again, answered with nothing while it is the same. */
    static void changing(HttpServletRequest request, HttpServletResponse response, String type, String words)
            throws IOException {
        byte[] body = words.getBytes(StandardCharsets.UTF_8);
        String etag = "\"" + Sha256.hex(body).substring(0, 24) + "\"";
        response.setHeader("ETag", etag);
        response.setHeader("Cache-Control", "public, max-age=0, must-revalidate");
        if (matches(request.getHeader("If-None-Match"), etag)) {
            response.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
            return;
        }
        response.setContentType(type);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }

    static void refusal(HttpServletResponse response, Refusal refusal) throws IOException {
        plainPage(response, refusal.status(), refusal.heading(), refusal.says());
    }

    static void plainPage(HttpServletResponse response, int status, String title, String words) throws IOException {
        html(response, status, SiteRenderer.shipped().plainPage(title, words));
    }

    static void bytes(HttpServletResponse response, int status, String type, byte[] body) throws IOException {
        response.setStatus(status);
        response.setHeader("Cache-Control", "no-store");
        response.setContentType(type);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }

    /** One of our own files under {@code /_ostium/}; false when there is none of that name. */
    static boolean own(String path, HttpServletResponse response) throws IOException {
        String type = path.endsWith(".css") ? "text/css" : path.endsWith(".js") ? "text/javascript" : null;
        if (type == null || !path.matches("/_ostium/[a-z]+\\.(css|js)")) {
            return false;
        }
        try (InputStream in = Wire.class.getResourceAsStream("/ostium/hosting" + path.substring("/_ostium".length()))) {
            if (in == null) {
                return false;
            }
            byte[] body = in.readAllBytes();
            response.setHeader("Cache-Control", "private, max-age=300");
            response.setContentType(type + ";charset=utf-8");
            response.setContentLength(body.length);
            response.getOutputStream().write(body);
            return true;
        }
    }
}
