package ostium.app.hosting;

import jakarta.servlet.http.HttpServletRequest;

/** Where a post to a public site comes from. */
final class SentFrom {
    private SentFrom() {}

    /** Whether it is sent by a page of another site. Browsers say where a post comes from; where they do not, it is taken. */
    static boolean elsewhere(HttpServletRequest request) {
        String fetchSite = request.getHeader("Sec-Fetch-Site");
        if (fetchSite != null && !fetchSite.equals("same-origin") && !fetchSite.equals("none")) {
            return true;
        }
        String origin = request.getHeader("Origin");
        return origin != null && !origin.replaceFirst("^https?://", "").equals(request.getHeader("Host"));
    }
}
