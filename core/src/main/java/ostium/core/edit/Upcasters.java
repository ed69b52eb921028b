package ostium.core.edit;

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
 * </ol>
 */
final class Upcasters {
    static final int PRESENT = 2;

    private Upcasters() {}

    static ObjectNode bringUp(ObjectNode stored, int schema) {
        ObjectNode at = stored;
        if (schema < 2) {
            at = toSecond(at);
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
}
