package ostium.render;

import gg.jte.ContentType;
import gg.jte.TemplateEngine;
import gg.jte.output.StringOutput;
import java.util.Map;
import ostium.core.site.Section;

/** The templates of pages and sections, compiled into this module: {@code section/services.jte} draws services. */
public final class Templates {
    private static final TemplateEngine ENGINE = TemplateEngine.createPrecompiled(
            null, ContentType.Html, Templates.class.getClassLoader(), "ostium.render.page");

    private Templates() {}

    /** A template with its parameters, as HTML. */
    public static String html(String template, Map<String, Object> parameters) {
        StringOutput output = new StringOutput(32_768);
        ENGINE.render(template, parameters, output);
        return output.toString();
    }

    /**
     * A section, drawn by the template of its kind.
     *
     * @throws gg.jte.TemplateNotFoundException if there is none: no section is ever left blank in silence
     */
    static String section(PageModel page, Section section) {
        return html("section/" + section.kind().id() + ".jte", Map.of("page", page, "section", section));
    }
}
