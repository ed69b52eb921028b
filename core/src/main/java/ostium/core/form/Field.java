package ostium.core.form;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One field of a form.
 *
 * @param key name in the posted form
 * @param label what is asked; for {@link FieldKind#CONSENT} what is agreed to
 * @param help a line beneath it, or empty
 * @param longest most characters, NFC
 * @param options for kinds that have any
 * @param condition when it is asked; null for always
 */
public record Field(
        String key,
        String label,
        String help,
        FieldKind kind,
        boolean required,
        int longest,
        List<String> options,
        Condition condition) {

    /** The answer to yes or no. */
    public static final String YES = "Yes";

    public static final String NO = "No";

    /**
     * A field is asked only with a certain answer to an earlier one.
     *
     * @param key of the earlier field
     * @param answer the answer that brings it
     */
    public record Condition(String key, String answer) {}

    public Field {
        help = help == null ? "" : help.strip();
        label = label.strip();
        longest = longest <= 0 ? kind.longest() : Math.min(longest, kind.longest());
        options = options == null
                ? List.of()
                : options.stream().map(String::strip).toList();
    }

    static Field of(FieldKind kind, String key, String label, boolean required) {
        return new Field(key, label, "", kind, required, kind.longest(), List.of(), null);
    }

    public Field withOptions(List<String> others) {
        return new Field(key, label, help, kind, required, longest, others, condition);
    }

    /** What can be answered where there is a choice. */
    public List<String> choices() {
        return kind == FieldKind.YES_NO ? List.of(YES, NO) : options;
    }

    /** Whether it is asked, given what was answered so far. */
    boolean isAsked(Map<String, String> answers) {
        return Optional.ofNullable(condition)
                .map(hangs -> hangs.answer().equals(answers.get(hangs.key())))
                .orElse(true);
    }
}
