package ostium.render;

import java.util.Map;
import ostium.core.base.Messages;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;

/** Draws the page on which a customer says how it was; plain, since it is seen on any host. */
public final class WordsPage {
    private static final Messages WORDS = Messages.of("testimonial");

    private WordsPage() {}

    /**
     * What stands on it.
     *
     * @param act where it is posted to
     * @param values what stands in the fields, by key
     * @param faults what is wrong, by key, in words
     */
    public record View(String business, String act, Form form, Map<String, String> values, Map<String, String> faults) {
        public String say(String key) {
            return WORDS.say(key, business);
        }

        public String value(Field field) {
            return values.getOrDefault(field.key(), "");
        }

        public String fault(Field field) {
            return faults.getOrDefault(field.key(), "");
        }

        /** {@code aria-invalid}; null where nothing is wrong. */
        public String wrong(Field field) {
            return fault(field).isEmpty() ? null : "true";
        }

        public String notSent() {
            return form.notSent(faults.size());
        }

        public boolean isLong(Field field) {
            return field.kind() == FieldKind.LONG;
        }

        public boolean isAgreement(Field field) {
            return field.kind() == FieldKind.CONSENT;
        }

        /** Ids of what is said about a field; null for nothing. */
        public String told(Field field) {
            String help = field.help().isEmpty() ? "" : "h-" + field.key();
            String fault = fault(field).isEmpty() ? "" : "f-" + field.key();
            String both = (help + " " + fault).strip();
            return both.isEmpty() ? null : both;
        }
    }

    /** The page, HTML. */
    public static String of(View view) {
        return Templates.html("words.jte", Map.of("view", view));
    }
}
