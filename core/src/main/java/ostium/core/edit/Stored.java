package ostium.core.edit;

import java.util.List;
import ostium.core.base.Messages;
import ostium.core.site.Node;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * States and edits as they are stored: JSON with the number of its schema. What an older schema wrote is brought up by
 * {@link Upcasters} when it is read.
 */
public final class Stored {
    private static final Messages WORDS = Messages.of("edit");

    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private Stored() {}

    /** An entry of the log: an edit with what takes it back. */
    public record Entry(Edit edit, Edit inverse) {}

    /** What was stored cannot be read here; the message says why, in words for the owner. */
    public static final class Unreadable extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unreadable(String message, Throwable cause) {
            super(message, cause);
        }
    }

    public static String write(State state) {
        return numbered(JSON.valueToTree(state));
    }

    public static String write(Entry entry) {
        return numbered(JSON.valueToTree(entry));
    }

    /** @throws Unreadable if it is damaged, or of a schema that is not known here */
    public static State readState(String json) {
        return read(json, State.class);
    }

    /** @throws Unreadable if it is damaged, or of a schema that is not known here */
    public static Entry readEntry(String json) {
        return read(json, Entry.class);
    }

    /** Words alone, as JSON. */
    public static String writeTree(List<Node> tree) {
        return JSON.writerFor(new TypeReference<List<Node>>() {}).writeValueAsString(tree);
    }

    /** Words alone, as {@link #writeTree} wrote them. */
    public static List<Node> readTree(String json) {
        return JSON.readValue(json, new TypeReference<List<Node>>() {});
    }

    /**
     * An edit as somebody sends it.
     *
     * @throws EditRefused if it is not one
     */
    public static Edit readEdit(String json) {
        try {
            return JSON.readValue(json, Edit.class);
        } catch (JacksonException | NullPointerException e) {
            throw EditRefused.saying("stored.thisEditCannotBeRead");
        }
    }

    private static String numbered(ObjectNode tree) {
        ObjectNode numbered = JSON.createObjectNode();
        numbered.put("schema", Upcasters.PRESENT);
        numbered.setAll(tree);
        return numbered.toString();
    }

    private static <T> T read(String json, Class<T> type) {
        try {
            JsonNode tree = JSON.readTree(json);
            int schema = tree.path("schema").asInt(0);
            if (schema < 1 || schema > Upcasters.PRESENT) {
                throw new Unreadable(
                        "This site was written by another version of Ostium (schema " + schema
                                + "), which this one cannot read. Nothing was changed.",
                        null);
            }
            return JSON.treeToValue(Upcasters.bringUp((ObjectNode) tree, schema), type);
        } catch (JacksonException | ClassCastException e) {
            throw new Unreadable(WORDS.say("stored.whatIsStoredOfThis"), e);
        }
    }
}
