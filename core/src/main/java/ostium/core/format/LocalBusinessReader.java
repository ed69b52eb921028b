package ostium.core.format;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import ostium.core.base.Messages;
import ostium.core.country.Country;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.trade.Trade;
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
    private static final Messages WORDS = Messages.of("format");

    /**
     * What came of it.
     *
     * @param sheet the sheet, empty where nothing was said
     * @param unused properties that were left alone, by name
     * @param faults what could not be read, each with line and property; the rest was
     */
    public record Read(TypedSheet sheet, Set<String> unused, List<String> faults) {}

    /** The source is not what it should be. The message names line and field. */
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String message) {
            super(message);
        }
    }

    private static final Set<String> IGNORED =
            Set.of("@context", "@id", "@type", "founder", "memberOf", "image", "logo", "photo");

    private final JsonSource source;
    private final long seed;
    private final SpecifiedHours hours;
    private String region = "GB";
    private final Map<String, String> fields = new LinkedHashMap<>();
    private final List<TypedSheet.TypedService> services = new ArrayList<>();
    private final List<String> links = new ArrayList<>();
    private final List<String> practices = new ArrayList<>();
    private final List<TypedSheet.TypedRow> rows = new ArrayList<>();

    private LocalBusinessReader(String source, long seed) {
        this.source = new JsonSource(source);
        this.hours = new SpecifiedHours(this.source);
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

    /** @throws Unreadable if it is no JSON, or holds no business */
    public static Read read(String source, long seed) throws Unreadable {
        return new LocalBusinessReader(source, seed).read();
    }

    private Read read() throws Unreadable {
        JsonNode root;
        try {
            root = JsonMapper.shared().readTree(source.source());
        } catch (JacksonException e) {
            int line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
            throw new Unreadable(WORDS.say("json.cut", line));
        }
        JsonNode business = DataOfPage.business(root).orElseThrow(() -> new Unreadable(WORDS.say("json.noBusiness")));
        String country = source.text(business.path("address").path("addressCountry"), "addressCountry");
        region = country.length() == 2
                ? country.toUpperCase(Locale.ROOT)
                : Country.called(country).map(Country::code).orElse("GB");
        fields.put("trade", trade(business));
        Set<String> unused = new TreeSet<>();
        List<String> faults = new ArrayList<>();
        for (Map.Entry<String, JsonNode> property : business.properties()) {
            try {
                if (!take(property.getKey(), property.getValue()) && !IGNORED.contains(property.getKey())) {
                    unused.add(property.getKey());
                }
            } catch (Unreadable e) {
                faults.add(e.getMessage());
            }
        }
        try {
            fields.put("person", source.text(business.path("founder"), "founder"));
            member(JsonSource.first(business.path("memberOf")));
        } catch (Unreadable e) {
            faults.add(e.getMessage());
        }
        if (!business.has("url")) {
            DataOfPage.site(root).ifPresent(links::add);
        }
        // Hours in words and days said by Ostium itself come before the specifications.
        fields.putIfAbsent("hours", hours.week());
        fields.putIfAbsent("exceptions", hours.special());
        TypedSheet sheet = new TypedSheet(region, fields, services, rows, links, practices, null, null, seed);
        return new Read(sheet, unused, faults);
    }

    private String trade(JsonNode business) throws Unreadable {
        String keywords =
                source.text(business.path("keywords"), "keywords").split(",")[0].strip();
        if (!keywords.isEmpty()) {
            return keywords;
        }
        List<String> types = DataOfPage.types(business);
        List<Trade> fitting = TradeCatalogue.shipped().all().stream()
                .filter(trade -> types.contains(trade.schemaType())
                        && !trade.schemaType().equals("LocalBusiness"))
                .toList();
        if (fitting.size() == 1) {
            return fitting.get(0).name();
        }
        // Many trades share a type: it is one of them only where the words of the business say which.
        String says = source.text(business.path("name"), "name") + "\n"
                + business.path("description").asString("");
        return TradeCatalogue.shipped()
                .namedIn(says)
                .filter(said ->
                        fitting.contains(TradeCatalogue.shipped().find(said).trade()))
                .orElse("");
    }

    /** @return whether the property is one we read */
    private boolean take(String property, JsonNode value) throws Unreadable {
        switch (property) {
            case "name" -> fields.put("name", source.text(value, property));
            case "telephone" -> telephones(source.names(value, property));
            case "email" -> fields.put("email", source.text(value, property).replaceFirst("(?i)^mailto:", ""));
            case "url" -> links.addAll(source.names(value, property));
            case "description" -> fields.put("words", source.text(value, property));
            case "foundingDate" -> fields.put("founded", year(source.text(value, property)));
            case "keywords" -> source.text(value, property);
            case "address" -> fields.put("place", address(JsonSource.first(value)));
            case "location" ->
                fields.putIfAbsent("place", address(JsonSource.first(value).path("address")));
            case "areaServed" -> fields.put("area", String.join(", ", source.names(value, property)));
            case "openingHours" -> fields.put("hours", String.join("; ", source.names(value, property)));
            case "openingHoursSpecification", "specialOpeningHoursSpecification" -> hours.read(value);
            case "sameAs" -> links.addAll(source.names(value, property));
            case "makesOffer" -> offers(value);
            case "hasOfferCatalog" -> offers(value);
            case "additionalProperty" -> extras(value);
            case "geo" -> point(JsonSource.first(value));
            case "hasMap" -> fields.putIfAbsent("point", source.text(JsonSource.first(value), property));
            case "legalName" -> fields.put("legal/name", source.text(value, property));
            case "vatID", "taxID" -> fields.put("legal/tax", source.text(value, property));
            case "alternateName" -> fields.put("short-name", source.text(JsonSource.first(value), property));
            case "slogan" -> fields.put("words/does", source.text(value, property));
            case "review" -> reviews(value);
            case "employee" -> people(value);
            case "contactPoint" -> contacts(value);
            default -> {
                return false;
            }
        }
        return true;
    }

    /** The first is the telephone, the others are rows. */
    private void telephones(List<String> numbers) {
        for (String number : numbers) {
            if (fields.putIfAbsent("telephone", number) != null && !number.equals(fields.get("telephone"))) {
                rows.add(new TypedSheet.TypedRow("phone", "", Map.of("number", number, "name", "")));
            }
        }
    }

    private static String year(String date) {
        return date.length() >= 4 ? date.substring(0, 4) : date;
    }

    private String address(JsonNode value) throws Unreadable {
        if (value.isString() || value.isMissingNode()) {
            return value.asString("");
        }
        if (!value.isObject()) {
            throw source.wrong("address", "address");
        }
        List<String> lines = new ArrayList<>();
        String street = source.text(value.path("streetAddress"), "streetAddress");
        String town = source.text(value.path("addressLocality"), "addressLocality");
        String region = source.text(value.path("addressRegion"), "addressRegion");
        String code = source.text(value.path("postalCode"), "postalCode");
        String named = source.text(value.path("addressCountry"), "addressCountry");
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
        String latitude = source.text(value.path("latitude"), "geo.latitude");
        String longitude = source.text(value.path("longitude"), "geo.longitude");
        if (!latitude.isBlank() && !longitude.isBlank()) {
            fields.put("point", latitude + ", " + longitude);
        }
    }

    private void reviews(JsonNode value) throws Unreadable {
        for (JsonNode review : JsonSource.list(value)) {
            String body = source.text(review.path("reviewBody"), "reviewBody")
                    + source.text(review.path("description"), "description");
            JsonNode author = JsonSource.first(review.path("author"));
            String who =
                    author.isObject() ? source.text(author.path("name"), "author.name") : source.text(author, "author");
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
                                source.text(review.path("datePublished"), "datePublished"))));
            }
        }
    }

    private void people(JsonNode value) throws Unreadable {
        for (JsonNode person : JsonSource.list(value)) {
            String name = person.isObject()
                    ? source.text(person.path("name"), "employee.name")
                    : source.text(person, "employee");
            if (!name.isBlank()) {
                rows.add(new TypedSheet.TypedRow(
                        "person",
                        "",
                        Map.of(
                                "name", name,
                                "role", person.isObject() ? source.text(person.path("jobTitle"), "jobTitle") : "",
                                "about",
                                        person.isObject()
                                                ? source.text(person.path("description"), "description")
                                                : "")));
            }
        }
    }

    private void contacts(JsonNode value) throws Unreadable {
        for (JsonNode contact : JsonSource.list(value)) {
            String number = source.text(contact.path("telephone"), "contactPoint.telephone");
            if (!number.isBlank() && !number.equals(fields.get("telephone"))) {
                rows.add(new TypedSheet.TypedRow(
                        "phone",
                        "",
                        Map.of("number", number, "name", source.text(contact.path("contactType"), "contactType"))));
            }
        }
    }

    private void offers(JsonNode value) throws Unreadable {
        Trade trade = TradeCatalogue.shipped().find(fields.get("trade")).trade();
        services.addAll(new OfferReader(source, region, trade).read(value));
    }

    private void extras(JsonNode value) throws Unreadable {
        for (JsonNode property : JsonSource.list(value)) {
            String said = source.text(property.path("value"), "additionalProperty.value");
            switch (source.text(property.path("propertyID"), "propertyID")) {
                case "practice" -> practices.add(said);
                case "answers" -> fields.put("promise", said);
                case "row" -> row(said);
                default -> line(source.text(property.path("propertyID"), "propertyID"), said);
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

    private void member(JsonNode value) throws Unreadable {
        if (value.isObject()) {
            String body = source.text(value.path("hostingOrganization").path("name"), "hostingOrganization");
            said("membership/body", body.isBlank() ? source.text(value.path("name"), "memberOf.name") : body);
            said("membership/number", source.text(value.path("membershipNumber"), "membershipNumber"));
            said(
                    "membership/until",
                    source.text(value.path("validThrough"), "validThrough")
                            .replaceFirst("^([0-9]{4}-[0-9]{2}).*", "$1"));
        }
    }

    private void said(String path, String words) {
        if (!words.isBlank()) {
            fields.put(path, words);
        }
    }
}
