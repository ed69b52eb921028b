package ostium.core.door;

import java.util.ArrayList;
import java.util.List;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Facts;
import ostium.core.fact.Telephone;
import ostium.core.site.SectionKind;
import ostium.core.site.Site;

/**
 * How the doors of a site are set.
 *
 * @param messagesTo mail addresses that messages from the form go to, lower case, no two the same
 */
public record Doors(List<String> messagesTo) {
    /** Most addresses messages may go to. */
    public static final int MOST_ADDRESSES = 5;

    public Doors {
        messagesTo = messagesTo == null ? List.of() : List.copyOf(messagesTo);
    }

    public static Doors none() {
        return new Doors(List.of());
    }

    /** Doors a visitor finds open: those that have all they need. */
    public List<DoorKind> open(Facts facts, Site site) {
        List<DoorKind> open = new ArrayList<>();
        if (facts.one(Telephone.class).isPresent()) {
            open.add(DoorKind.CALL);
        }
        if (facts.one(EmailAddress.class).isPresent()) {
            open.add(DoorKind.EMAIL);
        }
        boolean form = site.shownSections().anyMatch(section -> section.kind() == SectionKind.ENQUIRY);
        if (form && !messagesTo.isEmpty()) {
            open.add(DoorKind.FORM);
        }
        return open;
    }
}
