package ostium.render;

import java.util.Map;

/**
 * What stands in a form when it is shown again.
 *
 * @param values what was typed, by key
 * @param faults what is wrong, by key
 */
public record FilledForm(Map<String, String> values, Map<String, String> faults) {
    public static final FilledForm EMPTY = new FilledForm(Map.of(), Map.of());

    public String value(String key) {
        return values.getOrDefault(key, "");
    }

    /** Null when nothing is wrong. */
    public String fault(String key) {
        return faults.get(key);
    }

    public boolean isChosen(String key, String option) {
        return option.equals(values.get(key));
    }
}
