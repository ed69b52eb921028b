package ostium.core.sheet;

import java.util.List;
import java.util.Map;
import ostium.core.brief.Brief;

/**
 * A sheet, read.
 *
 * @param brief what a draft can be made from; holds only what was understood
 * @param answers what stands beneath each field, by the field's name ({@code telephone}, {@code services.2.price})
 * @param missing what is still needed for a first page; empty when one can be laid out
 * @param tradeNear whether the trade is one of the catalogue
 */
public record SheetReading(Brief brief, Map<String, FieldAnswer> answers, List<Missing> missing, boolean tradeNear) {
    public boolean isEnough() {
        return missing.isEmpty();
    }

    /** What is still needed, in words with commas between. */
    public String missingWords() {
        return String.join(", ", missing.stream().map(Missing::words).toList());
    }
}
