package ostium.core.door.form;

import java.util.Optional;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.section.SectionKinds;
import ostium.core.trade.Goal;

/** Leaving a message in the form on the page. */
public final class FormDoor extends DoorDescriptor {
    public static final DoorKind KIND = new DoorKind("form");

    public FormDoor() {
        super(KIND);
    }

    @Override
    public boolean stands(Premises premises) {
        return premises.site()
                .shownSections()
                .anyMatch(section -> SectionKinds.of(section)
                        .door()
                        .filter(KIND.id()::equals)
                        .isPresent());
    }

    @Override
    protected Optional<String> lacks(Premises premises) {
        return !stands(premises)
                ? Optional.of("section")
                : premises.messagesTo().isEmpty() ? Optional.of("messagesTo") : Optional.empty();
    }

    @Override
    public String leadsTo(Premises premises) {
        return String.join(", ", premises.messagesTo());
    }

    @Override
    public Optional<Goal> goal() {
        return Optional.of(Goal.WRITE);
    }

    @Override
    public boolean isTriedWhole() {
        return true;
    }
}
