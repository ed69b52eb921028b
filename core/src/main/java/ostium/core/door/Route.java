package ostium.core.door;

import java.util.List;
import java.util.Map;

/**
 * Who is told of messages with a certain answer.
 *
 * @param field key of the field that is answered; empty for every message
 * @param answer the answer; one that the form no longer has is given by nobody
 * @param to mail addresses and telephone numbers, as typed
 */
public record Route(String field, String answer, List<String> to) {
    /** Most routes of a form. */
    public static final int MOST = 10;

    public Route {
        field = field == null ? "" : field.strip();
        answer = answer == null ? "" : answer.strip();
        to = to == null
                ? List.of()
                : to.stream().map(String::strip).filter(each -> !each.isEmpty()).toList();
    }

    /** Whether it stands for every message, whatever was answered. */
    public boolean takesAll() {
        return field.isEmpty();
    }

    /** @param answers by key of their field; several of one field with commas between */
    public boolean takes(Map<String, String> answers) {
        return takesAll() || (", " + answers.getOrDefault(field, "") + ", ").contains(", " + answer + ", ");
    }
}
