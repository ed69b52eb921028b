package ostium.core.section.list;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.brief.Brief;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.FactValue;
import ostium.core.form.FormPurpose;
import ostium.core.section.PagePart;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.SectionKind;

/** Where visitors put themselves on the list of those who want to be written to. Only an owner puts it on a page. */
public final class ListSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("LIST");

    private static final int LINES = 12;
    private static final int LONGEST_SEND = 60;

    public ListSection() {
        super(
                KIND,
                List.of("strip", "card"),
                WordsAt.heading("heading"),
                WordsAt.paragraphs("intro", "how"),
                WordsAt.line("send", LONGEST_SEND, "send"));
    }

    @Override
    public PagePart part(Brief brief) {
        return PagePart.CONTACT;
    }

    @Override
    public int lines(Brief brief) {
        return LINES;
    }

    @Override
    public Optional<String> door() {
        return Optional.of("list");
    }

    @Override
    public Optional<FormPurpose> form() {
        return Optional.of(FormPurpose.LIST);
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(FactValue.Name.class, EmailAddress.class);
    }
}
