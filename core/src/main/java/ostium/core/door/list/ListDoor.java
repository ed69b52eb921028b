package ostium.core.door.list;

import java.util.Optional;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.form.FormPurpose;
import ostium.core.section.SectionKinds;

/** Signing up for what the business writes to those on its list. Nobody answers there, so it keeps no hours. */
public final class ListDoor extends DoorDescriptor {
    public static final DoorKind KIND = new DoorKind("list");

    public ListDoor() {
        super(KIND);
    }

    @Override
    protected Optional<String> lacks(Premises premises) {
        boolean stands = premises.site()
                .shownSections()
                .anyMatch(section -> SectionKinds.of(section)
                        .form()
                        .filter(FormPurpose.LIST::equals)
                        .isPresent());
        return stands ? Optional.empty() : Optional.of("section");
    }

    @Override
    public String leadsTo(Premises premises) {
        return "";
    }

    @Override
    public boolean keepsHours() {
        return false;
    }

    @Override
    public boolean canStandIn() {
        return false;
    }

    @Override
    public boolean isTriedWhole() {
        return true;
    }

    @Override
    public String setUp() {
        return "list";
    }
}
