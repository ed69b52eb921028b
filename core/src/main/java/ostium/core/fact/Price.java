package ostium.core.fact;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/**
 * What a service costs, in the owner's words made exact.
 *
 * @param kind how the amount is meant
 * @param amount the amount, or null for {@link Kind#ON_REQUEST} and {@link Kind#FREE}
 * @param upTo the upper end of a {@link Kind#RANGE}, else null
 * @param unit what one amount buys for {@link Kind#PER_UNIT} ("hour", "room"), else empty
 */
public record Price(Kind kind, Money amount, Money upTo, String unit) {

    private static final int LONGEST = 200;

    /** How an amount is meant. */
    public enum Kind {
        FIXED,
        FROM,
        RANGE,
        PER_UNIT,
        ON_REQUEST,
        FREE
    }

    private static final Messages WORDS = Messages.of("fact");

    /** Says that tax is in it, as it is in every price that people are told. */
    private static final String TAX_PAID =
            "\\s*\\(?(?:\\b(?:inc(?:l(?:uding)?)?|inkl)\\.? (?:of )?(?:vat|mwst\\.?|ust\\.?|tax)"
                    + "|\\bttc|\\biva incl(?:uido|\\.)?|\\btva comprise)\\)?$";

    private static final String AMOUNT =
            "([£$€]|gbp|usd|eur)?\\s*([0-9]{1,3}(?:,[0-9]{3})+|[0-9]{1,7})(?:[.]([0-9]{1,2}))?"
                    + "\\s*([£$€]|gbp|usd|eur)?";
    private static final Pattern FORM = Pattern.compile(
            "(?<from>from\\s+|starting (?:at|from)\\s+|ab\\s+)?" + AMOUNT
                    + "(?:\\s*(?:-|–|—|to)\\s*" + AMOUNT + ")?"
                    + "\\s*(?<plus>\\+)?(?:\\s*(?:/|per|an|a|each)\\s*(?<unit>[\\p{L} ]{1,30})?)?",
            Pattern.CASE_INSENSITIVE);

    public Price {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(unit, "unit");
        boolean needsAmount = kind != Kind.ON_REQUEST && kind != Kind.FREE;
        if (needsAmount != (amount != null) || (kind == Kind.RANGE) != (upTo != null)) {
            throw new IllegalArgumentException("a price " + kind + " with " + amount + " and " + upTo);
        }
    }

    public static Price fixed(Money amount) {
        return new Price(Kind.FIXED, amount, null, "");
    }

    public static Price from(Money amount) {
        return new Price(Kind.FROM, amount, null, "");
    }

    public static Price onRequest() {
        return new Price(Kind.ON_REQUEST, null, null, "");
    }

    /**
     * Reads "65", "£65.50", "from 95", "£40–60", "£30 an hour", "on request", "free".
     *
     * @param region ISO 3166 country, for the currency of a bare number
     */
    public static Reading<Price> read(String words, String region) {
        Optional<Reading<Price>> tooLong = Reading.tooLong(words, LONGEST);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        String plain = plain(words, region);
        if (plain.matches("(price )?on request|ask( us| me)?|by quote|quote|quoted|poa|varies")) {
            return Reading.understood(onRequest());
        }
        if (plain.matches("free( of charge)?|no charge|nothing")) {
            return Reading.understood(new Price(Kind.FREE, null, null, ""));
        }
        Matcher form = FORM.matcher(plain);
        if (!form.matches()) {
            return Reading.refused(WORDS.say("price.giveAPriceLike65"), words);
        }
        Money amount = money(form, 2, region);
        String unit = form.group("unit") == null ? "" : form.group("unit").strip();
        if (form.group(7) != null) {
            Money upTo = money(form, 6, region);
            upTo = new Money(upTo.amount(), amount.currency());
            if (upTo.amount().compareTo(amount.amount()) <= 0) {
                return Reading.refused(WORDS.say("price.theSecondAmountIsNot"), words);
            }
            return Reading.understood(new Price(Kind.RANGE, amount, upTo, unit));
        }
        Price price = form.group("from") != null || form.group("plus") != null
                ? new Price(Kind.FROM, amount, null, unit)
                : unit.isEmpty() ? fixed(amount) : new Price(Kind.PER_UNIT, amount, null, unit);
        return amount.currency().equals(Money.currencyOf(region))
                ? Reading.understood(price)
                : Reading.understood(
                        price,
                        foreign(amount, region),
                        price.in(Money.currencyOf(region)).say());
    }

    /** The words in small letters, with numbers and the usual words of four languages as English has them. */
    private static String plain(String words, String region) {
        return words.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[\\u00a0\\u202f\\u2009]", " ")
                .replaceFirst(TAX_PAID, "")
                .replaceFirst("(?<=[0-9])\\s?euros?(?![\\p{L}])", " eur")
                .replaceFirst("(?<=[0-9])\\s?p\\.?p\\.?$", " per person")
                .replaceFirst("^([0-9]{1,2})p(?![\\p{L}])", "£0.$1")
                .replaceFirst("^(?:between|zwischen|entre)\\s+(.+?)\\s+(?:and|und|et|y)\\s+", "$1-")
                .replaceAll(isDotted(region) ? "(?<![0-9.,])([0-9]{1,3})\\.([0-9]{3})(?![0-9])" : "(?!)", "$1$2")
                .replaceFirst("(?<=[0-9])[.,]-+", "")
                .replaceAll("(?<=[0-9]),(?=[0-9]{1,2}(?![0-9]))", ".")
                .replaceAll("(?<![0-9])([0-9]{1,3}) ([0-9]{3})(?![0-9])", "$1$2")
                .replaceFirst("^(?:ab|à partir de|dès|desde|a partir de)\\s+", "from ")
                .replaceFirst(
                        "^(?:(?:preis )?auf anfrage|nach (?:absprache|aufwand)|(?:prix )?sur (?:devis|demande)"
                                + "|a consultar|consultar|(?:según|bajo) presupuesto)$",
                        "on request")
                .replaceFirst("^(?:kostenlos|gratis|umsonst|gratuite?|offert)$", "free")
                .replaceFirst("\\s(?:pro|par|por)\\s", " per ")
                .replaceFirst("(?<= per |/)(?:stunde|std\\.?|heure|hora)$", "hour")
                .replaceFirst("(?<= per |/)(?:tag|jour|día)$", "day")
                .replaceFirst("(?<= per |/)(?:personne|persona)$", "person");
    }

    /** Whether a dot stands between thousands: where a comma stands before the cents. */
    private static boolean isDotted(String region) {
        return Money.currencyOf(region).equals("EUR") && !region.equals("IE") && !region.equals("FR");
    }

    /** A price in another country's money is taken, and pointed out. */
    private static String foreign(Money amount, String region) {
        return WORDS.say("price.foreign", named(amount.currency()), named(Money.currencyOf(region)));
    }

    private static String named(String currency) {
        String key = "currency." + currency;
        return WORDS.has(key) ? WORDS.say(key) : currency;
    }

    private Price in(String currency) {
        return new Price(kind, new Money(amount.amount(), currency), upTo, unit);
    }

    private static Money money(Matcher form, int group, String region) {
        String sign = form.group(group) != null ? form.group(group) : form.group(group + 3);
        String currency = switch (sign == null ? "" : sign) {
            case "£", "gbp" -> "GBP";
            case "€", "eur" -> "EUR";
            case "$", "usd" -> dollars(region);
            default -> Money.currencyOf(region);
        };
        String cents = form.group(group + 2) == null ? "" : "." + form.group(group + 2);
        return new Money(new BigDecimal(form.group(group + 1).replace(",", "") + cents), currency);
    }

    private static String dollars(String region) {
        String own = Money.currencyOf(region);
        return own.endsWith("D") ? own : "USD";
    }

    /** "£65", "from £95", "£40–60", "£30 an hour", "on request", "free". */
    public String say() {
        String per = unit.isEmpty() ? "" : (unit.matches("(?i)(hour|[aeio].*)") ? " an " : " a ") + unit;
        return switch (kind) {
            case FIXED -> amount.say();
            case FROM -> WORDS.say("price.from", amount.say() + per);
            case RANGE -> amount.say() + "–" + upTo.say().replaceFirst("^[£$€]", "") + per;
            case PER_UNIT -> amount.say() + per;
            case ON_REQUEST -> WORDS.say("price.onRequest");
            case FREE -> WORDS.say("price.free");
        };
    }
}
