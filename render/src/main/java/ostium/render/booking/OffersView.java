package ostium.render.booking;

import java.util.List;

/**
 * The services that can be booked.
 *
 * @param offers in the owner's order
 * @param costs what is said of a deposit or the price; empty for nothing
 */
public record OffersView(List<Offer> offers, String costs) {
    /** A service: what it is called, how long it takes, what it costs, and where its times are. */
    public record Offer(String name, String minutes, String price, String link) {}
}
