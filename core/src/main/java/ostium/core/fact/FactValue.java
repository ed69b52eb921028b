package ostium.core.fact;

import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.WeeklyHours;

/**
 * The value of a {@link Fact}. The small kinds stand here; those with rules of their own have files of their own.
 *
 * <p>A text can hold a link to a fact by id and <em>facet</em>: one way of saying the value. The facets of a kind are a
 * closed list; {@link #say} answers empty for any other, so that a wrong link shows nothing rather than something wrong.
 */
public sealed interface FactValue
        permits FactValue.Name,
                FactValue.TradeWords,
                FactValue.Person,
                FactValue.Founded,
                FactValue.ShortName,
                FactValue.TextNumber,
                FactValue.NamedTelephone,
                FactValue.HoursFor,
                FactValue.Special,
                FactValue.Zone,
                FactValue.Testimonial,
                FactValue.Guarantee,
                FactValue.Answer,
                Legal,
                Area,
                Point,
                FactValue.Practice,
                FactValue.Membership,
                FactValue.AnswerPromise,
                FactValue.OwnWords,
                FactValue.Hours,
                Telephone,
                EmailAddress,
                Place,
                Service,
                Link,
                Picture,
                Document {

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

    /** Words of a value that can be said in one way only. */
    static Optional<String> only(String facet, String value) {
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

    /** The name for narrow places, 1 to 24 characters. */
    record ShortName(String value) implements FactValue {
        @Override
        public Optional<String> say(String facet) {
            return only(facet, value);
        }
    }

    /** Where text messages go. Facets as those of the number. */
    record TextNumber(Telephone number) implements FactValue {
        @Override
        public List<String> facets() {
            return number.facets();
        }

        @Override
        public Optional<String> say(String facet) {
            return number.say(facet);
        }
    }

    /** A further number with what it is for: "Workshop". */
    record NamedTelephone(String name, Telephone number) implements FactValue {
        @Override
        public List<String> facets() {
            return List.of("", "international", "name");
        }

        @Override
        public Optional<String> say(String facet) {
            return facet.equals("name") ? Optional.of(name).filter(said -> !said.isBlank()) : number.say(facet);
        }
    }

    /** Somebody of the business. Facets: whole name, {@code first}, {@code role}, {@code about}. */
    record Person(String name, String role, String about) implements FactValue {
        public Person(String name) {
            this(name, "", "");
        }

        @Override
        public List<String> facets() {
            return List.of("", "first", "role", "about");
        }

        @Override
        public Optional<String> say(String facet) {
            return switch (facet) {
                case "" -> Optional.of(name);
                case "first" -> Optional.of(name.split("\\s+")[0]);
                case "role" -> role.isBlank() ? Optional.empty() : Optional.of(role);
                case "about" -> about.isBlank() ? Optional.empty() : Optional.of(about);
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
        /** Whether one belongs to it, as to a guild; a diploma or a register is held, and nobody is a member of it. */
        public boolean isMembership() {
            return ProfessionalBody.isNamedIn(body);
        }

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
     * are open only); {@code days} ("Tuesday to Saturday"); {@code closed} ("Sunday and Monday").
     */
    record Hours(WeeklyHours week) implements FactValue {
        @Override
        public List<String> facets() {
            return List.of("", "open", "days", "closed");
        }

        @Override
        public Optional<String> say(String facet) {
            return switch (facet) {
                case "" -> Optional.of(week.say());
                case "open" -> Optional.of(week.sayOpen());
                case "days" -> week.sayDays();
                case "closed" -> week.sayClosedDays();
                default -> Optional.empty();
            };
        }
    }

    /**
     * Hours of another kind, which default to the visiting hours.
     *
     * @param use what happens in them: telephone calls are answered, or appointments are taken
     */
    record HoursFor(Use use, WeeklyHours week) implements FactValue {
        /** What hours are for. */
        public enum Use {
            TELEPHONE,
            WORKING
        }

        @Override
        public List<String> facets() {
            return List.of("", "open");
        }

        @Override
        public Optional<String> say(String facet) {
            return switch (facet) {
                case "" -> Optional.of(week.say());
                case "open" -> Optional.of(week.sayOpen());
                default -> Optional.empty();
            };
        }
    }

    /** Days and seasons with hours of their own, in the owner's order. */
    record Special(List<SpecialHours> all) implements FactValue {
        public Special {
            all = List.copyOf(all);
        }

        @Override
        public Optional<String> say(String facet) {
            return only(facet, all.stream().map(SpecialHours::say).collect(Collectors.joining(" · ")));
        }
    }

    /** The zone whose clock the business keeps, where its country has several. */
    record Zone(ZoneId id) implements FactValue {
        @Override
        public Optional<String> say(String facet) {
            return only(facet, id.getId());
        }
    }

    /**
     * What customers ask, with the owner's answer. Facets: the answer, {@code ask}.
     *
     * @param ask the question, as a customer would put it
     * @param answer the owner's own words, which may have several lines
     */
    record Answer(String ask, String answer) implements FactValue {
        /** The answer in paragraphs. */
        public List<String> lines() {
            return answer.lines()
                    .map(String::strip)
                    .filter(line -> !line.isEmpty())
                    .toList();
        }

        @Override
        public List<String> facets() {
            return List.of("", "ask");
        }

        @Override
        public Optional<String> say(String facet) {
            return switch (facet) {
                case "" -> Optional.of(answer);
                case "ask" -> Optional.of(ask);
                default -> Optional.empty();
            };
        }
    }

    /**
     * Words of a customer, never changed. Facets: the words, {@code who}, {@code when}, {@code where}.
     *
     * @param when when it was said, as the owner wrote it, or blank
     * @param where where it was said, or blank
     */
    record Testimonial(String words, String who, String when, String where) implements FactValue {
        @Override
        public List<String> facets() {
            return List.of("", "who", "when", "where");
        }

        @Override
        public Optional<String> say(String facet) {
            return switch (facet) {
                case "" -> Optional.of(words);
                case "who" -> Optional.of(who).filter(said -> !said.isBlank());
                case "when" -> Optional.of(when).filter(said -> !said.isBlank());
                case "where" -> Optional.of(where).filter(said -> !said.isBlank());
                default -> Optional.empty();
            };
        }
    }

    /** What the owner promises to put right, in their words. */
    record Guarantee(String words) implements FactValue {
        @Override
        public Optional<String> say(String facet) {
            return only(facet, words);
        }
    }
}
