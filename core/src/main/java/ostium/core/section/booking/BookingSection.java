package ostium.core.section.booking;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.fact.FactValue;
import ostium.core.fact.Service;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.WordsAt;
import ostium.core.site.SectionKind;

/** What can be booked, each a press away from its free times. Stands while the booking door does. */
public final class BookingSection extends SectionDescriptor {
    public static final SectionKind KIND = new SectionKind("BOOKING");

    private static final int LINES = 14;

    public BookingSection() {
        super(KIND, List.of("list", "stubs"), WordsAt.heading("heading"), WordsAt.paragraphs("note"));
    }

    @Override
    public int lines(ostium.core.brief.Brief brief) {
        return LINES;
    }

    @Override
    public Optional<String> door() {
        return Optional.of("book");
    }

    /** The door leads to a page of its own. */
    @Override
    public Optional<String> leadsHere() {
        return Optional.empty();
    }

    @Override
    public Set<Class<? extends FactValue>> dependsOn() {
        return Set.of(Service.class, FactValue.Hours.class);
    }
}
