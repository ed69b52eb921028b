package ostium.core.sheet;

import java.util.List;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/**
 * What stands beneath a field of the sheet.
 *
 * @param state how the typed words were taken
 * @param says the value said back, the question, or the fault
 * @param remark a note beside an understood value, or empty
 * @param choices full replacements for the typed words, to be tapped
 * @param from first character that is meant, for a question or a fault
 * @param to the character after the last
 */
public record FieldAnswer(State state, String says, String remark, List<String> choices, int from, int to) {
    private static final Messages WORDS = Messages.of("sheet");

    /** How typed words were taken. */
    public enum State {
        EMPTY,
        READ,
        ASKED,
        REFUSED
    }

    static final FieldAnswer NOTHING = new FieldAnswer(State.EMPTY, "", "", List.of(), 0, 0);

    static FieldAnswer read(String says) {
        return new FieldAnswer(State.READ, says, "", List.of(), 0, 0);
    }

    static FieldAnswer refused(String fault, int from, int to) {
        return new FieldAnswer(State.REFUSED, fault, "", List.of(), from, to);
    }

    /** Understood, with something worth a look. */
    static FieldAnswer noted(String remark) {
        return new FieldAnswer(State.READ, "", remark, List.of(), 0, 0);
    }

    static FieldAnswer asked(String question, int from, int to, List<String> choices) {
        return new FieldAnswer(State.ASKED, question, "", choices, from, to);
    }

    static FieldAnswer tooLong(int longest, String typed) {
        return refused(
                WORDS.say("longBy", longest, typed.strip().length()),
                Math.min(longest, typed.length()),
                typed.length());
    }

    /** The answer to a reading; {@code says} is what an understood value is said back as. */
    static FieldAnswer of(Reading<?> reading, String says) {
        if (reading instanceof Reading.Understood<?> understood) {
            String remark = understood.remarks().isEmpty()
                    ? ""
                    : understood.remarks().get(0).message();
            String instead = understood.remarks().isEmpty()
                    ? null
                    : understood.remarks().get(0).instead();
            return new FieldAnswer(State.READ, says, remark, instead == null ? List.of() : List.of(instead), 0, 0);
        }
        if (reading instanceof Reading.Unclear<?> unclear) {
            return new FieldAnswer(
                    State.ASKED,
                    unclear.question(),
                    "",
                    unclear.choices(),
                    unclear.at().from(),
                    unclear.at().to());
        }
        Reading.Refused<?> refused = (Reading.Refused<?>) reading;
        return refused(refused.reason(), refused.at().from(), refused.at().to());
    }
}
