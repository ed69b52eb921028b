package ostium.core.snag;

import java.time.LocalDate;
import java.util.List;
import ostium.core.edit.State;

/** Everything that is to be put right on a site. */
public final class Snags {
    private static final List<SnagRule> RULES = List.of(
            new LineNotUnderstood(),
            new NoOpenDoor(),
            new ClaimWithoutFact(),
            new MissingLinkedFact(),
            new LinkToNowhere(),
            new FormToNowhere());

    private Snags() {}

    /**
     * The snags of a kept site, those that block publishing first; none before a draft is kept.
     *
     * @param today the day in the zone of the business
     */
    public static List<Snag> of(State state, LocalDate today) {
        if (!state.isKept()) {
            return List.of();
        }
        Subject subject = new Subject(state, state.reading(today));
        return RULES.stream()
                .flatMap(rule -> rule.check(subject))
                .sorted(java.util.Comparator.comparing(Snag::level))
                .toList();
    }
}
