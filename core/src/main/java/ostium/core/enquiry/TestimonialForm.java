package ostium.core.enquiry;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ostium.core.base.Messages;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;
import ostium.core.sheet.RowKind;
import ostium.core.sheet.TypedSheet.TypedRow;

/** What a customer is asked once their matter is done: a few words about it, and whether they may be shown. */
public final class TestimonialForm {
    public static final String SAID = "words";
    public static final String NAME = "name";
    public static final String WHERE = "where";
    public static final String AGREED = "agreed";

    private static final Messages WORDS = Messages.of("testimonial");
    private static final int LONGEST_WORDS = 1000;
    private static final int LONGEST_WHERE = 100;

    private TestimonialForm() {}

    /** @param business its name, which stands in what is agreed to */
    public static Form of(String business) {
        return new Form(List.of(
                field(SAID, FieldKind.LONG, true, LONGEST_WORDS, WORDS.say("field.words")),
                field(NAME, FieldKind.NAME, true, 0, WORDS.say("field.name")),
                field(WHERE, FieldKind.SHORT, false, LONGEST_WHERE, WORDS.say("field.where")),
                field(AGREED, FieldKind.CONSENT, true, 0, WORDS.say("field.agreed", business))));
    }

    private static Field field(String key, FieldKind kind, boolean required, int longest, String label) {
        String help = WORDS.all().getOrDefault("help." + key, "");
        return new Field(key, label, help, kind, required, longest, List.of(), null);
    }

    /**
     * What was said as a row of the facts sheet, which shows it on the pages: nobody but the owner puts it there.
     *
     * @param id of the row
     * @param values answers that the form has taken, by key
     * @param saidOn the day of the business on which it was said
     */
    public static TypedRow row(String id, Map<String, String> values, LocalDate saidOn) {
        Map<String, String> lines = new LinkedHashMap<>();
        lines.put("words", values.get(SAID));
        lines.put("who", values.get(NAME));
        lines.put("when", saidOn.getMonth().getDisplayName(TextStyle.FULL, Locale.UK) + " " + saidOn.getYear());
        lines.put("where", values.getOrDefault(WHERE, ""));
        lines.put("permission", "yes");
        return new TypedRow(RowKind.TESTIMONIAL.id(), id, lines);
    }
}
