package ostium.render;

import ostium.core.brief.Brief;
import ostium.core.format.LocalBusiness;

/** The business as schema.org JSON-LD, escaped for its script element. */
final class JsonLd {
    private JsonLd() {}

    static String of(Brief brief, String url) {
        return Json.inScript(LocalBusiness.json(brief, url));
    }
}
