package ostium.core.enquiry;

import java.util.List;
import ostium.core.brief.Brief;
import ostium.core.door.Doors;
import ostium.core.door.form.FormDoor;
import ostium.core.form.Form;
import ostium.core.section.SectionKinds;
import ostium.core.site.Section;
import ostium.core.site.Site;

/** The forms of a site, each in its section. */
public final class SectionForms {
    private SectionForms() {}

    /** The form of a section: as its owner has set it up, else the one a site begins with. */
    public static Form of(Section section, Brief brief, Doors doors) {
        return doors.form(section.id()).map(Form::of).orElseGet(() -> StartingForm.of(brief));
    }

    /** The sections that hold a form, those visitors see, in reading order. */
    public static List<Section> in(Site site) {
        return site.shownSections()
                .filter(section -> SectionKinds.of(section)
                        .door()
                        .filter(FormDoor.KIND.id()::equals)
                        .isPresent())
                .toList();
    }
}
