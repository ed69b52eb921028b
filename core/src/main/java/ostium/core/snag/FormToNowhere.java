package ostium.core.snag;

import java.util.stream.Stream;
import ostium.core.section.enquiry.EnquirySection;

/** A form whose messages go to nobody. */
final class FormToNowhere implements SnagRule {
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
                        "Messages from this form go to nobody.",
                        "Somebody would wait for an answer that never comes.",
                        section.id(),
                        "",
                        new Snag.Fix("Say where", null, "messages-to")));
    }
}
