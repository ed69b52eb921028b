package ostium.core.snag;

import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.fact.FactNames;
import ostium.core.fact.Facts;
import ostium.core.site.Node;

/** A fact stands inside words, and says nothing there: missing, hidden, or without the part that was asked of it. */
final class MissingLinkedFact implements SnagRule {
    private static final Messages WORDS = Messages.of("snag");

    @Override
    public Stream<Snag> check(Subject subject) {
        Facts facts = subject.facts();
        return subject.shownTexts()
                .flatMap(standing -> standing.text()
                        .nodes()
                        .filter(Node.LinkedFact.class::isInstance)
                        .map(Node.LinkedFact.class::cast)
                        .filter(link -> facts.say(link.fact(), link.facet()).isEmpty())
                        .limit(1)
                        .map(link -> new Snag(
                                Snag.Level.MUST,
                                "missing-linked-fact",
                                WORDS.say("missingLinkedFact", FactNames.of(link.fact())),
                                WORDS.say("missingLinkedFact.visitorsWouldReadHalfA"),
                                standing.section().id(),
                                standing.text().id(),
                                new Snag.Fix(WORDS.say("giveIt"), null, lineOf(link.fact())))));
    }

    private static String lineOf(String fact) {
        return fact.startsWith("service/") ? fact + "/name" : fact;
    }
}
