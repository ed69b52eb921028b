package ostium.core.list;

import java.util.List;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;
import ostium.core.form.FormPurpose;

/** The form a list begins with: an address, and the agreement to be written to. */
public final class ListForm {
    /** Key of the field with the agreement. */
    public static final String CONSENT = "consent";

    private static final Messages WORDS = Messages.of("form");

    private ListForm() {}

    public static Form of(Brief brief) {
        String name = brief.facts().say("name", "").orElse(WORDS.say("list.business"));
        return new Form(
                List.of(
                        field(FieldKind.EMAIL, "email", WORDS.say("list.email.label")),
                        field(FieldKind.CONSENT, CONSENT, WORDS.say("list.consent.label", name))),
                FormPurpose.LIST);
    }

    private static Field field(FieldKind kind, String key, String label) {
        return new Field(key, label, "", kind, true, kind.longest(), List.of(), null);
    }
}
