package ostium.core.look;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import ostium.core.base.Messages;

/** A family of layouts and manners. What a house asks of its colours is its {@link PaintManner}. */
public enum House {
    WORKSHOP(new PaintManner(PaintManner.Trim.LIGHT, 0.925, 0.955, 0.012)),
    PARLOUR(new PaintManner(PaintManner.Trim.LINE, 0.925, 0.955, 0.022)),
    STUDIO(new PaintManner(PaintManner.Trim.PALE, 0.95, 0.97, 0.006)),
    KIOSK(new PaintManner(PaintManner.Trim.LIGHT, 0.93, 0.96, 0.035)),
    CHAMBERS(new PaintManner(PaintManner.Trim.DARK, 0.988, 0.994, 0.003)),
    GARDEN(new PaintManner(PaintManner.Trim.DARK, 0.925, 0.95, 0.03));

    private static final Messages WORDS = Messages.of("look");

    private final PaintManner manner;

    House(PaintManner manner) {
        this.manner = manner;
    }

    /** Its name, as the owner reads it. */
    public String words() {
        return WORDS.say("house." + id());
    }

    /** What it is known by, in a line. */
    public String about() {
        return WORDS.say("house." + id() + ".about");
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
