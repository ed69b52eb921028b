package ostium.core.edit;

import java.time.Instant;
import ostium.core.base.Seed;
import ostium.core.door.Doors;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.draft.Plan;
import ostium.core.look.Look;
import ostium.core.sheet.SheetReader;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;
import ostium.core.site.Site;

/**
 * All there is to say about a site at one revision: facts, document, look and doors. It changes by {@linkplain Edit
 * edits} only. Facts are kept as they were typed; what they mean is read from that, the same every time.
 *
 * @param sheet the facts sheet
 * @param site the document; null until a draft is kept, and till then the site is drawn from the facts alone
 * @param look how it is drawn; null as long as there is no document
 * @param doors how the doors are set
 */
public record State(TypedSheet sheet, Site site, Look look, Doors doors) {

    public State {
        if ((site == null) != (look == null)) {
            throw new IllegalArgumentException("document and look come together");
        }
        doors = doors == null ? Doors.none() : doors;
    }

    /** A site of which nothing but its sheet is known. */
    public static State begun(TypedSheet sheet) {
        return new State(sheet, null, null, Doors.none());
    }

    /** Whether a draft has been kept, so that there is a document to be edited. */
    public boolean isKept() {
        return site != null;
    }

    /** @param now when it is read; the day that is for the business is told by its zone */
    public SheetReading reading(Instant now) {
        return SheetReader.read(sheet, now);
    }

    /** The site as it would be drawn: the kept document, or the draft of the facts. */
    public Draft draft(SheetReading reading) {
        return isKept()
                ? new Draft(site, look, Plan.of(reading.brief()), doors)
                : Drafter.draft(reading.brief(), new Seed(sheet.seed()));
    }

    public State withSheet(TypedSheet other) {
        return new State(other, site, look, doors);
    }

    public State withSite(Site other) {
        return new State(sheet, other, look, doors);
    }

    public State withLook(Look other) {
        return new State(sheet, site, other, doors);
    }

    public State withDoors(Doors other) {
        return new State(sheet, site, look, other);
    }
}
