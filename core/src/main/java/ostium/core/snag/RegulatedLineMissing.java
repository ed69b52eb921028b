package ostium.core.snag;

import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Legal;

/**
 * What the country of the business asks its trade to show, and is nowhere among the facts. What people only look for, or may
 * look up, is advised and blocks nothing.
 */
final class RegulatedLineMissing implements SnagRule {
    private static final Messages WORDS = Messages.of("snag");

    @Override
    public Stream<Snag> check(Subject subject) {
        Facts facts = subject.facts();
        if (isShown(facts)) {
            return Stream.empty();
        }
        return subject.reading().brief().trade().regulatedIn(facts.region()).stream()
                .map(line -> new Snag(
                        line.advised() ? Snag.Level.SHOULD : Snag.Level.MUST,
                        "regulated-line-missing",
                        WORDS.say("regulatedLineMissing", line.shows()),
                        WORDS.say("regulatedLineMissing.why", line.says()),
                        "",
                        "",
                        new Snag.Fix(WORDS.say("giveIt"), null, "legal/lines")));
    }

    /** A membership or qualification with a number, or a line of the owner's for what a register asks. */
    private static boolean isShown(Facts facts) {
        boolean numbered = facts.all(FactValue.Membership.class).stream()
                .anyMatch(fact -> !fact.value().number().isBlank());
        boolean line =
                facts.all(Legal.class).stream().anyMatch(fact -> fact.value().kind() == Legal.Kind.LINE);
        return numbered || line;
    }
}
