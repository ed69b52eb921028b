package ostium.core.edit;

import java.util.List;
import java.util.Map;
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
 *   <li>a look has the colours themselves, not the name of a card; layouts are named for every house
 *   <li>doors are values: those an owner has set stand beside where messages go
 * </ol>
 */
final class Upcasters {
    static final int PRESENT = 5;

    private Upcasters() {}

    static ObjectNode bringUp(ObjectNode stored, int schema) {
        ObjectNode at = stored;
        if (schema < 2) {
            at = toSecond(at);
        }
        if (schema < 3) {
            toThird(at);
        }
        if (schema < 4) {
            toFourth(at);
        }
        if (schema < 5) {
            toFifth(at);
            at.put("schema", 5);
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

    private static final Map<String, String> LAYOUTS_OF_THIRD =
            Map.of("ticket", "beside", "bill", "across", "board", "rows", "stubs", "cards");

    /** The cards of the third schema: ground, ink, paint and trim. */
    private static final Map<String, List<String>> CARDS_OF_THIRD = Map.of(
            "soot-and-sulphur", List.of("#e9eae5", "#15181a", "#a5331b", "#f3be22"),
            "van-green", List.of("#ecf0ec", "#13201d", "#1c5a48", "#f2a03d"),
            "brick-and-lime", List.of("#f0eae2", "#221815", "#8c2f1b", "#c3d14b"),
            "slate-and-copper", List.of("#e6eaed", "#17202a", "#2a4f74", "#e9a15f"),
            "ink-and-lamp", List.of("#e9ebf1", "#181b33", "#2f3a9e", "#ffc93c"),
            "chalk-and-plum", List.of("#f1edee", "#231722", "#7a2456", "#f0b7a4"),
            "harbour", List.of("#e5edec", "#10242b", "#0e5a63", "#f4c95d"),
            "orchard", List.of("#efefe4", "#1e2014", "#57601a", "#f0a68e"));

    /** Every look and every layout, however deep they stand. */
    private static void toFourth(JsonNode node) {
        if (node instanceof ArrayNode array) {
            array.forEach(Upcasters::toFourth);
        } else if (node instanceof ObjectNode object) {
            String layout = LAYOUTS_OF_THIRD.get(object.path("layout").asString(""));
            if (layout != null) {
                object.put("layout", layout);
            }
            if (object.has("paintCard")) {
                lookToFourth(object);
            }
            object.forEach(Upcasters::toFourth);
        }
    }

    /** Until then no door could be set. */
    private static void toFifth(JsonNode node) {
        if (node instanceof ArrayNode array) {
            array.forEach(Upcasters::toFifth);
        } else if (node instanceof ObjectNode object) {
            if (object.get("doors") instanceof ObjectNode doors && !doors.has("set")) {
                doors.putArray("set");
            }
            object.forEach(Upcasters::toFifth);
        }
    }

    private static void lookToFourth(ObjectNode look) {
        String card = look.remove("paintCard").asString("");
        List<String> colours = CARDS_OF_THIRD.getOrDefault(card, CARDS_OF_THIRD.get("soot-and-sulphur"));
        look.putObject("mix")
                .put("ground", colours.get(0))
                .put("ink", colours.get(1))
                .put("paint", colours.get(2))
                .put("trim", colours.get(3));
        look.put("type", "").put("shape", "house").put("motion", "gentle").put("scene", "roofs");
    }
}
