package ostium.core.format;

import ezvcard.Ezvcard;
import ezvcard.VCard;
import ezvcard.VCardVersion;
import ezvcard.parameter.TelephoneType;
import ezvcard.property.Address;
import ezvcard.property.RawProperty;
import ezvcard.property.Telephone;
import ezvcard.property.Url;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.core.country.Country;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Link;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedService;

/**
 * The facts of a business as a contact file, vCard 4.0. What the standard has no property for stands in extended
 * properties ({@code X-OSTIUM-LINE}, {@code X-OSTIUM-SERVICE}), which other programs pass over.
 *
 * @see <a href="https://www.rfc-editor.org/rfc/rfc6350">RFC 6350</a>
 */
public final class BusinessCard {
    private static final String LINE = "X-OSTIUM-LINE";
    private static final String SERVICE = "X-OSTIUM-SERVICE";
    private static final String ID = "ID";

    /** Lines that have a property of the standard. */
    private static final List<Line> STANDARD = List.of(
            Line.NAME,
            Line.TELEPHONE,
            Line.TEXTS,
            Line.EMAIL,
            Line.PLACE,
            Line.POINT,
            Line.PERSON,
            Line.WORDS,
            Line.TRADE,
            Line.ZONE);

    private BusinessCard() {}

    /**
     * @param facts what was read from the sheet
     * @param sheet the sheet, for the lines the standard has no property for
     */
    public static String write(Facts facts, TypedSheet sheet) {
        VCard card = new VCard(VCardVersion.V4_0);
        card.setKind(ezvcard.property.Kind.org());
        String name = sheet.name().strip();
        card.setFormattedName(name.isEmpty() ? "Business" : name);
        if (!name.isEmpty()) {
            card.setOrganization(name);
        }
        facts.given("person", FactValue.Person.class).ifPresent(person -> card.setFormattedName(person.name()));
        said(sheet, Line.TRADE).ifPresent(card::addTitle);
        telephones(card, facts);
        facts.byId("email").map(fact -> ((EmailAddress) fact.value()).value()).ifPresent(card::addEmail);
        facts.byId("place").ifPresent(fact -> address(card, (Place) fact.value()));
        facts.one(Point.class)
                .ifPresent(point -> card.setGeo(new ezvcard.property.Geo(ezvcard.util.GeoUri.parse(point.uri()))));
        facts.one(FactValue.Zone.class)
                .ifPresent(zone ->
                        card.setTimezone(new ezvcard.property.Timezone(zone.id().getId())));
        facts.all(Link.class).forEach(link -> card.addUrl(new Url(link.value().url())));
        said(sheet, Line.WORDS).ifPresent(card::addNote);
        for (Line line : Line.values()) {
            if (!STANDARD.contains(line)) {
                said(sheet, line).ifPresent(words -> extended(card, LINE, line.id(), words));
            }
        }
        for (TypedService service : sheet.services()) {
            extended(
                    card,
                    SERVICE,
                    service.usual(),
                    String.join(
                            "\n",
                            service.name(),
                            service.summary().replace('\n', ' '),
                            service.price(),
                            service.minutes()));
        }
        return Ezvcard.write(card).prodId(false).go();
    }

    private static Optional<String> said(TypedSheet sheet, Line line) {
        return Optional.of(sheet.line(line).strip()).filter(words -> !words.isEmpty());
    }

    private static void telephones(VCard card, Facts facts) {
        facts.byId("telephone").ifPresent(fact -> {
            Telephone telephone =
                    new Telephone(ezvcard.util.TelUri.parse(((ostium.core.fact.Telephone) fact.value()).uri()));
            telephone.getTypes().add(TelephoneType.VOICE);
            card.addTelephoneNumber(telephone);
        });
        facts.byId("texts").ifPresent(fact -> {
            Telephone telephone = new Telephone(ezvcard.util.TelUri.parse(
                    ((FactValue.TextNumber) fact.value()).number().uri()));
            telephone.getTypes().add(TelephoneType.TEXT);
            card.addTelephoneNumber(telephone);
        });
    }

    private static void address(VCard card, Place place) {
        Address address = new Address();
        address.setStreetAddress(place.street());
        address.setLocality(place.town());
        address.setRegion(place.district());
        address.setPostalCode(place.postcode());
        address.setCountry(Country.of(place.country()).name());
        card.addAddress(address);
    }

    private static void extended(VCard card, String name, String id, String words) {
        RawProperty property =
                card.addExtendedProperty(name, words.replace("\\", "\\\\").replace("\n", "\\n"));
        property.setParameter(ID, id.replace("/", "."));
    }

    private static String unescaped(String value) {
        StringBuilder words = new StringBuilder(value.length());
        for (int i = 0; i < value.length(); i++) {
            char c = value.charAt(i);
            if (c == '\\' && i + 1 < value.length()) {
                char next = value.charAt(++i);
                words.append(next == 'n' ? '\n' : next);
            } else {
                words.append(c);
            }
        }
        return words.toString();
    }

    /** Lines of a sheet that a card written here carries in its extended properties. */
    public static Map<String, String> linesOf(VCard card) {
        Map<String, String> lines = new LinkedHashMap<>();
        for (RawProperty property : card.getExtendedProperties(LINE)) {
            String id = property.getParameter(ID);
            if (id != null && Line.named(id.replace(".", "/")).isPresent()) {
                lines.put(id.replace(".", "/"), unescaped(property.getValue()));
            }
        }
        return lines;
    }

    /** Services that a card written here carries in its extended properties. */
    public static List<TypedService> servicesOf(VCard card) {
        List<TypedService> services = new ArrayList<>();
        for (RawProperty property : card.getExtendedProperties(SERVICE)) {
            String[] parts = (unescaped(property.getValue()) + "\n\n\n").split("\n", -1);
            String usual = property.getParameter(ID) == null ? "" : property.getParameter(ID);
            services.add(new TypedService("", usual, parts[0], parts[1], parts[2], parts[3]));
        }
        return services;
    }
}
