package ostium.core.snag;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.edit.TextEdit;
import ostium.core.fact.FactNames;
import ostium.core.fact.Facts;
import ostium.core.site.Node;
import ostium.core.site.PlainText;
import ostium.core.site.Text;

/**
 * Words that stand on a fact which is missing or hidden now. Suggested words are chosen anew by themselves; these were
 * confirmed or are the owner's own, so only the owner can say whether they still hold.
 */
final class ClaimWithoutFact implements SnagRule {
    private static final Messages WORDS = Messages.of("snag");

    @Override
    public Stream<Snag> check(Subject subject) {
        Facts facts = subject.facts();
        Brief brief = subject.reading().brief();
        return subject.shownTexts()
                .filter(standing -> standing.text().origin().needs().stream().anyMatch(need -> !brief.carries(need)))
                .filter(standing -> !linksToGone(facts, standing.text()))
                .map(standing -> new Snag(
                        Snag.Level.MUST,
                        "claim-without-fact",
                        WORDS.say(
                                isGiven(brief, standing.text()) ? "claimWithoutFact.other" : "claimWithoutFact.gone",
                                shortened(PlainText.of(standing.text(), facts)),
                                lost(brief, standing.text())),
                        WORDS.say("claimWithoutFact.nothingOnThePageMay"),
                        standing.section().id(),
                        standing.text().id(),
                        new Snag.Fix(WORDS.say("claimWithoutFact.holds"), stillHolds(brief, standing.text()), "")));
    }

    /** Whether what is lost is no fact, but an assumption or the goal. */
    private static boolean isGiven(Brief brief, Text text) {
        return text.origin().needs().stream()
                .filter(need -> !brief.carries(need))
                .noneMatch(Brief::isFact);
    }

    /** Such a text has a snag of its own, which leads to the fact. */
    private static boolean linksToGone(Facts facts, Text text) {
        return text.nodes()
                .anyMatch(node -> node instanceof Node.LinkedFact link
                        && facts.say(link.fact(), link.facet()).isEmpty());
    }

    /** The owner's word for it: the text is theirs, and needs those facts no longer. */
    private static TextEdit stillHolds(Brief brief, Text text) {
        Set<String> needs = new java.util.TreeSet<>(text.origin().needs());
        needs.removeIf(need -> !brief.carries(need));
        return new TextEdit.SetText(
                text.id(),
                Text.Mark.OWN,
                text.tree(),
                new Text.Origin(text.origin().pattern(), text.origin().seed(), needs));
    }

    private static String lost(Brief brief, Text text) {
        List<String> lost = text.origin().needs().stream()
                .filter(need -> !brief.carries(need))
                .map(FactNames::of)
                .distinct()
                .toList();
        return ostium.core.base.Listing.and(lost);
    }

    static String shortened(String words) {
        String line = words.replaceAll("\\s+", " ");
        return line.length() <= 60 ? line : line.substring(0, 57).strip() + " …";
    }
}
