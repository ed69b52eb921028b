package ostium.core.snag;

import java.util.List;
import ostium.core.edit.State;
import ostium.core.sheet.SheetReading;

/** Everything that is to be put right on a site. */
public final class Snags {
    private static final List<SnagRule> RULES = List.of(
            new LineNotUnderstood(),
            new NoOpenDoor(),
            new ClaimWithoutFact(),
            new MissingLinkedFact(),
            new LinkToNowhere(),
            new FormToNowhere(),
            new PictureWithoutWords(),
            new RegulatedLineMissing());

    private Snags() {}

    /**
     * The snags of a kept site, those that block publishing first; none before a draft is kept.
     *
     * @param reading the facts of the state, read
     */
    public static List<Snag> of(State state, SheetReading reading) {
        if (!state.isKept()) {
            return List.of();
        }
        Subject subject = new Subject(state, reading);
        return RULES.stream()
                .flatMap(rule -> rule.check(subject))
                .sorted(java.util.Comparator.comparing(Snag::level))
                .toList();
    }
}
