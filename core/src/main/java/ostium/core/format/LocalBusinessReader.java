package ostium.core.format;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import ostium.core.fact.Country;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.TradeCatalogue;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads the facts of a business from schema.org {@code LocalBusiness} JSON-LD, as an owner's sheet would hold them, so
 * that one reader decides what is a telephone number and what are hours.
 *
 * <p>What Ostium keeps and schema.org has no name for stands in {@code additionalProperty}, a list of
 * {@code PropertyValue} with {@code propertyID} {@code practice}, {@code answers} or {@code minutes} (of an offer).
 */
public final class LocalBusinessReader {
    /**
     * What came of it.
     *
     * @param sheet the sheet, empty where nothing was said
     * @param unused properties that were left alone, by name
     */
    public record Read(TypedSheet sheet, Set<String> unused) {}

    /** The source is not what it should be. The message names line and field. */
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String message) {
            super(message);
        }
    }

    private static final Set<String> IGNORED = Set.of("@context", "@id", "@type", "url", "founder", "memberOf");

    private final String source;
    private final long seed;
    private String region = "GB";
    private final Map<String, String> fields = new LinkedHashMap<>();
    private final List<TypedSheet.TypedService> services = new ArrayList<>();
    private final List<String> links = new ArrayList<>();
    private final List<String> practices = new ArrayList<>();
    private final List<TypedSheet.TypedRow> rows = new ArrayList<>();

    private LocalBusinessReader(String source, long seed) {
        this.source = source;
        this.seed = seed;
    }

    /** The property of schema.org behind a field of the sheet: {@code hours} came from {@code openingHours}. */
    public static String property(String field) {
        String first = field.replaceFirst("\\..*", "");
        String rest = field.substring(first.length());
        return switch (first) {
                    case "hours" -> "openingHours";
                    case "place" -> "address";
                    case "area" -> "areaServed";
                    case "services" -> "makesOffer";
                    case "links" -> "sameAs";
                    case "person" -> "founder";
                    case "founded" -> "foundingDate";
                    case "words" -> "description";
                    case "membership" -> "memberOf";
                    case "trade" -> "keywords";
                    default -> first;
                }
                + rest;
    }

    /** @throws Unreadable if it is no JSON, holds no business, or a property is of the wrong kind */
    public static Read read(String source, long seed) throws Unreadable {
        return new LocalBusinessReader(source, seed).read();
    }

    private Read read() throws Unreadable {
        JsonNode root;
        try {
            root = JsonMapper.shared().readTree(source);
        } catch (JacksonException e) {
            int line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
            throw new Unreadable("line " + line + ": this is not JSON: " + e.getOriginalMessage());
        }
        JsonNode business = business(root)
                .orElseThrow(() -> new Unreadable("line 1, @type: there is no LocalBusiness with a name here"));
        String country = text(business.path("address").path("addressCountry"), "addressCountry");
        region = country.length() == 2
                ? country.toUpperCase(Locale.ROOT)
                : Country.called(country).map(Country::code).orElse("GB");
        fields.put("trade", trade(business));
        Set<String> unused = new TreeSet<>();
        for (Map.Entry<String, JsonNode> property : business.properties()) {
            if (!take(property.getKey(), property.getValue()) && !IGNORED.contains(property.getKey())) {
                unused.add(property.getKey());
            }
        }
        fields.put("person", text(first(business.path("founder")).path("name"), "founder"));
        member(first(business.path("memberOf")));
        TypedSheet sheet = new TypedSheet(region, fields, services, rows, links, practices, null, null, seed);
        return new Read(sheet, unused);
    }

    private static Optional<JsonNode> business(JsonNode root) {
        List<JsonNode> candidates = new ArrayList<>();
        if (root.isArray()) {
            root.forEach(candidates::add);
        } else if (root.has("@graph")) {
            root.get("@graph").forEach(candidates::add);
        } else {
            candidates.add(root);
        }
        return candidates.stream()
                .filter(node ->
                        node.isObject() && node.has("name") && !types(node).contains("WebSite"))
                .findFirst();
    }

    private static List<String> types(JsonNode node) {
        List<String> types = new ArrayList<>();
        JsonNode type = node.path("@type");
        if (type.isArray()) {
            type.forEach(each -> types.add(each.asString("")));
        } else {
            types.add(type.asString(""));
        }
        return types.stream()
                .map(each -> each.replaceFirst("^https?://schema\\.org/", ""))
                .toList();
    }

    private String trade(JsonNode business) throws Unreadable {
        String keywords =
                text(business.path("keywords"), "keywords").split(",")[0].strip();
        if (!keywords.isEmpty()) {
            return keywords;
        }
        List<String> types = types(business);
        return TradeCatalogue.shipped().all().stream()
                .filter(trade -> types.contains(trade.schemaType())
                        && !trade.schemaType().equals("LocalBusiness"))
                .map(trade -> trade.name())
                .findFirst()
                .orElse("");
    }

    /** @return whether the property is one we read */
    private boolean take(String property, JsonNode value) throws Unreadable {
        switch (property) {
            case "name" -> fields.put("name", text(value, property));
            case "telephone" -> fields.put("telephone", text(first(value), property));
            case "email" -> fields.put("email", text(first(value), property));
            case "description" -> fields.put("words", text(value, property));
            case "foundingDate" -> fields.put("founded", year(text(value, property)));
            case "keywords" -> text(value, property);
            case "address" -> fields.put("place", address(first(value)));
            case "areaServed" -> fields.put("area", String.join(", ", names(value, property)));
            case "openingHours" -> fields.put("hours", String.join("; ", names(value, property)));
            case "openingHoursSpecification" -> hours(value);
            case "sameAs" -> links.addAll(names(value, property));
            case "makesOffer" -> offers(value);
            case "hasOfferCatalog" -> offers(value.path("itemListElement"));
            case "additionalProperty" -> extras(value);
            case "specialOpeningHoursSpecification" -> hours(value);
            case "geo" -> point(first(value));
            case "hasMap" -> fields.putIfAbsent("point", text(first(value), property));
            case "legalName" -> fields.put("legal/name", text(value, property));
            case "vatID", "taxID" -> fields.put("legal/tax", text(value, property));
            case "alternateName" -> fields.put("short-name", text(first(value), property));
            case "slogan" -> fields.put("words/does", text(value, property));
            case "review" -> reviews(value);
            case "employee" -> people(value);
            case "contactPoint" -> contacts(value);
            default -> {
                return false;
            }
        }
        return true;
    }

    private static String year(String date) {
        return date.length() >= 4 ? date.substring(0, 4) : date;
    }

    private String address(JsonNode value) throws Unreadable {
        if (value.isString()) {
            return value.asString();
        }
        if (!value.isObject()) {
            throw wrong("address", "an address or a PostalAddress");
        }
        List<String> lines = new ArrayList<>();
        String street = text(value.path("streetAddress"), "streetAddress");
        String town = text(value.path("addressLocality"), "addressLocality");
        String region = text(value.path("addressRegion"), "addressRegion");
        String code = text(value.path("postalCode"), "postalCode");
        String named = text(value.path("addressCountry"), "addressCountry");
        Country country =
                named.length() == 2 ? Country.of(named) : Country.called(named).orElse(Country.of("GB"));
        String known = region.length() < 4 || country.regions().containsValue(region) ? region : "";
        lines.add(street);
        if (country.order() == Country.Order.CODE_TOWN) {
            lines.add((code + " " + town + " " + known).strip());
        } else {
            lines.add(town);
            lines.add((known + " " + code).strip());
        }
        lines.removeIf(String::isBlank);
        return String.join(", ", lines);
    }

    private void point(JsonNode value) throws Unreadable {
        String latitude = text(value.path("latitude"), "geo.latitude");
        String longitude = text(value.path("longitude"), "geo.longitude");
        if (!latitude.isBlank() && !longitude.isBlank()) {
            fields.put("point", latitude + ", " + longitude);
        }
    }

    /** Hours of the usual week, and of the days between {@code validFrom} and {@code validThrough}. */
    private void hours(JsonNode value) throws Unreadable {
        List<String> rules = new ArrayList<>();
        for (JsonNode specification : list(value)) {
            String from = text(specification.path("validFrom"), "validFrom");
            String through = text(specification.path("validThrough"), "validThrough");
            String rule = rule(specification, !from.isBlank());
            if (from.isBlank()) {
                rules.add(rule);
            } else {
                String dates =
                        day(from) + (through.isBlank() || day(through).equals(day(from)) ? "" : " - " + day(through));
                fields.merge("exceptions", dates + " " + rule, (one, other) -> one + "\n" + other);
            }
        }
        if (!fields.containsKey("hours") && !rules.isEmpty()) {
            fields.put("hours", String.join("; ", rules));
        }
    }

    private static String day(String date) {
        return date.length() > 10 ? date.substring(0, 10) : date;
    }

    private String rule(JsonNode specification, boolean special) throws Unreadable {
        List<String> days = new ArrayList<>();
        for (String day : names(specification.path("dayOfWeek"), "dayOfWeek")) {
            days.add(day.replaceFirst("^https?://schema\\.org/", ""));
        }
        String opens = text(specification.path("opens"), "opens");
        String closes = text(specification.path("closes"), "closes");
        boolean closed = opens.isBlank() && closes.isBlank() || opens.equals(closes);
        if (!closed && (opens.isBlank() || closes.isBlank()) || closed && !special && days.isEmpty()) {
            throw wrong("openingHoursSpecification", "a list with dayOfWeek, opens and closes");
        }
        String span = closed
                ? "closed"
                : opens.startsWith("00:00") && closes.startsWith("23:59")
                        ? "24 hours"
                        : clock(opens) + "-" + clock(closes);
        return special && days.isEmpty() ? span : (days.isEmpty() ? "daily" : String.join(" ", days)) + " " + span;
    }

    /** A time that says by itself which half of the day it is in: {@code 09:00}, never {@code 9}. */
    private static String clock(String time) {
        String plain = time.substring(0, Math.min(5, time.length()));
        if (!plain.matches("1[0-2]:[0-9]{2}")) {
            return plain;
        }
        int hour = Integer.parseInt(plain.substring(0, 2));
        return hour == 12 ? plain + "pm" : plain + "am";
    }

    private void reviews(JsonNode value) throws Unreadable {
        for (JsonNode review : list(value)) {
            String body =
                    text(review.path("reviewBody"), "reviewBody") + text(review.path("description"), "description");
            JsonNode author = first(review.path("author"));
            String who = author.isObject() ? text(author.path("name"), "author.name") : text(author, "author");
            if (!body.isBlank()) {
                rows.add(new TypedSheet.TypedRow(
                        "testimonial",
                        "",
                        Map.of(
                                "words",
                                body,
                                "who",
                                who,
                                "when",
                                text(review.path("datePublished"), "datePublished"))));
            }
        }
    }

    private void people(JsonNode value) throws Unreadable {
        for (JsonNode person : list(value)) {
            String name = person.isObject() ? text(person.path("name"), "employee.name") : text(person, "employee");
            if (!name.isBlank()) {
                rows.add(new TypedSheet.TypedRow(
                        "person",
                        "",
                        Map.of(
                                "name", name,
                                "role", person.isObject() ? text(person.path("jobTitle"), "jobTitle") : "",
                                "about", person.isObject() ? text(person.path("description"), "description") : "")));
            }
        }
    }

    private void contacts(JsonNode value) throws Unreadable {
        for (JsonNode contact : list(value)) {
            String number = text(contact.path("telephone"), "contactPoint.telephone");
            if (!number.isBlank() && !number.equals(fields.get("telephone"))) {
                rows.add(new TypedSheet.TypedRow(
                        "phone",
                        "",
                        Map.of("number", number, "name", text(contact.path("contactType"), "contactType"))));
            }
        }
    }

    private void offers(JsonNode value) throws Unreadable {
        for (JsonNode offer : list(value)) {
            JsonNode offered = offer.has("itemOffered") ? offer.path("itemOffered") : offer;
            String name = text(offered.path("name"), "itemOffered.name");
            if (name.isBlank()) {
                throw wrong("makesOffer", "a list of Offer with itemOffered.name");
            }
            String trade = fields.get("trade");
            String usual = TradeCatalogue.shipped().find(trade == null ? "" : trade).trade().services().stream()
                    .filter(service -> service.name().equalsIgnoreCase(name))
                    .map(service -> service.key())
                    .findFirst()
                    .orElse("");
            services.add(new TypedSheet.TypedService(
                    "",
                    usual,
                    name,
                    text(offered.path("description"), "description"),
                    price(offer),
                    extra(offer.path("additionalProperty"), "minutes")));
        }
    }

    private String price(JsonNode offer) throws Unreadable {
        JsonNode specification = first(offer.path("priceSpecification"));
        String currency = text(offer.path("priceCurrency"), "priceCurrency")
                + text(specification.path("priceCurrency"), "priceCurrency");
        String unit = text(specification.path("unitText"), "unitText");
        String per = unit.isBlank() ? "" : " a " + unit;
        String least = text(specification.path("minPrice"), "minPrice");
        String most = text(specification.path("maxPrice"), "maxPrice");
        String price = text(offer.path("price"), "price") + text(specification.path("price"), "price");
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

    private void extras(JsonNode value) throws Unreadable {
        for (JsonNode property : list(value)) {
            String said = text(property.path("value"), "additionalProperty.value");
            switch (text(property.path("propertyID"), "propertyID")) {
                case "practice" -> practices.add(said);
                case "answers" -> fields.put("promise", said);
                case "row" -> row(said);
                default -> line(text(property.path("propertyID"), "propertyID"), said);
            }
        }
    }

    /** A line of the sheet that schema.org has no property for: {@code ostium:words/began}. */
    private void line(String id, String said) {
        String path = id.replaceFirst("^ostium:", "");
        if (id.startsWith("ostium:") && Line.named(path).isPresent()) {
            fields.put(path, said);
        }
    }

    private void row(String said) {
        try {
            rows.add(JsonMapper.shared().readValue(said, TypedSheet.TypedRow.class));
        } catch (JacksonException e) {
            // A row of another program's making: nothing here says what it means.
        }
    }

    private String extra(JsonNode value, String id) throws Unreadable {
        for (JsonNode property : list(value)) {
            if (text(property.path("propertyID"), "propertyID").equals(id)) {
                return text(property.path("value"), "additionalProperty.value");
            }
        }
        return "";
    }

    private void member(JsonNode value) throws Unreadable {
        if (value.isObject()) {
            String body = text(value.path("hostingOrganization").path("name"), "hostingOrganization");
            said("membership/body", body.isBlank() ? text(value.path("name"), "memberOf.name") : body);
            said("membership/number", text(value.path("membershipNumber"), "membershipNumber"));
            said(
                    "membership/until",
                    text(value.path("validThrough"), "validThrough").replaceFirst("^([0-9]{4}-[0-9]{2}).*", "$1"));
        }
    }

    private void said(String path, String words) {
        if (!words.isBlank()) {
            fields.put(path, words);
        }
    }

    // ---- JSON ----------------------------------------------------------------------------------------------------

    private String text(JsonNode value, String field) throws Unreadable {
        if (value.isMissingNode() || value.isNull()) {
            return "";
        }
        if (value.isString() || value.isNumber()) {
            return value.asString().strip();
        }
        throw wrong(field, "a text");
    }

    private static JsonNode first(JsonNode value) {
        return value.isArray() && !value.isEmpty() ? value.get(0) : value;
    }

    private static List<JsonNode> list(JsonNode value) {
        List<JsonNode> all = new ArrayList<>();
        if (value.isArray()) {
            value.forEach(all::add);
        } else if (!value.isMissingNode() && !value.isNull()) {
            all.add(value);
        }
        return all;
    }

    /** Texts, or the names of things, one or many. */
    private List<String> names(JsonNode value, String field) throws Unreadable {
        List<String> names = new ArrayList<>();
        for (JsonNode each : list(value)) {
            names.add(each.isObject() ? text(each.path("name"), field) : text(each, field));
        }
        return names;
    }

    private Unreadable wrong(String field, String wanted) {
        String key = field.substring(field.lastIndexOf('.') + 1);
        int at = source.indexOf("\"" + key + "\"");
        long line = 1
                + source.substring(0, Math.max(0, at))
                        .chars()
                        .filter(c -> c == '\n')
                        .count();
        return new Unreadable("line " + line + ", " + field + ": this should be " + wanted);
    }
}
