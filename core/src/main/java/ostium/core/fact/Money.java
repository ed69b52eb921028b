package ostium.core.fact;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.Locale;
import java.util.Objects;

/**
 * An amount of money.
 *
 * @param amount decimal amount, not negative
 * @param currency ISO 4217 code, such as {@code GBP}
 */
public record Money(BigDecimal amount, String currency) {
    public Money {
        Objects.requireNonNull(amount, "amount");
        Objects.requireNonNull(currency, "currency");
        if (amount.signum() < 0) {
            throw new IllegalArgumentException("amount is negative: " + amount);
        }
    }

    /** The currency of a country, pounds where the country is unknown. */
    public static String currencyOf(String region) {
        try {
            return Currency.getInstance(new Locale.Builder().setRegion(region).build())
                    .getCurrencyCode();
        } catch (RuntimeException e) {
            return "GBP";
        }
    }

    /** "£65", "£65.50", "$18", "€40", "65 CHF": no empty decimals. */
    public String say() {
        BigDecimal plain = amount.stripTrailingZeros();
        String digits = plain.scale() <= 0
                ? plain.toBigInteger().toString()
                : amount.setScale(2).toPlainString();
        return switch (currency) {
            case "GBP" -> "£" + digits;
            case "USD", "CAD", "AUD", "NZD" -> "$" + digits;
            case "EUR" -> "€" + digits;
            default -> digits + " " + currency;
        };
    }
}
