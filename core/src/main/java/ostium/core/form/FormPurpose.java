package ostium.core.form;

import java.util.List;

/** What a form is for. */
public enum FormPurpose {
    /** A message that waits for an answer. */
    ENQUIRY(List.of(FieldKind.values())),
    /** A place on the list of those who want to be written to. */
    LIST(List.of(FieldKind.EMAIL, FieldKind.NAME, FieldKind.CONSENT));

    private final List<FieldKind> kinds;

    FormPurpose(List<FieldKind> kinds) {
        this.kinds = kinds;
    }

    /** The kinds of fields it can have. */
    public List<FieldKind> kinds() {
        return kinds;
    }

    /** Whether the words after sending can go by mail too; where a mail is sent anyway, it says what it has to. */
    public boolean canConfirm() {
        return this == ENQUIRY;
    }

    /** Whether somebody is told of what is sent, and can be somebody else by what was answered. */
    public boolean isTold() {
        return this == ENQUIRY;
    }
}
