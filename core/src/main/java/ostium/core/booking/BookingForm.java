package ostium.core.booking;

import java.util.ArrayList;
import java.util.List;
import ostium.core.base.Messages;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;

/** What a visitor is asked who books: who, how they are reached, where if somebody comes to them, and the owner's questions. */
public final class BookingForm {
    /** Key of the answer that says where. */
    public static final String PLACE = "place";

    /** Key of what a visitor adds. */
    public static final String NOTE = "note";

    private static final Messages WORDS = Messages.of("booking-page");

    private BookingForm() {}

    public static Form of(BookingRules rules) {
        List<Field> fields = new ArrayList<>();
        fields.add(field(FieldKind.NAME, "name", WORDS.say("ask.name"), true));
        fields.add(field(FieldKind.EMAIL, "email", WORDS.say("ask.email"), true));
        fields.add(field(FieldKind.TELEPHONE, "telephone", WORDS.say("ask.telephone"), rules.travels()));
        if (rules.travels()) {
            fields.add(field(FieldKind.PLACE, PLACE, WORDS.say("ask.place"), true));
        }
        int number = 1;
        for (BookingQuestion question : rules.questions()) {
            fields.add(field(FieldKind.SHORT, "question-" + number++, question.words(), question.required()));
        }
        fields.add(field(FieldKind.LONG, NOTE, WORDS.say("ask.note"), false));
        return new Form(fields);
    }

    private static Field field(FieldKind kind, String key, String label, boolean required) {
        return new Field(key, label, "", kind, required, kind.longest(), List.of(), null);
    }
}
