package ostium.core.paste;

import java.util.List;
import ostium.core.base.Reading.Span;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;

/**
 * Something the owner can take from a source.
 *
 * @param id number of the proposal among its kind, unique in the findings
 * @param group what it belongs to
 * @param name what the fact is called: "Telephone", "Service"
 * @param says the value in words
 * @param at where it stands in the source
 * @param sureness how sure it is
 * @param standing how it stands to what is on the sheet
 * @param replaces what is on the sheet and would go, or empty
 * @param path line of the sheet that is set; {@code links} adds a link; empty for a row
 * @param words words for the line
 * @param choices what it can mean, each words for the line
 * @param left words beside it that were not read and could change it, or empty
 * @param service row of services that is added, or changed if its id is on the sheet; or null
 * @param row row of another kind that is added, or null
 */
public record Proposal(
        String id,
        Group group,
        String name,
        String says,
        Span at,
        Sureness sureness,
        Standing standing,
        String replaces,
        String path,
        String words,
        List<String> choices,
        String left,
        TypedService service,
        TypedRow row) {

    /** What belongs together on the sheet, in the order it is shown. */
    public enum Group {
        WHO,
        WHAT,
        REACH,
        WHERE,
        WHEN,
        /** What makes people believe it: words of customers, memberships, numbers of registers. */
        PROOF;

        /** Of a line of the sheet by its path, a link, a service, or the kind of a row. */
        static Group of(String what) {
            String first = what.replaceFirst("/.*", "");
            return switch (first) {
                case "trade", "service", "words" -> WHAT;
                case "telephone", "texts", "callers-abroad", "email", "link", "phone", "promise" -> REACH;
                case "place", "point", "area", "denied" -> WHERE;
                case "hours", "exceptions", "zone" -> WHEN;
                case "membership", "legal", "testimonial", "credential", "guarantee", "question" -> PROOF;
                default -> WHO;
            };
        }
    }

    /** How a proposal stands to the sheet. */
    public enum Standing {
        /** Nothing is known of it yet. */
        NEW,
        /** The sheet says the same. */
        SAME,
        /** The sheet says something else, which would go. */
        REPLACES
    }
}
