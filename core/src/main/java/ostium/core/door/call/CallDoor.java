package ostium.core.door.call;

import java.util.Optional;
import ostium.core.door.DoorDescriptor;
import ostium.core.door.DoorKind;
import ostium.core.door.Premises;
import ostium.core.fact.Telephone;
import ostium.core.trade.Goal;

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
    public Optional<String> address(Premises premises, String opening) {
        return premises.facts().one(Telephone.class).map(Telephone::uri);
    }

    @Override
    protected String says(Premises premises) {
        return premises.facts().one(Telephone.class).map(Telephone::shown).orElse("");
    }

    @Override
    public String leadsTo(Premises premises) {
        return says(premises);
    }

    @Override
    public Optional<String> line() {
        return Optional.of("telephone");
    }

    @Override
    public Optional<Goal> goal() {
        return Optional.of(Goal.CALL);
    }

    @Override
    public boolean canStandIn() {
        return false;
    }

    @Override
    public String drawing() {
        return "phone";
    }
}
