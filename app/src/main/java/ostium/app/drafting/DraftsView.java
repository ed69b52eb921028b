package ostium.app.drafting;

import java.util.List;
import java.util.stream.IntStream;
import ostium.core.brief.Brief;
import ostium.core.draft.DraftTable.Proposal;
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

    /** A part that is held, and the draft it is from. */
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
        List<DraftView> drafts = IntStream.range(0, round.proposals().size())
                .mapToObj(i -> draft(i + 1, round, brief, preview))
                .toList();
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

    private static DraftView draft(int place, DraftRounds.Round round, Brief brief, String preview) {
        Proposal proposal = round.proposals().get(place - 1);
        long said = FactUses.of(brief, proposal.draft()).values().stream()
                .filter(use -> use.places() > 0)
                .count();
        return new DraftView(
                place,
                proposal.inALine(),
                proposal.draft().look().house().words(),
                (int) said,
                preview + "drafts/" + round.number() + "/" + place + "/");
    }
}
