package ostium.core.snag;

import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.section.SectionKinds;

/** A picture on the page that says nothing to those who cannot see it (WCAG 2.2, 1.1.1). */
final class PictureWithoutWords implements SnagRule {
    private static final Messages WORDS = Messages.of("snag");

    @Override
    public Stream<Snag> check(Subject subject) {
        return subject.site()
                .shownSections()
                .filter(section -> SectionKinds.of(section)
                        .pictures(section, subject.facts())
                        .anyMatch(fact -> !fact.value().isDescribed()))
                .map(section -> new Snag(
                        Snag.Level.MUST,
                        "picture-without-words",
                        WORDS.say(
                                "pictureWithoutWords", SectionKinds.of(section).words()),
                        WORDS.say("pictureWithoutWords.why"),
                        section.id(),
                        "",
                        null));
    }
}
