package ostium.core.section;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.core.section.about.AboutSection;
import ostium.core.section.booking.BookingSection;
import ostium.core.section.enquiry.EnquirySection;
import ostium.core.section.footer.FooterSection;
import ostium.core.section.gallery.GallerySection;
import ostium.core.section.hours.HoursSection;
import ostium.core.section.list.ListSection;
import ostium.core.section.masthead.MastheadSection;
import ostium.core.section.opening.OpeningSection;
import ostium.core.section.place.PlaceSection;
import ostium.core.section.questions.QuestionsSection;
import ostium.core.section.services.ServicesSection;
import ostium.core.section.testimonials.TestimonialsSection;
import ostium.core.section.text.TextSection;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;

/**
 * The kinds of sections there are. Words of a draft are chosen in this order, the first screen before all, and a new kind stands last.
 *
 * <pre>{@code
 * SectionKinds.of(section).layouts();
 * }</pre>
 */
public final class SectionKinds {
    private static final Map<SectionKind, SectionDescriptor> ALL = new LinkedHashMap<>();

    static {
        List.of(
                        new OpeningSection(),
                        new MastheadSection(),
                        new ServicesSection(),
                        new AboutSection(),
                        new TestimonialsSection(),
                        new HoursSection(),
                        new PlaceSection(),
                        new QuestionsSection(),
                        new EnquirySection(),
                        new FooterSection(),
                        new GallerySection(),
                        new TextSection(),
                        new BookingSection(),
                        new ListSection())
                .forEach(kind -> ALL.put(kind.kind(), kind));
    }

    private SectionKinds() {}

    /** All kinds this version knows. */
    public static List<SectionDescriptor> all() {
        return List.copyOf(ALL.values());
    }

    /** What a kind is; for one of a newer version, a descriptor that keeps it as it is. */
    public static SectionDescriptor of(SectionKind kind) {
        SectionDescriptor known = ALL.get(kind);
        return known == null ? new UnknownSection(kind) : known;
    }

    public static SectionDescriptor of(Section section) {
        return of(section.kind());
    }

    /** The kind whose rows are the facts with this prefix of their ids: {@code service}. */
    public static Optional<SectionDescriptor> ofRow(String prefix) {
        return ALL.values().stream()
                .filter(kind -> kind.rowPrefix().equals(prefix))
                .findFirst();
    }
}
