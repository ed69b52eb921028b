package ostium.core.fact;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Optional;
import ostium.core.hours.WeeklyHours;

/**
 * The value of a {@link Fact}. The small kinds stand here; those with rules of their own have files of their own.
 *
 * <p>A text can hold a link to a fact by id and <em>facet</em>: one way of saying the value. The facets of a kind are a
 * closed list; {@link #say} answers empty for any other, so that a wrong link shows nothing rather than something wrong.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = FactValue.Name.class, name = "name"),
    @JsonSubTypes.Type(value = FactValue.TradeWords.class, name = "trade"),
    @JsonSubTypes.Type(value = FactValue.Person.class, name = "person"),
    @JsonSubTypes.Type(value = FactValue.Founded.class, name = "founded"),
    @JsonSubTypes.Type(value = FactValue.Area.class, name = "area"),
    @JsonSubTypes.Type(value = FactValue.Practice.class, name = "practice"),
    @JsonSubTypes.Type(value = FactValue.Membership.class, name = "membership"),
    @JsonSubTypes.Type(value = FactValue.AnswerPromise.class, name = "promise"),
    @JsonSubTypes.Type(value = FactValue.OwnWords.class, name = "words"),
    @JsonSubTypes.Type(value = FactValue.Hours.class, name = "hours"),
    @JsonSubTypes.Type(value = Telephone.class, name = "telephone"),
    @JsonSubTypes.Type(value = EmailAddress.class, name = "email"),
    @JsonSubTypes.Type(value = Place.class, name = "place"),
    @JsonSubTypes.Type(value = Service.class, name = "service"),
    @JsonSubTypes.Type(value = Link.class, name = "link"),
})
public sealed interface FactValue
        permits FactValue.Name,
                FactValue.TradeWords,
                FactValue.Person,
                FactValue.Founded,
                FactValue.Area,
                FactValue.Practice,
                FactValue.Membership,
                FactValue.AnswerPromise,
                FactValue.OwnWords,
                FactValue.Hours,
                Telephone,
                EmailAddress,
                Place,
                Service,
                Link {

    /**
     * The value in words for a visitor.
     *
     * @param facet one of the closed list of this kind; {@code ""} is the usual way to say it
     */
    Optional<String> say(String facet);

    /** The closed list of its facets, the usual one first; empty when it has no words of its own. */
    default List<String> facets() {
        return List.of("");
    }

    private static Optional<String> only(String facet, String value) {
        return facet.isEmpty() ? Optional.of(value) : Optional.empty();
    }

    /** The name of the business, Unicode NFC, 1 to 200 characters. */
    record Name(String value) implements FactValue {
        public static final int LONGEST = 200;

        @Override
        public Optional<String> say(String facet) {
            return only(facet, value);
        }
    }

    /**
     * The trade as the owner calls it.
     *
     * @param words the owner's words
     * @param trade id in the catalogue of the nearest trade; the general one when none is near
     */
    record TradeWords(String words, String trade) implements FactValue {
        @Override
        public Optional<String> say(String facet) {
            return only(facet, words);
        }
    }

    /** Somebody of the business. Facets: whole name, {@code first}. */
    record Person(String name, String role) implements FactValue {
        @Override
        public List<String> facets() {
            return List.of("", "first", "role");
        }

        @Override
        public Optional<String> say(String facet) {
            return switch (facet) {
                case "" -> Optional.of(name);
                case "first" -> Optional.of(name.split("\\s+")[0]);
                case "role" -> role.isBlank() ? Optional.empty() : Optional.of(role);
                default -> Optional.empty();
            };
        }
    }

    /** The year the business began, by the proleptic ISO calendar. */
    record Founded(int year) implements FactValue {
        @Override
        public Optional<String> say(String facet) {
            return only(facet, String.valueOf(year));
        }
    }

    /**
     * The places the business comes to, in the owner's order. Facets: a list with "and"; {@code first}; {@code rest}
     * (the list without the first); {@code count}.
     */
    record Area(List<String> places) implements FactValue {
        public Area {
            places = List.copyOf(places);
            if (places.isEmpty()) {
                throw new IllegalArgumentException("places is empty");
            }
        }

        @Override
        public List<String> facets() {
            return List.of("", "first", "rest", "count");
        }

        @Override
        public Optional<String> say(String facet) {
            return switch (facet) {
                case "" -> Optional.of(Listing.and(places));
                case "first" -> Optional.of(places.get(0));
                case "rest" ->
                    places.size() > 1 ? Optional.of(Listing.and(places.subList(1, places.size()))) : Optional.empty();
                case "count" -> places.size() > 1 ? Optional.of(Listing.number(places.size())) : Optional.empty();
                default -> Optional.empty();
            };
        }
    }

    /**
     * Something this business does every time, which the owner has said yes to. The sentences for it come from the
     * trade's data, and stand only on this yes.
     *
     * @param key key of the practice in its trade, such as {@code certificate}
     */
    record Practice(String key) implements FactValue {
        @Override
        public List<String> facets() {
            return List.of();
        }

        @Override
        public Optional<String> say(String facet) {
            return Optional.empty();
        }
    }

    /**
     * A credential: membership of a trade body, or a registration with one.
     *
     * @param body who issued it
     * @param number number with the issuer, or blank
     * @param until last month it is valid, ISO {@code yyyy-MM}, or blank
     */
    record Membership(String body, String number, String until) implements FactValue {
        @Override
        public List<String> facets() {
            return List.of("", "number");
        }

        @Override
        public Optional<String> say(String facet) {
            return switch (facet) {
                case "" -> Optional.of(body);
                case "number" -> number.isBlank() ? Optional.empty() : Optional.of(number);
                default -> Optional.empty();
            };
        }
    }

    /** When messages are answered, as a continuation of "We answer …": "by the next working morning". */
    record AnswerPromise(String words) implements FactValue {
        @Override
        public Optional<String> say(String facet) {
            return only(facet, words);
        }
    }

    /** The owner's own words about the business; shown as they are, never rewritten unasked. */
    record OwnWords(String words) implements FactValue {
        public static final int LONGEST = 5000;

        @Override
        public Optional<String> say(String facet) {
            return only(facet, words);
        }
    }

    /**
     * Weekly hours. Facets: all of the week ("Mon–Fri 9–5:30 · Sat 10–2 · Sun closed"); {@code open} (the days that
     * are open only); {@code days} ("Tuesday to Saturday").
     */
    record Hours(WeeklyHours week) implements FactValue {
        @Override
        public List<String> facets() {
            return List.of("", "open", "days");
        }

        @Override
        public Optional<String> say(String facet) {
            return switch (facet) {
                case "" -> Optional.of(week.say());
                case "open" -> Optional.of(week.sayOpen());
                case "days" -> week.sayDays();
                default -> Optional.empty();
            };
        }
    }
}
