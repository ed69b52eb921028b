package ostium.core.form;

import java.util.List;

/**
 * A form as its owner has set it up.
 *
 * @param fields in order
 * @param thanks the words after sending; empty for those made from the fields and the owner's promise
 * @param confirms whether whoever leaves a mail address is told by mail that the message has come
 */
public record FormSetup(List<Field> fields, String thanks, boolean confirms) {
    /** Most fields of a form. */
    public static final int MOST_FIELDS = 30;

    /** Most characters of the words after sending. */
    public static final int LONGEST_THANKS = 500;

    public FormSetup {
        fields = List.copyOf(fields);
        thanks = thanks == null ? "" : thanks.strip();
    }
}
