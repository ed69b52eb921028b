package ostium.core.format;

import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ostium.core.brief.Brief;
import ostium.core.fact.Area;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Legal;
import ostium.core.fact.Link;
import ostium.core.fact.Money;
import ostium.core.fact.Picture;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.fact.Price;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;
import ostium.core.hours.DayHours;
import ostium.core.hours.SpecialHours;
import ostium.core.hours.TimeSpan;
import ostium.core.hours.WeeklyHours;
import ostium.core.hours.When;
import ostium.core.picture.Renditions;
import ostium.core.sheet.Line;
import ostium.core.sheet.RowKind;
import ostium.core.sheet.TypedSheet;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;

/**
 * The facts of a business as schema.org {@code LocalBusiness} in JSON-LD, for the page a search engine reads.
 *
 * @see <a href="https://schema.org/LocalBusiness">schema.org/LocalBusiness</a>
 */
public final class LocalBusiness {
    private static final ObjectMapper JSON = JsonMapper.builder().build();

    private LocalBusiness() {}

    /**
     * @param url canonical address of the site, or empty for a folder of files
     * @return JSON; who puts it into a page escapes it for there
     */
    public static String json(Brief brief, String url) {
        return JSON.writeValueAsString(of(brief, url));
    }

    /**
     * All facts in a file that can be read back: what schema.org has a property for in that, the rest in
     * {@code additionalProperty}.
     */
    public static String file(Brief brief, TypedSheet sheet) {
        Map<String, Object> node = of(brief, "");
        List<Map<String, Object>> extras = new ArrayList<>();
        sheet.practices().forEach(practice -> extras.add(extra("practice", practice)));
        for (Line line : Line.values()) {
            boolean whole = line != Line.PLACE || sheet.line(Line.PLACE_SHOWN).isEmpty();
            if (!sheet.line(line).isBlank() && !(STANDARD.contains(line) && whole)) {
                extras.add(extra("ostium:" + line.id(), sheet.line(line)));
            }
        }
        sheet.rows().stream()
                .filter(row -> RowKind.named(row.kind()).filter(RowKind::isFile).isEmpty())
                .forEach(row -> extras.add(extra("row", JSON.writeValueAsString(row))));
        if (!extras.isEmpty()) {
            node.put("additionalProperty", extras);
        }
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(node);
    }

    /** Lines whose facts stand whole in properties of schema.org. */
    private static final Set<Line> STANDARD = EnumSet.of(
            Line.TRADE, Line.NAME, Line.TELEPHONE, Line.EMAIL, Line.PLACE, Line.FOUNDED, Line.PERSON, Line.WORDS);

    private static Map<String, Object> extra(String id, String value) {
        Map<String, Object> extra = new LinkedHashMap<>();
        extra.put("@type", "PropertyValue");
        extra.put("propertyID", id);
        extra.put("value", value);
        return extra;
    }

    static Map<String, Object> of(Brief brief, String url) {
        Facts facts = brief.facts();
        Map<String, Object> node = new LinkedHashMap<>();
        node.put("@context", "https://schema.org");
        node.put("@type", brief.trade().schemaType());
        facts.say("name", "").ifPresent(name -> node.put("name", name));
        facts.one(FactValue.TradeWords.class).ifPresent(trade -> node.put("keywords", trade.words()));
        if (!url.isEmpty()) {
            node.put("@id", url + "#business");
            node.put("url", url);
            picture(facts, Picture.Use.LOGO, url).ifPresent(logo -> node.put("logo", logo));
            picture(facts, Picture.Use.OPENING, url).ifPresent(image -> node.put("image", image));
        }
        facts.one(Telephone.class).ifPresent(telephone -> node.put("telephone", telephone.e164()));
        facts.one(EmailAddress.class).ifPresent(email -> node.put("email", email.value()));
        facts.one(Place.class)
                .filter(place -> !place.lines().isEmpty())
                .ifPresent(place -> node.put("address", address(place, facts.region())));
        facts.one(Area.class).ifPresent(area -> node.put("areaServed", area.places()));
        facts.one(FactValue.Hours.class).ifPresent(hours -> node.put("openingHoursSpecification", hours(hours.week())));
        facts.one(Point.class)
                .filter(point -> facts.one(Place.class)
                        .map(place -> place.visibility() == Place.Visibility.WHOLE)
                        .orElse(true))
                .ifPresent(point -> node.put("geo", geo(point)));
        facts.byId("words")
                .filter(words -> words.state() == Fact.State.GIVEN)
                .flatMap(words -> words.value().say(""))
                .ifPresent(words -> node.put("description", words));
        facts.one(FactValue.Special.class).ifPresent(special -> special(special, node));
        facts.one(Legal.class)
                .filter(legal -> legal.kind() == Legal.Kind.NAME)
                .ifPresent(legal -> node.put("legalName", legal.words()));
        brief.membership().ifPresent(member -> node.put("memberOf", member(member.value())));
        facts.one(FactValue.Founded.class)
                .ifPresent(founded -> node.put("foundingDate", String.valueOf(founded.year())));
        facts.given("person", FactValue.Person.class)
                .ifPresent(person -> node.put("founder", named("Person", person.name())));
        List<String> links =
                facts.all(Link.class).stream().map(fact -> fact.value().url()).toList();
        if (!links.isEmpty()) {
            node.put("sameAs", links);
        }
        List<Map<String, Object>> offers =
                facts.all(Service.class).stream().map(LocalBusiness::offer).toList();
        if (!offers.isEmpty()) {
            node.put("makesOffer", offers);
        }
        return node;
    }

    /** Address of the largest size of a picture, in a format everything reads. */
    private static Optional<String> picture(Facts facts, Picture.Use use, String url) {
        return facts.all(Picture.class).stream()
                .map(Fact::value)
                .filter(picture -> picture.use() == use)
                .findFirst()
                .map(Renditions::of)
                .map(sizes -> url + sizes.get(sizes.size() - 1).path());
    }

    private static Map<String, Object> address(Place place, String region) {
        Map<String, Object> address = new LinkedHashMap<>();
        address.put("@type", "PostalAddress");
        boolean whole = place.visibility() == Place.Visibility.WHOLE;
        if (whole && !place.street().isBlank()) {
            address.put("streetAddress", place.street());
        }
        if (!place.town().isBlank()) {
            address.put("addressLocality", place.town());
        }
        if (!place.district().isBlank()) {
            address.put("addressRegion", place.district());
        }
        if (whole && !place.postcode().isBlank()) {
            address.put("postalCode", place.postcode());
        }
        address.put("addressCountry", region);
        return address;
    }

    private static List<Map<String, Object>> hours(WeeklyHours week) {
        List<Map<String, Object>> specifications = new ArrayList<>();
        for (WeeklyHours.DayGroup group : week.groups()) {
            for (TimeSpan span : group.hours().spans()) {
                Map<String, Object> specification = new LinkedHashMap<>();
                specification.put("@type", "OpeningHoursSpecification");
                specification.put(
                        "dayOfWeek",
                        group.days().stream().map(LocalBusiness::name).toList());
                specification.put("opens", TimeSpan.clock(span.from()));
                // Schema.org says a whole day as 00:00 to 23:59; an end past midnight is earlier than its start.
                specification.put("closes", span.to() == TimeSpan.DAY ? "23:59" : TimeSpan.clock(span.to()));
                specifications.add(specification);
            }
        }
        return specifications;
    }

    private static Map<String, Object> geo(Point point) {
        Map<String, Object> geo = new LinkedHashMap<>();
        geo.put("@type", "GeoCoordinates");
        String[] degrees = point.say("").orElseThrow().split(", ");
        geo.put("latitude", degrees[0]);
        geo.put("longitude", degrees[1]);
        return geo;
    }

    private static Map<String, Object> member(FactValue.Membership membership) {
        Map<String, Object> member = new LinkedHashMap<>();
        member.put("@type", "ProgramMembership");
        member.put("hostingOrganization", named("Organization", membership.body()));
        if (!membership.number().isBlank()) {
            member.put("membershipNumber", membership.number());
        }
        return member;
    }

    /** Closures and other hours of one year; those of every year have no place in schema.org. */
    private static void special(FactValue.Special special, Map<String, Object> node) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (SpecialHours hours : special.all()) {
            if (hours.when() instanceof When.Once once) {
                DayHours day = hours.week().on(once.from().getDayOfWeek());
                List<TimeSpan> spans = day.isOpen() ? day.spans() : List.of(new TimeSpan(0, 1));
                for (TimeSpan span : spans) {
                    Map<String, Object> specification = new LinkedHashMap<>();
                    specification.put("@type", "OpeningHoursSpecification");
                    specification.put("validFrom", once.from().toString());
                    specification.put("validThrough", once.to().toString());
                    // Schema.org says closed by opening and closing at the same time.
                    specification.put("opens", day.isOpen() ? TimeSpan.clock(span.from()) : "00:00");
                    specification.put("closes", day.isOpen() ? TimeSpan.clock(span.to()) : "00:00");
                    all.add(specification);
                }
            }
        }
        if (!all.isEmpty()) {
            node.put("specialOpeningHoursSpecification", all);
        }
    }

    private static String name(DayOfWeek day) {
        return day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    private static Map<String, Object> offer(Fact<Service> fact) {
        Service service = fact.value();
        Map<String, Object> offer = new LinkedHashMap<>();
        offer.put("@type", "Offer");
        Map<String, Object> offered = new LinkedHashMap<>();
        offered.put("@type", "Service");
        offered.put("name", service.name());
        if (!service.summary().isBlank()) {
            offered.put("description", service.summary());
        }
        offer.put("itemOffered", offered);
        Price price = service.price();
        if (price != null && price.kind() == Price.Kind.FREE) {
            offer.put("price", "0");
        } else if (price != null && price.kind() == Price.Kind.FIXED) {
            offer.put("price", plain(price.amount()));
            offer.put("priceCurrency", price.amount().currency());
        } else if (price != null && price.amount() != null) {
            Map<String, Object> specification = new LinkedHashMap<>();
            specification.put("@type", price.unit().isEmpty() ? "PriceSpecification" : "UnitPriceSpecification");
            if (price.kind() == Price.Kind.PER_UNIT) {
                specification.put("price", plain(price.amount()));
            } else {
                specification.put("minPrice", plain(price.amount()));
            }
            if (price.upTo() != null) {
                specification.put("maxPrice", plain(price.upTo()));
            }
            if (!price.unit().isEmpty()) {
                specification.put("unitText", price.unit());
            }
            specification.put("priceCurrency", price.amount().currency());
            offer.put("priceSpecification", specification);
        }
        if (service.minutes() != null) {
            offer.put("additionalProperty", List.of(extra("minutes", String.valueOf(service.minutes()))));
        }
        return offer;
    }

    private static String plain(Money money) {
        return money.amount().toPlainString();
    }

    /** Something with a name; its properties always in this order, so that the same facts give the same bytes. */
    private static Map<String, Object> named(String type, String name) {
        Map<String, Object> node = new LinkedHashMap<>();
        node.put("@type", type);
        node.put("name", name);
        return node;
    }
}
