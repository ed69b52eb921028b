package ostium.core.trade;

import java.util.List;
import java.util.Optional;

/**
 * One kind of business.
 *
 * @param id stable name, also in stored facts
 * @param names what people call it, the usual one first, lower case
 * @param schemaType type of schema.org that says it best
 * @param doing the work as it stands before "in Quillhaven": {@code chimney sweeping}
 * @param coming who usually comes to whom
 * @param urgency how often a call cannot wait
 * @param goal what visitors should do first
 * @param motif drawing that stands for the trade
 * @param moods colour moods that suit it, the best first
 * @param services what it usually does
 * @param practices what customers like to hear is done every time, each a question to the owner
 * @param form what a good enquiry asks beyond name, reach and message
 */
public record Trade(
        String id,
        List<String> names,
        String schemaType,
        String doing,
        Coming coming,
        Urgency urgency,
        Goal goal,
        String motif,
        List<String> moods,
        List<UsualService> services,
        List<UsualPractice> practices,
        List<UsualField> form) {

    /** Who comes to whom. */
    public enum Coming {
        /** The business travels to its customers. */
        VISITS,
        /** Customers come to the business. */
        RECEIVES,
        BOTH
    }

    /** How often people call in a hurry. */
    public enum Urgency {
        SELDOM,
        SOMETIMES,
        OFTEN
    }

    /**
     * A usual service.
     *
     * @param key stable name within the trade
     * @param name what it is called
     * @param done the same as said on a sign: {@code Chimneys swept}
     * @param act the same as what one does: {@code sweep chimneys}
     * @param minutes how long it usually takes, or null
     */
    public record UsualService(String key, String name, String done, String act, Integer minutes) {}

    /**
     * Something a business may do every time. It stands on the page only after the owner's yes.
     *
     * @param key stable name within the trade
     * @param ask the question to the owner
     * @param says the sentence for visitors a yes allows
     * @param brief the same in one to four words
     */
    public record UsualPractice(String key, String ask, String says, String brief) {}

    /**
     * A field of the enquiry form.
     *
     * @param key stable name within the trade
     * @param label what is asked
     * @param kind {@code short} or {@code choice}
     * @param options the choices, empty for a short text
     */
    public record UsualField(String key, String label, String kind, List<String> options) {
        public UsualField {
            options = options == null ? List.of() : List.copyOf(options);
        }
    }

    public String name() {
        return names.get(0);
    }

    public boolean visits() {
        return coming != Coming.RECEIVES;
    }

    public boolean receives() {
        return coming != Coming.VISITS;
    }

    public Optional<UsualService> service(String key) {
        return services.stream().filter(service -> service.key().equals(key)).findFirst();
    }

    public Optional<UsualPractice> practice(String key) {
        return practices.stream().filter(practice -> practice.key().equals(key)).findFirst();
    }
}
