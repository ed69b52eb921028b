package ostium.render.booking;

import java.util.List;
import java.util.Map;
import ostium.core.form.Field;

/**
 * Who a time is for.
 *
 * @param service what is booked
 * @param when day and time in words
 * @param kept until when it is kept, in words; empty where it is not
 * @param change where another time is chosen
 * @param link private address of the held time
 * @param fields what is asked
 * @param typed what was typed, by key
 * @param faults what is wrong, by key
 * @param said what stands above the form; empty for nothing
 * @param others times to choose among where the one that was held has gone; empty where it stands
 * @param costs what is said of a deposit or the price; empty for nothing
 * @param asks whether the owner answers each request
 * @param post where it goes when it is sent
 * @param privacy address of the page that says how answers are kept
 */
public record DetailsView(
        String service,
        String when,
        String kept,
        String change,
        String link,
        List<Field> fields,
        Map<String, String> typed,
        Map<String, String> faults,
        String said,
        List<TimesView.Time> others,
        String costs,
        boolean asks,
        String post,
        String privacy) {}
