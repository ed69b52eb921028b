package ostium.core.snag;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.edit.State;
import ostium.core.proof.Correction;
import ostium.core.proof.OwnWords;
import ostium.core.proof.Passage;
import ostium.core.proof.Slip;
import ostium.core.sheet.SheetReading;

/** Words of the owner that are likely not as they were meant. Never in the way of anything; said one at a time for each passage. */
public final class LikelySlips {
    private static final Messages WORDS = Messages.of("snag");

    private LikelySlips() {}

    /** @param slips what was found in a passage when it was read last; nothing where it was not read yet */
    public static List<Snag> of(State state, SheetReading reading, Function<Passage, List<Slip>> slips) {
        if (!state.isKept()) {
            return List.of();
        }
        Set<String> known = OwnWords.known(state.sheet());
        return OwnWords.of(state, reading.brief().facts()).stream()
                .flatMap(passage -> first(slips.apply(passage), known).map(slip -> snag(state, passage, slip)))
                .toList();
    }

    private static Stream<Slip> first(List<Slip> slips, Set<String> known) {
        return slips.stream()
                .filter(slip -> !known.contains(OwnWords.folded(slip.found())))
                .limit(1);
    }

    private static Snag snag(State state, Passage passage, Slip slip) {
        Optional<Snag.Fix> fix = Correction.of(state, passage, slip)
                .map(edit -> new Snag.Fix(
                        WORDS.say("likelySlip.write", slip.instead().get(0)), edit, passage.line()));
        Snag.Fix toTheLine = passage.line().isEmpty()
                ? null
                : new Snag.Fix(WORDS.say("likelySlip.goToTheLine"), null, passage.line());
        return new Snag(
                        Snag.Level.COULD,
                        "likely-slip " + passage.line(),
                        WORDS.say(slip.isSpelling() ? "likelySlip.spelling" : "likelySlip.grammar", slip.found()),
                        WORDS.say("likelySlip.why"),
                        passage.section(),
                        passage.text(),
                        fix.orElse(toTheLine))
                .or(new Snag.Fix(WORDS.say("likelySlip.leave"), Correction.leave(state, slip), ""));
    }
}
