package ostium.app.hosting;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.IDN;
import java.util.Locale;
import java.util.Optional;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import ostium.app.web.Origins;

/**
 * Stands before sessions and security: requests for any host but the editor's are answered here, and never see either.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class PublicHosts extends HttpFilter {
    private static final long serialVersionUID = 1L;
    private final transient Origins origins;
    private final transient SitePages pages;
    private final transient PreviewPages previews;
    private final transient ListVisit list;
    private final transient WordsVisit words;

    PublicHosts(Origins origins, SitePages pages, PreviewPages previews, ListVisit list, WordsVisit words) {
        this.origins = origins;
        this.pages = pages;
        this.previews = previews;
        this.list = list;
        this.words = words;
    }

    @Override
    protected void doFilter(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        String host = normal(request.getServerName());
        if (request.isSecure()) {
            response.setHeader("Strict-Transport-Security", "max-age=31536000");
        }
        if (origins.isEditor(host)) {
            answerBesideEditor(request, response, chain);
        } else if (host.equals(origins.host(Origins.PREVIEW))) {
            previews.answer(request, response);
        } else {
            pages.answer(host, request, response);
        }
    }

    /** Links of mails hold on this host too, for sites that are not public. */
    private void answerBesideEditor(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        String path = request.getRequestURI();
        if (WordsVisit.isAt(path)) {
            Wire.security(response, "'none'");
            words.answer(request, response);
        } else if (ListVisit.isAt(path)) {
            Wire.security(response, "'none'");
            list.answer(Optional.empty(), request, response);
        } else if (!path.startsWith("/_ostium/") || !Wire.own(path, response)) {
            chain.doFilter(request, response);
        }
    }

    /** Lower case, without a dot at the end, in Punycode; the port is not part of a server name. */
    private static String normal(String host) {
        String plain = host.toLowerCase(Locale.ROOT).replaceFirst("\\.$", "");
        try {
            return IDN.toASCII(plain, IDN.ALLOW_UNASSIGNED);
        } catch (IllegalArgumentException e) {
            return plain;
        }
    }
}
