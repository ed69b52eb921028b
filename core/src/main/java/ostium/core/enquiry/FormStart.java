package ostium.core.enquiry;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.FormSetup;

/** What a form for messages can begin as. Its owner goes on from there. */
public enum FormStart {
    MESSAGE(brief -> StartingForm.of(brief).fields()),
    CALL_BACK(FormStart::callBack),
    /** What is to be done, where, and how it looks. */
    PRICE(FormStart::price);

    private static final Messages WORDS = Messages.of("form");

    private final Function<Brief, List<Field>> fields;

    FormStart(Function<Brief, List<Field>> fields) {
        this.fields = fields;
    }

    /** What an owner calls it. */
    public String words() {
        return WORDS.say("start." + name());
    }

    /** The form as it begins for a business. */
    public FormSetup form(Brief brief) {
        return new FormSetup(fields.apply(brief), "", false);
    }

    private static List<Field> callBack(Brief brief) {
        List<Field> fields = new ArrayList<>(List.of(
                StartingForm.name(),
                StartingForm.field(FieldKind.TELEPHONE, "telephone", WORDS.say("label.TELEPHONE"), true, List.of()),
                StartingForm.field(
                        FieldKind.CHOICE,
                        "time",
                        WORDS.say("callBack.time"),
                        false,
                        List.of(
                                WORDS.say("callBack.morning"),
                                WORDS.say("callBack.afternoon"),
                                WORDS.say("callBack.evening")))));
        fields.addAll(StartingForm.services(brief));
        return fields;
    }

    private static List<Field> price(Brief brief) {
        List<Field> fields = new ArrayList<>(List.of(StartingForm.name(), StartingForm.reach()));
        fields.addAll(StartingForm.services(brief));
        fields.addAll(StartingForm.usual(brief));
        fields.add(StartingForm.field(FieldKind.FILES, "files", WORDS.say("label.FILES"), false, List.of()));
        fields.add(StartingForm.field(FieldKind.LONG, "message", WORDS.say("price.message"), true, List.of()));
        return fields;
    }
}
