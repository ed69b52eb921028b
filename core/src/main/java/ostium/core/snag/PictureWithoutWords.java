package ostium.core.snag;

import java.util.stream.Stream;
import ostium.core.fact.Picture;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;

/** A picture on the page that says nothing to those who cannot see it (WCAG 2.2, 1.1.1). */
final class PictureWithoutWords implements SnagRule {
    @Override
    public Stream<Snag> check(Subject subject) {
        return subject.facts().all(Picture.class).stream()
                .filter(fact -> fact.value().use() == Picture.Use.OPENING
                        && !fact.value().isDescribed())
                .limit(1)
                .map(fact -> new Snag(
                        Snag.Level.MUST,
                        "picture-without-words",
                        "The picture at the opening does not say what it shows.",
                        "Those who cannot see it hear nothing in its place. Say it on the facts sheet, under Pictures,"
                                + " or mark it as decoration.",
                        subject.site()
                                .section(SectionKind.OPENING)
                                .map(Section::id)
                                .orElse(""),
                        "",
                        null));
    }
}
