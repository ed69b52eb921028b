package ostium.app.site;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import ostium.core.brief.Brief;
import ostium.core.search.PageHead;
import ostium.core.sheet.FieldAnswer;
import ostium.core.sheet.Missing;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.Trade;

/**
 * A site as the interface sees it.
 *
 * @param sheet what was typed, as it was typed
 * @param answers what stands beneath each field
 * @param missing what is still needed for a first page
 * @param trade what is known of the trade
 * @param head title and description for search
 * @param preview address of the preview
 * @param publicAddress where the site is live, or null
 * @param addressName the free name it has or could have
 * @param pendingChanges how many changes are not public yet
 * @param owner whether whoever asks owns it, rather than helping with it
 * @param kept whether a draft has been kept, so that its words can be edited
 */
public record SiteView(
        String id,
        long revision,
        boolean signedIn,
        String name,
        TypedSheet sheet,
        Map<String, FieldAnswer> answers,
        List<Missing> missing,
        TradeView trade,
        HeadView head,
        String preview,
        @Schema(types = {"string", "null"}) String publicAddress,
        String addressName,
        int pendingChanges,
        boolean kept,
        boolean owner,
        int newEnquiries,
        int bookingsAsked) {

    public record TradeView(
            String id,
            String name,
            boolean near,
            String goal,
            List<Usual> services,
            List<Question> questions,
            List<AssumptionView> assumptions,
            boolean visits,
            boolean receives,
            List<String> asked,
            List<String> proof,
            List<String> regulated) {}

    public record Usual(
            String key,
            String name,
            @Schema(types = {"integer", "null"}) Integer minutes,
            String price,
            String say) {}

    public record Question(String key, String ask, String says) {}

    public record AssumptionView(String key, String words, boolean denied) {}

    public record HeadView(String title, String description) {}

    static TradeView trade(SheetReading reading) {
        Trade trade = reading.brief().trade();
        Brief brief = reading.brief();
        return new TradeView(
                trade.id(),
                trade.name(),
                reading.tradeNear(),
                brief.goal().name(),
                trade.services().stream()
                        .map(usual -> new Usual(
                                usual.key(),
                                usual.name(),
                                usual.minutes(),
                                usual.price().name(),
                                usual.say()))
                        .toList(),
                trade.practices().stream()
                        .map(practice -> new Question(practice.key(), practice.ask(), practice.says()))
                        .toList(),
                brief.assumptions().stream()
                        .map(assumption -> new AssumptionView(
                                assumption.name(),
                                assumption.words(),
                                brief.denied().contains(assumption)))
                        .toList(),
                brief.visits(),
                brief.receives(),
                trade.questions(),
                trade.proof(),
                trade.regulatedIn(brief.facts().region()).stream()
                        .map(Trade.RegulatedLine::says)
                        .toList());
    }

    static HeadView head(Brief brief) {
        PageHead head = PageHead.of(brief);
        return new HeadView(head.title(), head.description());
    }
}
