package ostium.core.format;

import java.util.ArrayList;
import java.util.List;
import ostium.core.format.LocalBusinessReader.Unreadable;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.trade.Trade;
import tools.jackson.databind.JsonNode;

/**
 * Reads {@code Offer}s of services into rows of a sheet.
 *
 * @see <a href="https://schema.org/Offer">schema.org/Offer</a>
 */
final class OfferReader {
    private final JsonSource source;
    private final String region;
    private final Trade trade;

    /** @param region ISO 3166 country, in which a dollar may be its own */
    OfferReader(JsonSource source, String region, Trade trade) {
        this.source = source;
        this.region = region;
        this.trade = trade;
    }

    List<TypedService> read(JsonNode value) throws Unreadable {
        List<TypedService> services = new ArrayList<>();
        for (JsonNode offer : JsonSource.list(value)) {
            JsonNode offered = offer.has("itemOffered") ? offer.path("itemOffered") : offer;
            String name = source.text(offered.path("name"), "itemOffered.name");
            if (name.isBlank()) {
                throw source.wrong("makesOffer", "a list of Offer with itemOffered.name");
            }
            String usual = trade.services().stream()
                    .filter(service -> service.name().equalsIgnoreCase(name))
                    .map(service -> service.key())
                    .findFirst()
                    .orElse("");
            services.add(new TypedService(
                    "",
                    usual,
                    name,
                    source.text(offered.path("description"), "description"),
                    price(offer),
                    extra(offer.path("additionalProperty"), "minutes")));
        }
        return services;
    }

    private String price(JsonNode offer) throws Unreadable {
        JsonNode specification = JsonSource.first(offer.path("priceSpecification"));
        String currency = source.text(offer.path("priceCurrency"), "priceCurrency")
                + source.text(specification.path("priceCurrency"), "priceCurrency");
        String unit = source.text(specification.path("unitText"), "unitText");
        String per = unit.isBlank() ? "" : " a " + unit;
        String least = source.text(specification.path("minPrice"), "minPrice");
        String most = source.text(specification.path("maxPrice"), "maxPrice");
        String price = source.text(offer.path("price"), "price") + source.text(specification.path("price"), "price");
        if (!most.isBlank()) {
            return money(least, currency) + " - " + most + per;
        }
        if (!least.isBlank()) {
            return "from " + money(least, currency) + per;
        }
        return price.equals("0") ? "free" : price.isBlank() ? "" : money(price, currency) + per;
    }

    /** An amount as people write it, where the sign says which currency it is. */
    private String money(String amount, String currency) {
        return switch (currency) {
            case "GBP" -> "£" + amount;
            case "EUR" -> "€" + amount;
            case "USD" -> region.equals("US") ? "$" + amount : amount + " USD";
            default -> amount + (currency.isBlank() ? "" : " " + currency);
        };
    }

    private String extra(JsonNode value, String id) throws Unreadable {
        for (JsonNode property : JsonSource.list(value)) {
            if (source.text(property.path("propertyID"), "propertyID").equals(id)) {
                return source.text(property.path("value"), "additionalProperty.value");
            }
        }
        return "";
    }
}
