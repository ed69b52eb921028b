package ostium.core.look;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** A family of layouts and manners. What a house asks of its colours is its {@link PaintManner}. */
public enum House {
    WORKSHOP(
            "Workshop",
            "A job ticket: slab letters, hard rules, number tabs",
            new PaintManner(PaintManner.Trim.LIGHT, 0.925, 0.955, 0.012)),
    PARLOUR(
            "Parlour",
            "An arch and a medallion: round letters, one deep band",
            new PaintManner(PaintManner.Trim.LINE, 0.925, 0.955, 0.022)),
    STUDIO(
            "Studio",
            "A ruler along two edges: large narrow letters, prices and hours to scale",
            new PaintManner(PaintManner.Trim.PALE, 0.95, 0.97, 0.006)),
    KIOSK(
            "Kiosk",
            "Blocks of flat colour joined by round knobs, prices on tags",
            new PaintManner(PaintManner.Trim.LIGHT, 0.93, 0.96, 0.035)),
    CHAMBERS(
            "Chambers",
            "A ledger: margin and matter, double rules, one large number",
            new PaintManner(PaintManner.Trim.DARK, 0.988, 0.994, 0.003)),
    GARDEN(
            "Garden",
            "A paper label over a landscape: services on a stem, a week like a hedge",
            new PaintManner(PaintManner.Trim.DARK, 0.925, 0.95, 0.03));

    private final String words;
    private final String about;
    private final PaintManner manner;

    House(String words, String about, PaintManner manner) {
        this.words = words;
        this.about = about;
        this.manner = manner;
    }

    /** Its name, as the owner reads it. */
    public String words() {
        return words;
    }

    /** What it is known by, in a line. */
    public String about() {
        return about;
    }

    /** What it asks of colours. */
    public PaintManner manner() {
        return manner;
    }

    /** Name in data and in files: {@code workshop}. */
    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    @JsonCreator
    public static House of(String id) {
        return named(id).orElseThrow(() -> new IllegalArgumentException("there is no house " + id));
    }

    public static Optional<House> named(String id) {
        return Stream.of(values())
                .filter(house -> house.id().equalsIgnoreCase(id.strip()))
                .findFirst();
    }
}
