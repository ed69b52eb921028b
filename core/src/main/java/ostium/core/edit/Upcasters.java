package ostium.core.edit;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings stored JSON of older schemas to the present one, a step at a time. A step is never changed once data of its
 * schema exist; a fixture of each old schema is kept in the tests for ever.
 *
 * <ol>
 *   <li>a sheet only; rows of services had no ids, and every site was drawn anew from its facts
 *   <li>facts, document, look and doors; rows of services have ids
 *   <li>the plain lines of a sheet stand in a map by their names; there are rows of other kinds
 * </ol>
 */
final class Upcasters {
    static final int PRESENT = 3;

    private Upcasters() {}

    static ObjectNode bringUp(ObjectNode stored, int schema) {
        ObjectNode at = stored;
        if (schema < 2) {
            at = toSecond(at);
        }
        if (schema < 3) {
            toThird(at);
        }
        return at;
    }

    /** The id a row had as a fact then was its usual key; rows of the owner's own get theirs from the sheet. */
    private static ObjectNode toSecond(ObjectNode stored) {
        JsonNode services = stored.path("sheet").path("services");
        if (services instanceof ArrayNode rows) {
            for (JsonNode row : rows) {
                if (row instanceof ObjectNode service && !service.has("id")) {
                    service.put("id", service.path("usual").asString(""));
                }
            }
        }
        stored.putNull("site");
        stored.putNull("look");
        stored.putNull("doors");
        stored.put("schema", 2);
        return stored;
    }

    private static final List<String> PLAIN_OF_SECOND = List.of(
            "trade",
            "name",
            "place",
            "area",
            "telephone",
            "email",
            "hours",
            "person",
            "founded",
            "promise",
            "words",
            "goal");

    /** Every sheet in a state or an entry of the log, however deep it stands. */
    private static void toThird(ObjectNode stored) {
        if (stored.get("sheet") instanceof ObjectNode sheet && !sheet.has("lines")) {
            ObjectNode lines = sheet.putObject("lines");
            for (String line : PLAIN_OF_SECOND) {
                if (sheet.has(line)) {
                    lines.set(line, sheet.remove(line));
                }
            }
            if (sheet.remove("membership") instanceof ObjectNode membership) {
                membership.properties().forEach(part -> lines.set("membership/" + part.getKey(), part.getValue()));
            }
        }
        stored.forEach(Upcasters::inside);
        stored.put("schema", 3);
    }

    private static void inside(JsonNode node) {
        if (node instanceof ObjectNode object) {
            if (object.has("sheet")) {
                toThird(object);
                object.remove("schema");
            } else {
                object.forEach(Upcasters::inside);
            }
        } else if (node instanceof ArrayNode array) {
            array.forEach(Upcasters::inside);
        }
    }
}
