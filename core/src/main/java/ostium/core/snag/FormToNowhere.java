package ostium.core.snag;

import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.section.enquiry.EnquirySection;

/** A form whose messages go to nobody. */
final class FormToNowhere implements SnagRule {
    private static final Messages WORDS = Messages.of("snag");

    @Override
    public Stream<Snag> check(Subject subject) {
        if (!subject.state().doors().messagesTo().isEmpty()) {
            return Stream.empty();
        }
        return subject.site()
                .shownSections()
                .filter(section -> section.kind().equals(EnquirySection.KIND))
                .map(section -> new Snag(
                        Snag.Level.MUST,
                        "form-to-nowhere",
                        WORDS.say("formToNowhere.messagesFromThisFormGo"),
                        WORDS.say("formToNowhere.somebodyWouldWaitForAn"),
                        section.id(),
                        "",
                        new Snag.Fix(WORDS.say("formToNowhere.sayWhere"), null, "messages-to")));
    }
}
