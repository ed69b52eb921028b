package ostium.core.form;

import java.util.Optional;

/** What kind of answer a field takes. */
public enum FieldKind {
    SHORT(200),
    LONG(4000),
    NAME(120, "name", "name"),
    /** A telephone number or a mail address: the way to reach the visitor. */
    REACH(254, "reach", null),
    EMAIL(254, "email", "email"),
    TELEPHONE(60, "telephone", "tel"),
    /** One of a list. */
    CHOICE(200),
    /** Any of a list. */
    SEVERAL(2000),
    /** A day, ISO 8601. */
    DATE(10),
    PLACE(300, "", "street-address"),
    YES_NO(10),
    /** Photographs and PDFs, which come beside the answers; the answer itself is their names. */
    FILES(1000, "files", null),
    /** Agreement to its wording, which is kept with the time. */
    CONSENT(300);

    private final int longest;
    private final String key;
    private final String autocomplete;

    FieldKind(int longest) {
        this(longest, "", null);
    }

    FieldKind(int longest, String key, String autocomplete) {
        this.longest = longest;
        this.key = key;
        this.autocomplete = autocomplete;
    }

    /** Most characters of an answer, NFC. */
    public int longest() {
        return longest;
    }

    /** The key a field of this kind has, so that whoever reads answers finds it; empty where a form may have several. */
    public Optional<String> key() {
        return Optional.of(key).filter(fixed -> !fixed.isEmpty());
    }

    /** The token browsers fill it in by (HTML, autofill); null for none. */
    public String autocomplete() {
        return autocomplete;
    }

    /** Whether an answer says how the visitor is reached. */
    public boolean reaches() {
        return this == REACH || this == EMAIL || this == TELEPHONE;
    }

    /** Whether its answers are chosen from a list. */
    public boolean hasOptions() {
        return this == CHOICE || this == SEVERAL;
    }

    /** Whether another field can hang on its answer. */
    public boolean decides() {
        return this == CHOICE || this == YES_NO;
    }

    /** Whether there may be more than one answer. */
    public boolean takesSeveral() {
        return this == SEVERAL || this == FILES;
    }

    /** Whether it can be asked only with a certain answer to another field: all but who somebody is and how they are reached. */
    public boolean canHang() {
        return this != NAME && !reaches();
    }

    /** The type of its input (HTML). */
    public String inputType() {
        return switch (this) {
            case EMAIL -> "email";
            case TELEPHONE -> "tel";
            case DATE -> "date";
            case FILES -> "file";
            default -> "text";
        };
    }
}
