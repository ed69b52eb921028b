package ostium.render;

import java.util.List;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.enquiry.PrivacyNotice;
import ostium.core.enquiry.SectionForms;
import ostium.core.form.Field;
import ostium.core.form.Form;
import ostium.core.form.FormPurpose;
import ostium.core.site.Section;

/** The forms of a site as a page shows them, with the words around them. Holds no rule of its own. */
public final class FormFacts {
    private static final Messages WORDS = Messages.of("privacy");
    private static final Messages PAGE = Messages.of("page");

    private final Brief brief;
    private final Draft draft;
    private final Target target;

    FormFacts(Brief brief, Draft draft, Target target) {
        this.brief = brief;
        this.draft = draft;
        this.target = target;
    }

    /** The form of a section. */
    public Form of(Section section) {
        return SectionForms.of(section, brief, draft.doors());
    }

    /** Whether messages go by mail, where there is nobody to take a form. */
    public boolean areMailedInstead() {
        return target.kind() == Target.Kind.FOLDER;
    }

    /** What is asked in a field of a form, for what hangs on its answer. */
    public String labelOf(String anchor, String key) {
        return SectionForms.in(draft.site()).stream()
                .filter(section -> section.anchor().equals(anchor))
                .flatMap(section -> of(section).fields().stream())
                .filter(field -> field.key().equals(key))
                .map(Field::label)
                .findFirst()
                .orElse("");
    }

    /** What stands above the words after sending. */
    public String sent(Section section) {
        return PAGE.say(of(section).purpose() == FormPurpose.LIST ? "form.oneMoreStep" : "form.sent");
    }

    /** The words after sending. */
    public String thanks(Section section) {
        return of(section).thanks(brief.facts());
    }

    /** What is said of how messages are kept; empty on a site without a form. */
    public List<PrivacyNotice.Part> privacy() {
        return new PrivacyNotice(draft.site(), brief, draft.doors()).parts();
    }

    public String privacyTitle() {
        return WORDS.say("title");
    }

    /** Address of the page that says it, as it stands where it is served. */
    public String privacyLink() {
        String page = target.kind() == Target.Kind.PUBLISHED ? "privacy" : "privacy.html";
        return target.fromRoot() ? "/" + page : page;
    }
}
