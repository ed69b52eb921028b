package ostium.render;

import tools.jackson.databind.json.JsonMapper;

/** JSON that stands inside a page: nothing in it can end its script element. */
final class Json {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private Json() {}

    /** A string as JSON. */
    static String quoted(String words) {
        return inScript(MAPPER.writeValueAsString(words));
    }

    /** JSON without a {@code <}, as script elements need it (HTML 13.1.2, "restrictions on the contents of script elements"). */
    static String inScript(String json) {
        return json.replace("<", "\\u003c");
    }
}
