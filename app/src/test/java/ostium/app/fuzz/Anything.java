package ostium.app.fuzz;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** Values of a schema, mostly as it says, some of them not. The same seed gives the same values for the same answers. */
final class Anything {
    private static final int DEEPEST = 7;
    private static final int MOST_KNOWN = 400;

    private static final List<String> STRINGS = List.of(
            "",
            " ",
            "a",
            "Ashlatch",
            "2026-12-24",
            "2026-02-30",
            "10:00",
            "25:61",
            "P1D",
            "Mon-Fri 9-5",
            "closed",
            "07700 900461",
            "ada@ashlatch.example",
            "@",
            "http://ashlatch.example/a]b\\c",
            "javascript:alert(1)",
            "../../etc/passwd",
            "<script>alert(1)</script>",
            "'; drop table site; --",
            "{0} {1} {",
            "%00",
            "\u0000",
            "\u202e\u2066",
            "👨‍👩‍👧‍👦",
            "\ud83d",
            "İıſ",
            "ﬁ\u0301\u0301\u0301",
            "-1",
            "1e999",
            "NaN",
            "true",
            "null",
            "[]",
            "=1+1",
            "\t".repeat(3_000),
            "x".repeat(20_001),
            "1, ".repeat(2_000),
            "((((((((((((((((((((",
            "\r\nBcc: x@y");

    private final Random random;
    private final ApiDescription api;
    private final List<String> known = new ArrayList<>();

    Anything(long seed, ApiDescription api) {
        this.random = new Random(seed);
        this.api = api;
    }

    int below(int bound) {
        return random.nextInt(bound);
    }

    <T> T oneOf(List<T> some) {
        return some.get(random.nextInt(some.size()));
    }

    /** Remembers ids an answer has, so that later requests name what there is. */
    void learn(JsonNode answer) {
        if (answer.isObject()) {
            answer.propertyStream().forEach(part -> {
                if (part.getValue().isString() && part.getValue().asString().length() < 80) {
                    remember(part.getValue().asString());
                } else {
                    learn(part.getValue());
                }
            });
        } else if (answer.isArray()) {
            answer.forEach(this::learn);
        }
    }

    private void remember(String value) {
        if (known.size() < MOST_KNOWN) {
            known.add(value);
        } else if (random.nextInt(10) == 0) {
            known.set(random.nextInt(MOST_KNOWN), value);
        }
    }

    String word() {
        return known.isEmpty() || random.nextInt(3) == 0 ? oneOf(STRINGS) : oneOf(known);
    }

    static String encoded(String value) {
        return URLEncoder.encode(value, StandardCharsets.UTF_8).replace("+", "%20");
    }

    /** A path with its variables filled in, and what follows the question mark. */
    String path(ApiDescription.Operation operation, String site) {
        StringBuilder path = new StringBuilder();
        for (String part : operation.path().split("/", -1)) {
            String filled = part;
            while (filled.contains("{")) {
                int from = filled.indexOf('{');
                int to = filled.indexOf('}');
                String name = filled.substring(from + 1, to);
                String value = name.equals("id") && random.nextInt(40) != 0 ? site : cut(word());
                filled = filled.substring(0, from) + encoded(value) + filled.substring(to + 1);
            }
            path.append('/').append(filled);
        }
        String query = operation.query().entrySet().stream()
                .filter(each -> random.nextInt(10) != 0)
                .map(each -> each.getKey() + "=" + encoded(cut(String.valueOf(value(each.getValue(), DEEPEST)))))
                .collect(Collectors.joining("&"));
        return path.substring(1) + (query.isEmpty() ? "" : "?" + query);
    }

    private static String cut(String value) {
        return value.length() > 1_500 ? value.substring(0, 1_500) : value;
    }

    Object body(ApiDescription.Operation operation) {
        return random.nextInt(50) == 0 ? wrong() : value(operation.body(), 0);
    }

    private Object value(JsonNode said, int depth) {
        JsonNode schema = api.resolved(said);
        if (random.nextInt(40) == 0) {
            return wrong();
        }
        if (schema.has("oneOf")) {
            List<JsonNode> choices = new ArrayList<>();
            schema.path("oneOf").forEach(choices::add);
            return value(oneOf(choices), depth);
        }
        if (schema.has("allOf")) {
            Map<String, Object> all = new LinkedHashMap<>();
            schema.path("allOf").forEach(part -> {
                if (value(part, depth + 1) instanceof Map<?, ?> some) {
                    some.forEach((key, each) -> all.put((String) key, each));
                }
            });
            return all;
        }
        if (schema.has("enum")) {
            List<JsonNode> choices = new ArrayList<>();
            schema.path("enum").forEach(choices::add);
            return oneOf(choices).asString();
        }
        return switch (schema.path("type").asString("object")) {
            case "string" -> word();
            case "integer" -> number();
            case "number" -> random.nextBoolean() ? random.nextDouble() * 180 - 90 : number();
            case "boolean" -> random.nextBoolean();
            case "array" -> array(schema.path("items"), depth);
            default -> object(schema, depth);
        };
    }

    private long number() {
        return switch (random.nextInt(6)) {
            case 0 -> -1;
            case 1 -> Long.MAX_VALUE;
            case 2 -> Integer.MIN_VALUE;
            default -> random.nextInt(100);
        };
    }

    private List<Object> array(JsonNode items, int depth) {
        int size = depth >= DEEPEST ? 0 : random.nextInt(4);
        List<Object> all = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            all.add(value(items, depth + 1));
        }
        return all;
    }

    private Map<String, Object> object(JsonNode schema, int depth) {
        Map<String, Object> all = new LinkedHashMap<>();
        if (depth >= DEEPEST) {
            return all;
        }
        schema.path("properties").propertyStream().forEach(property -> {
            if (random.nextInt(30) != 0) {
                all.put(property.getKey(), value(property.getValue(), depth + 1));
            }
        });
        JsonNode more = schema.path("additionalProperties");
        if (more.isObject()) {
            all.put(word(), value(more, depth + 1));
        }
        return all;
    }

    private Object wrong() {
        return switch (random.nextInt(6)) {
            case 0 -> null;
            case 1 -> List.of(List.of());
            case 2 -> Map.of("kind", word());
            case 3 -> number();
            case 4 -> true;
            default -> oneOf(STRINGS);
        };
    }
}
