package ostium.core.look;

import java.util.List;
import ostium.core.format.DataFile;

/** The paint cards that ship with Ostium ({@code paint-cards.yaml}). */
public final class PaintCards {
    private record File(List<PaintCard> cards) {}

    private static final List<PaintCard> SHIPPED =
            List.copyOf(DataFile.read("/ostium/paint-cards.yaml", File.class).cards());

    private PaintCards() {}

    public static List<PaintCard> all() {
        return SHIPPED;
    }

    /** The first card for a stored look whose card is not known any more. */
    public static PaintCard byId(String id) {
        return SHIPPED.stream().filter(card -> card.id().equals(id)).findFirst().orElse(SHIPPED.get(0));
    }
}
