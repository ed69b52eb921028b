package ostium.app.booking;

import java.util.List;
import ostium.core.booking.Refusal;
import ostium.core.booking.Slot;

/** A time could not be taken; says why, and what is free nearest to it. */
public final class NotFree extends Exception {
    private static final long serialVersionUID = 1L;
    private final transient Refusal refusal;
    private final transient List<Slot> nearest;

    NotFree(Refusal refusal, List<Slot> nearest) {
        super(refusal.says());
        this.refusal = refusal;
        this.nearest = nearest;
    }

    public Refusal refusal() {
        return refusal;
    }

    public List<Slot> nearest() {
        return nearest;
    }
}
