package ostium.core.door.form;

import java.util.Optional;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.section.SectionKinds;

/** Leaving a message in the form on the page. */
public final class FormDoor extends DoorDescriptor {
    public static final DoorKind KIND = new DoorKind("form");

    public FormDoor() {
        super(KIND);
    }

    @Override
    protected Optional<String> lacks(Premises premises) {
        boolean stands = premises.site()
                .shownSections()
                .anyMatch(section -> SectionKinds.of(section)
                        .door()
                        .filter(KIND.id()::equals)
                        .isPresent());
        return !stands
                ? Optional.of("section")
                : premises.messagesTo().isEmpty() ? Optional.of("messagesTo") : Optional.empty();
    }
}
