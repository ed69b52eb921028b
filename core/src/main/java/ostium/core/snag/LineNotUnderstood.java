package ostium.core.snag;

import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.section.services.ServicesSection;
import ostium.core.sheet.FieldAnswer;
import ostium.core.site.Section;

/** A line of the facts sheet that could not be read: what the owner typed there stands nowhere. */
final class LineNotUnderstood implements SnagRule {
    private static final Messages WORDS = Messages.of("snag");

    @Override
    public Stream<Snag> check(Subject subject) {
        return subject.reading().answers().entrySet().stream()
                .filter(entry -> entry.getValue().state() == FieldAnswer.State.REFUSED
                        || entry.getValue().state() == FieldAnswer.State.ASKED)
                .map(entry -> new Snag(
                        Snag.Level.MUST,
                        "line-not-understood",
                        WORDS.say("lineNotUnderstood", entry.getValue().says()),
                        WORDS.say("lineNotUnderstood.whatYouTypedThereIs"),
                        sectionOf(entry.getKey(), subject),
                        "",
                        new Snag.Fix(WORDS.say("goToTheLine"), null, entry.getKey())));
    }

    /** Lines of services stand in a section; all others on the sheet only. */
    private static String sectionOf(String field, Subject subject) {
        return field.startsWith("services.")
                ? subject.site().section(ServicesSection.KIND).map(Section::id).orElse("")
                : "";
    }
}
