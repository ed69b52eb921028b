package ostium.app.drafting;

import java.util.List;
import java.util.Map;
import ostium.core.draft.Brief;
import ostium.core.draft.Pin;
import ostium.render.FactUses;

/**
 * A round of the drafts table as the interface shows it.
 *
 * @param rounds how many there are
 * @param round the one that is shown, from 1
 * @param pins what it holds of earlier ones
 * @param facts how many facts are known
 */
record DraftsView(int rounds, int round, List<PinView> pins, List<DraftView> drafts, int facts) {

    /** @param words which draft it is from, as "the second of round 1" */
    record PinView(Pin pin, int round, int place) {}

    /**
     * A draft on the table.
     *
     * @param place from 1
     * @param line what it is, in a line
     * @param said how many facts its pages say
     * @param preview address of its pages
     */
    record DraftView(int place, String line, String house, int said, String preview) {}

    static DraftsView of(int rounds, DraftRounds.Round round, Brief brief, String preview) {
        List<DraftView> drafts = new java.util.ArrayList<>();
        for (int i = 0; i < round.proposals().size(); i++) {
            var proposal = round.proposals().get(i);
            Map<String, FactUses.Use> uses = FactUses.of(brief, proposal.draft());
            long said = uses.values().stream().filter(use -> use.places() > 0).count();
            drafts.add(new DraftView(
                    i + 1,
                    proposal.inALine(),
                    proposal.draft().look().house().words(),
                    (int) said,
                    preview + "drafts/" + round.number() + "/" + (i + 1) + "/"));
        }
        return new DraftsView(
                rounds,
                round.number(),
                round.pins().entrySet().stream()
                        .map(pin -> new PinView(
                                pin.getKey(),
                                pin.getValue().round(),
                                pin.getValue().place()))
                        .toList(),
                drafts,
                brief.facts().list().size());
    }
}
