package ostium.core.enquiry;

import java.util.List;
import java.util.Optional;
import ostium.core.brief.Brief;
import ostium.core.door.Doors;
import ostium.core.form.Form;
import ostium.core.form.FormPurpose;
import ostium.core.list.ListForm;
import ostium.core.section.SectionKinds;
import ostium.core.site.Section;
import ostium.core.site.Site;

/** The forms of a site, each in its section. */
public final class SectionForms {
    private SectionForms() {}

    /** The form of a section: as its owner has set it up, else the one a site begins with. */
    public static Form of(Section section, Brief brief, Doors doors) {
        FormPurpose purpose = SectionKinds.of(section).form().orElse(FormPurpose.ENQUIRY);
        return doors.form(section.id())
                .map(setup -> Form.of(setup, purpose))
                .orElseGet(() -> purpose == FormPurpose.LIST ? ListForm.of(brief) : StartingForm.of(brief));
    }

    /**
     * The section whose form has a name.
     *
     * @param name as a publication keeps it; null for the first, as of before there could be several
     */
    public static Optional<Section> named(Site site, String name) {
        return site.sections()
                .filter(section -> SectionKinds.of(section).form().isPresent())
                .filter(section -> name == null || section.anchor().equals(name))
                .findFirst();
    }

    /** The sections that hold a form, those visitors see, in reading order. */
    public static List<Section> in(Site site) {
        return site.shownSections()
                .filter(section -> SectionKinds.of(section).form().isPresent())
                .toList();
    }

    /** Those of them with a form for one purpose. */
    public static List<Section> in(Site site, FormPurpose purpose) {
        return site.shownSections()
                .filter(section ->
                        SectionKinds.of(section).form().filter(purpose::equals).isPresent())
                .toList();
    }
}
