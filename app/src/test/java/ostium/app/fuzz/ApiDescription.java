package ostium.app.fuzz;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** What the API says it takes: its operations, each with the schema of its body. */
final class ApiDescription {
    /** These end what the others need: the session, or the site. */
    private static final Set<String> LEFT_OUT = Set.of("DELETE /api/session", "DELETE /api/sites/{id}");

    private final JsonNode root;
    private final List<Operation> operations = new ArrayList<>();

    /**
     * One operation.
     *
     * @param path with variables in braces
     * @param query names of what may follow the question mark, with their schemas
     * @param body schema of the body; null for none
     * @param isJson whether the body is JSON
     */
    record Operation(String method, String path, Map<String, JsonNode> query, JsonNode body, boolean isJson) {}

    ApiDescription(JsonNode root) {
        this.root = root;
        root.path("paths")
                .propertyStream()
                .forEach(path -> path.getValue()
                        .propertyStream()
                        .forEach(method -> add(method.getKey().toUpperCase(), path.getKey(), method.getValue())));
    }

    private void add(String method, String path, JsonNode said) {
        if (LEFT_OUT.contains(method + " " + path)) {
            return;
        }
        Map<String, JsonNode> query = new HashMap<>();
        said.path("parameters").forEach(parameter -> {
            if (parameter.path("in").asString().equals("query")) {
                query.put(parameter.path("name").asString(), parameter.path("schema"));
            }
        });
        JsonNode json = said.at("/requestBody/content/application~1json/schema");
        operations.add(new Operation(method, path, query, json.isMissingNode() ? null : json, true));
    }

    List<Operation> operations() {
        return List.copyOf(operations);
    }

    /** A schema with what it refers to in its place. */
    JsonNode resolved(JsonNode schema) {
        String reference = schema.path("$ref").asString("");
        return reference.isEmpty() ? schema : resolved(root.at(reference.substring(1)));
    }
}
