package ostium.app.editing;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import ostium.core.sheet.FieldAnswer;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.site.Site;

/**
 * A kept site as its manuscript shows it.
 *
 * @param revision number of the last edit
 * @param name name of the business
 * @param site the document
 * @param slots by kind of section, the places for words it has
 * @param facts what can stand inside words
 * @param services the rows of services as typed
 * @param snags what is to be put right
 * @param offers sections the facts could carry
 * @param asides words kept aside
 * @param messagesTo where messages from the form go
 * @param canUndo whether there is a step of this person to take back
 * @param canRedo whether there is one to do again
 * @param changes how many changes are not public yet
 * @param preview address of the shopfront
 */
record ManuscriptView(
        long revision,
        String name,
        @Schema(implementation = Object.class) Site site,
        Map<String, List<SlotView>> slots,
        List<FactView> facts,
        List<ServiceRow> services,
        List<SnagView> snags,
        List<OfferView> offers,
        List<AsideView> asides,
        List<String> messagesTo,
        boolean canUndo,
        boolean canRedo,
        int changes,
        String preview) {

    record SlotView(String name, String words, String shape, int longest) {}

    /**
     * A fact that can stand inside words.
     *
     * @param line its line on the facts sheet
     * @param typed what stands on that line
     * @param facets ways to say it that say something now, the usual one first
     */
    record FactView(String id, String name, String line, String typed, List<FacetView> facets) {}

    record FacetView(String facet, String says) {}

    /** @param answers what stands beneath its lines, by line */
    record ServiceRow(TypedService typed, Map<String, FieldAnswer> answers) {}

    /** @param fix act that puts it right, or empty; {@code line} leads to a line of the sheet instead */
    record SnagView(
            String level,
            String rule,
            String words,
            String why,
            String section,
            String text,
            String fix,
            String line) {}

    record OfferView(String kind, String words, String reason) {}

    record AsideView(
            String id,
            String text,
            @Schema(implementation = Object.class) Object tree,
            boolean mine) {}
}
