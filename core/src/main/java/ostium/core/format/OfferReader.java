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
    private static final int DEEPEST = 5;

    private final JsonSource source;
    private final String region;
    private final Trade trade;

    /** @param region ISO 3166 country, in which a dollar may be its own */
    OfferReader(JsonSource source, String region, Trade trade) {
        this.source = source;
        this.region = region;
        this.trade = trade;
    }

    /** Offers, services, and catalogues of them, one in another. */
    List<TypedService> read(JsonNode value) throws Unreadable {
        List<TypedService> services = new ArrayList<>();
        read(value, services, 0);
        return services;
    }

    private void read(JsonNode value, List<TypedService> services, int depth) throws Unreadable {
        for (JsonNode each : JsonSource.list(value)) {
            JsonNode offer = each.has("item") ? each.path("item") : each;
            boolean isList = offer.has("itemListElement") || offer.has("hasOfferCatalog");
            if (isList && depth < DEEPEST) {
                read(offer.path("itemListElement"), services, depth + 1);
                read(offer.path("hasOfferCatalog"), services, depth + 1);
            } else {
                services.add(service(offer));
            }
        }
    }

    private TypedService service(JsonNode offer) throws Unreadable {
        JsonNode offered = offer.has("itemOffered") ? JsonSource.first(offer.path("itemOffered")) : offer;
        String name = offered.isObject() && !offered.has("name") ? "" : source.text(offered, "itemOffered.name");
        if (name.isBlank()) {
            throw source.wrong("makesOffer", "offers");
        }
        String usual = trade.services().stream()
                .filter(known -> known.name().equalsIgnoreCase(name))
                .map(known -> known.key())
                .findFirst()
                .orElse("");
        JsonNode priced = offer.has("offers") ? JsonSource.first(offer.path("offers")) : offer;
        return new TypedService(
                "",
                usual,
                name,
                source.text(offered.path("description"), "description"),
                price(priced),
                extra(offer.path("additionalProperty"), "minutes"));
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
