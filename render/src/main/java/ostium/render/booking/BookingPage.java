package ostium.render.booking;

import java.util.LinkedHashMap;
import java.util.Map;
import ostium.core.base.Messages;
import ostium.render.Templates;

/**
 * Draws what stands on the booking page of a site.
 *
 * <pre>{@code
 * BookingPage.in(page, BookingPage.times(view));   // the page of the publication with the times in it
 * }</pre>
 */
public final class BookingPage {
    /** What stands in the page of a publication where the booking goes. */
    public static final String PLACE = "<div data-booking></div>";

    private static final Messages WORDS = Messages.of("booking-page");

    private BookingPage() {}

    /** The services that can be booked. */
    public static String offers(OffersView view) {
        return drawn("offers", view);
    }

    /** The days with their times. */
    public static String times(TimesView view) {
        return drawn("times", view);
    }

    /** Who it is for. */
    public static String details(DetailsView view) {
        return drawn("details", view);
    }

    /** A booking, for whoever made it. */
    public static String booked(BookedView view) {
        return drawn("booked", view);
    }

    /** A plain word, with a way on. */
    public static String message(MessageView view) {
        return drawn("message", view);
    }

    private static String drawn(String template, Object view) {
        Map<String, Object> parameters = new LinkedHashMap<>();
        parameters.put("view", view);
        parameters.put("words", WORDS);
        return Templates.html("booking/" + template + ".jte", parameters);
    }

    /** The page of a publication with what was drawn put into it. */
    public static String in(String page, String drawn) {
        return page.replace(PLACE, drawn);
    }
}
