package ostium.core.look;

import java.util.Comparator;
import java.util.List;
import ostium.core.draft.Seed;
import ostium.core.trade.Trade;

/**
 * Everything visual of a site.
 *
 * @param house family of layouts; so far {@code workshop} only
 * @param paintCard id of the paint card
 * @param motif drawing that stands for the trade
 */
public record Look(String house, String paintCard, String motif) {

    /** A look that suits the trade: of the cards of its moods, one by the seed. */
    public static Look of(Trade trade, Seed seed) {
        List<PaintCard> suiting = PaintCards.all().stream()
                .filter(card -> card.moods().stream().anyMatch(trade.moods()::contains))
                .sorted(Comparator.comparing(PaintCard::id))
                .toList();
        List<PaintCard> cards = suiting.isEmpty() ? PaintCards.all() : suiting;
        return new Look("workshop", seed.pick("look/card", cards).id(), trade.motif());
    }

    public PaintCard paint() {
        return PaintCards.byId(paintCard);
    }
}
