package ostium.core.trade;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ostium.core.look.House;

/**
 * One kind of business.
 *
 * @param id stable name, also in stored facts
 * @param family id of the family it takes from what it does not say
 * @param names what people call it in each language, the usual one of English first
 * @param schemaType type of schema.org that says it best
 * @param doing the work as it stands before "in Quillhaven": {@code chimney sweeping}
 * @param speech how people of the trade talk
 * @param coming who usually comes to whom
 * @param urgency how often a call cannot wait
 * @param goal what visitors should do first
 * @param motif drawing that stands for the trade
 * @param moods colour moods that suit it, the best first
 * @param houses houses that suit it, the best first
 * @param services what it usually does
 * @param practices what customers like to hear is done every time, each a question to the owner
 * @param form what a good enquiry asks beyond name, reach and message
 * @param questions what customers ask
 * @param proof what is worth having as proof, in words for the owner
 * @param regulated what the law of a country asks it to show
 * @param inherited names of the parts that are its family's, not its own
 */
public record Trade(
        String id,
        String family,
        List<Name> names,
        String schemaType,
        String doing,
        Speech speech,
        Coming coming,
        Urgency urgency,
        Goal goal,
        String motif,
        List<String> moods,
        List<House> houses,
        List<UsualService> services,
        List<UsualPractice> practices,
        List<UsualField> form,
        List<String> questions,
        List<String> proof,
        List<RegulatedLine> regulated,
        Set<String> inherited) {

    /**
     * What people call it.
     *
     * @param language ISO 639 code: {@code en}, {@code de}, {@code fr} or {@code es}
     */
    public record Name(String language, String words) {}

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
     * The nouns and verbs of a trade. A trade takes from its family what it does not say.
     *
     * @param customer whom it works for: {@code customer}, {@code patient}, {@code pupil}
     * @param job one piece of its work, as customers call it: {@code job}, {@code appointment}, {@code lesson}
     * @param does what it does where it is, nothing that the name of the trade does not say: {@code see patients}, {@code teach}
     * @param list what its list of services is headed with: {@code Treatments}
     * @param tell what is worth telling when one asks, each as it stands after "It helps to say": {@code what has happened}
     */
    public record Speech(String customer, String job, String does, String list, List<String> tell) {
        Speech over(Speech family) {
            return new Speech(
                    customer == null ? family.customer : customer,
                    job == null ? family.job : job,
                    does == null ? family.does : does,
                    list == null ? family.list : list,
                    List.copyOf(tell == null ? family.tell : tell));
        }
    }

    /**
     * A usual service.
     *
     * @param key stable name within the trade
     * @param name what it is called
     * @param minutes how long it usually takes, or null
     * @param price how a price is usually given; never an amount
     * @param say what is worth saying about it, in words for the owner; empty when nothing is known
     */
    public record UsualService(String key, String name, Integer minutes, PriceKind price, String say) {
        public UsualService {
            price = price == null ? PriceKind.QUOTE : price;
            say = say == null ? "" : say;
        }
    }

    /** How a price is usually given. */
    public enum PriceKind {
        FIXED,
        FROM,
        HOURLY,
        /** For a piece, a metre, a night. */
        UNIT,
        /** After a look. */
        QUOTE,
        FREE
    }

    /**
     * Something a country asks the trade to show.
     *
     * @param key stable name within the trade
     * @param country ISO 3166 code
     * @param says why, in a sentence for the owner
     * @param shows what has to be there: {@code registration number}
     * @param advised whether nothing asks that it be shown: people look for it, or look the business up
     */
    public record RegulatedLine(String key, String country, String says, String shows, boolean advised) {}

    /**
     * Something a business may do every time. It stands on the page only after the owner's yes.
     *
     * @param key stable name within the trade
     * @param ask the question to the owner
     * @param says the sentence for visitors a yes allows
     * @param brief the same in one to four words
     * @param apart the same as it stands in a headline behind the trade: {@code one dog at a time}; null where it cannot
     */
    public record UsualPractice(String key, String ask, String says, String brief, String apart) {}

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

    /**
     * The trade in the English of a country.
     *
     * @param country ISO 3166 code
     */
    public Trade in(String country) {
        return country.equals(AmericanEnglish.COUNTRY) ? AmericanEnglish.of(this) : this;
    }

    /** What it is usually called, in English. */
    public String name() {
        return names.get(0).words();
    }

    /** What it has to show in a country. */
    public List<RegulatedLine> regulatedIn(String country) {
        return regulated.stream().filter(line -> line.country().equals(country)).toList();
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
