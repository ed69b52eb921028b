package ostium.core.paste;

import java.util.List;
import ostium.core.base.Reading.Span;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;

/**
 * Something the owner can take from a source.
 *
 * @param id number of the proposal among its kind, unique in the findings
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
