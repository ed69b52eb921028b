package ostium.core.format;

import java.util.ArrayList;
import java.util.List;
import ostium.core.base.Messages;
import ostium.core.format.LocalBusinessReader.Unreadable;
import tools.jackson.databind.JsonNode;

/**
 * JSON-LD being read, with its words at hand so that a fault names its line. Where one value is asked for, a list gives
 * its first; where many, one value is a list.
 */
record JsonSource(String source) {
    private static final Messages WORDS = Messages.of("format");

    /** What a thing is called by where a text would do. */
    private static final List<String> CALLED = List.of("@value", "name", "value", "url", "@id");

    /**
     * A text or a number; of a list the first; of a thing its value, its name, or what it is called by. Empty where there is none.
     *
     * @throws Unreadable for a thing that has none of these
     */
    String text(JsonNode value, String field) throws Unreadable {
        if (value.isMissingNode() || value.isNull() || value.isBoolean() || value.isArray() && value.isEmpty()) {
            return "";
        }
        if (value.isString() || value.isNumber()) {
            return value.asString().strip();
        }
        if (value.isArray()) {
            return text(value.get(0), field);
        }
        for (String called : CALLED) {
            if (value.has(called)) {
                return text(value.get(called), field);
            }
        }
        throw wrong(field, "text");
    }

    static JsonNode first(JsonNode value) {
        return value.isArray() && !value.isEmpty() ? value.get(0) : value;
    }

    static List<JsonNode> list(JsonNode value) {
        List<JsonNode> all = new ArrayList<>();
        if (value.isArray()) {
            value.forEach(all::add);
        } else if (!value.isMissingNode() && !value.isNull()) {
            all.add(value);
        }
        return all;
    }

    /** Texts, or the names of things, one or many. */
    List<String> names(JsonNode value, String field) throws Unreadable {
        List<String> names = new ArrayList<>();
        for (JsonNode each : list(value)) {
            String name = text(each, field);
            if (!name.isBlank()) {
                names.add(name);
            }
        }
        return names;
    }

    Unreadable wrong(String field, String wanted) {
        String key = field.substring(field.lastIndexOf('.') + 1);
        int at = source.indexOf("\"" + key + "\"");
        long line = 1
                + source.substring(0, Math.max(0, at))
                        .chars()
                        .filter(c -> c == '\n')
                        .count();
        return new Unreadable(WORDS.say("json.wrong", line, field, WORDS.say("json." + wanted)));
    }
}
