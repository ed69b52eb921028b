package ostium.core.snag;

import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Facts;
import ostium.core.fact.Telephone;
import ostium.core.site.Node;
import ostium.core.site.PlainText;
import ostium.core.site.Site;
import ostium.core.site.Text;

/** A link in a text that leads to a section, a door or an address that is not there. */
final class LinkToNowhere implements SnagRule {
    private static final Messages WORDS = Messages.of("snag");

    @Override
    public Stream<Snag> check(Subject subject) {
        return subject.shownTexts()
                .flatMap(standing -> standing.text()
                        .nodes()
                        .filter(Node.LinkTo.class::isInstance)
                        .map(Node.LinkTo.class::cast)
                        .filter(link -> !leadsSomewhere(link.target(), subject))
                        .limit(1)
                        .map(link -> new Snag(
                                Snag.Level.MUST,
                                "link-to-nowhere",
                                WORDS.say("linkToNowhere", words(link, subject.facts())),
                                WORDS.say("linkToNowhere.why"),
                                standing.section().id(),
                                standing.text().id(),
                                null)));
    }

    private static String words(Node.LinkTo link, Facts facts) {
        return PlainText.of(
                new Text(
                        "link", Text.Mark.OWN, java.util.List.of(new Node.Paragraph(link.inside())), Text.Origin.own()),
                facts);
    }

    private static boolean leadsSomewhere(String target, Subject subject) {
        if (target.startsWith("#")) {
            return target.length() > 1 && isShown(subject.site(), target.substring(1));
        }
        if (target.startsWith("door:")) {
            String door = target.substring("door:".length());
            return subject.state().doors().open(subject.facts(), subject.site()).stream()
                    .anyMatch(kind -> kind.id().equals(door));
        }
        if (target.startsWith("mailto:")) {
            return EmailAddress.read(target.substring("mailto:".length()))
                    .value()
                    .isPresent();
        }
        if (target.startsWith("tel:")) {
            return Telephone.read(
                            target.substring("tel:".length()),
                            subject.state().sheet().region())
                    .value()
                    .isPresent();
        }
        return WebAddress.isAddress(target);
    }

    private static boolean isShown(Site site, String anchor) {
        return site.shownSections().anyMatch(section -> section.anchor().equals(anchor));
    }
}
