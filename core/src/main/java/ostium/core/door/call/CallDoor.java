package ostium.core.door.call;

import java.util.Optional;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.fact.Telephone;

/** Calling: leads to the telephone (RFC 3966). */
public final class CallDoor extends DoorDescriptor {
    public static final DoorKind KIND = new DoorKind("call");

    public CallDoor() {
        super(KIND);
    }

    @Override
    protected Optional<String> lacks(Premises premises) {
        return premises.facts().one(Telephone.class).isPresent() ? Optional.empty() : Optional.of("telephone");
    }

    @Override
    public Optional<String> address(Premises premises) {
        return premises.facts().one(Telephone.class).map(Telephone::uri);
    }
}
