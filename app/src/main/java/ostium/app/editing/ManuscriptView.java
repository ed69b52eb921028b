package ostium.app.editing;

import java.util.List;
import java.util.Map;
import ostium.app.drafting.QuestionView;
import ostium.core.door.Route;
import ostium.core.enquiry.FormStart;
import ostium.core.form.FieldKind;
import ostium.core.form.FormSetup;
import ostium.core.sheet.FieldAnswer;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.site.Node;
import ostium.core.site.Site;

/**
 * A kept site as its manuscript shows it.
 *
 * @param revision number of the last edit
 * @param name name of the business
 * @param site the document
 * @param kinds what each kind of section on the page is, by its name
 * @param facts what can stand inside words
 * @param services the rows of services as typed
 * @param snags what is to be put right
 * @param isReading whether the owner's words are being read for slips, so that more snags may come in a moment
 * @param offers sections the facts could carry
 * @param asides words kept aside
 * @param messagesTo where messages from the form go
 * @param forms the forms, by id of their section
 * @param fieldKinds the kinds of fields there are
 * @param keptMonths how long messages that are over are kept; 0 until they are deleted by hand
 * @param canUndo whether there is a step of this person to take back
 * @param canRedo whether there is one to do again
 * @param changes how many changes are not public yet
 * @param preview address of the shopfront
 * @param question what is asked of the owner now
 */
record ManuscriptView(
        long revision,
        String name,
        Site site,
        Map<String, KindView> kinds,
        List<FactView> facts,
        List<ServiceRow> services,
        List<SnagView> snags,
        boolean isReading,
        List<OfferView> offers,
        List<AsideView> asides,
        List<String> messagesTo,
        Map<String, FormView> forms,
        List<FieldKindView> fieldKinds,
        int keptMonths,
        boolean canUndo,
        boolean canRedo,
        int changes,
        String preview,
        QuestionView question) {

    /**
     * A kind of section.
     *
     * @param words what the owner calls it
     * @param known whether this version knows it
     * @param slots its places for words, in reading order
     * @param layouts ways it can be laid out
     * @param facts ids of facts it shows as they are
     * @param rows what the ids of its rows' facts begin with, or empty
     * @param door id of the door that stands in it, or empty
     * @param first whether it is what is read first, and stays on its page
     * @param worded whether any of its words are chosen by us, so that it can be drafted again
     * @param everywhere whether it stands on every page and cannot be moved
     */
    record KindView(
            String words,
            boolean known,
            List<SlotView> slots,
            List<String> layouts,
            List<String> facts,
            String rows,
            String door,
            boolean first,
            boolean worded,
            boolean everywhere) {}

    /**
     * A form.
     *
     * @param usual whether it is the one a site begins with
     * @param isTold whether somebody is told of what is sent
     * @param routes who is told by what was answered
     * @param starts what it can begin as; none where it is always the same
     * @param usualThanks the words after sending where the owner says none
     */
    record FormView(
            FormSetup form,
            boolean usual,
            String usualThanks,
            List<FieldKind> kinds,
            boolean canConfirm,
            boolean isTold,
            List<Route> routes,
            List<FormStartView> starts) {}

    /**
     * What a form can begin as.
     *
     * @param form as it is then
     */
    record FormStartView(FormStart start, String words, FormSetup form) {}

    /**
     * A kind of field.
     *
     * @param label what a new one asks
     * @param key the key it has where a form can have one of it; empty where it can have several
     * @param options whether its answers are chosen from a list
     * @param decides whether another field can hang on its answer
     * @param hangs whether it can hang on the answer to another
     */
    record FieldKindView(
            FieldKind kind, String words, String label, String key, boolean options, boolean decides, boolean hangs) {}

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

    /**
     * @param fix act that puts it right, or empty; {@code line} leads to a line of the sheet instead
     * @param leave act that says it is right as it is, or empty
     */
    record SnagView(
            String level,
            String rule,
            String words,
            String why,
            String section,
            String text,
            String fix,
            String line,
            String leave) {}

    record OfferView(String kind, String words, String reason) {}

    record AsideView(String id, String text, List<Node> tree, boolean mine) {}
}
