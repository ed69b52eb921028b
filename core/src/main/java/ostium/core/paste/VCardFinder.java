package ostium.core.paste;

import ezvcard.Ezvcard;
import ezvcard.VCard;
import ezvcard.parameter.TelephoneType;
import ezvcard.property.Address;
import ezvcard.property.Telephone;
import ezvcard.property.Url;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import ostium.core.base.Messages;
import ostium.core.base.Reading.Span;
import ostium.core.country.Country;
import ostium.core.format.BusinessCard;
import ostium.core.trade.TradeCatalogue;

/**
 * Finds facts in a contact file, vCard 2.1 to 4.0.
 *
 * @see <a href="https://www.rfc-editor.org/rfc/rfc6350">RFC 6350</a>
 */
final class VCardFinder implements Finder {
    private static final Messages WORDS = Messages.of("paste");

    private final String text;
    private final List<Found> found = new ArrayList<>();

    VCardFinder(String text) {
        this.text = text;
    }

    @Override
    public Result find() {
        List<VCard> cards = Ezvcard.parse(text).all();
        String note = "";
        if (cards.isEmpty()) {
            return new Result(text, List.of(), WORDS.say("vCardFinder.thereIsNoCardIn"), List.of(), true);
        }
        long ends = text.lines()
                .filter(line -> line.strip().equalsIgnoreCase("END:VCARD"))
                .count();
        if (ends < cards.size()) {
            note = WORDS.say("vCardFinder.theFileEndsInThe");
        } else if (cards.size() > 1) {
            note = WORDS.say("vCardFinder.several", cards.size());
        }
        card(cards.get(0));
        return new Result(text, found, note, List.of(), false);
    }

    private void card(VCard card) {
        String name = card.getOrganization() == null
                ? null
                : card.getOrganization().getValues().stream().findFirst().orElse(null);
        String full =
                card.getFormattedName() == null ? null : card.getFormattedName().getValue();
        if (name != null && !name.isBlank()) {
            line("name", name);
            if (full != null && !full.equalsIgnoreCase(name)) {
                line("person", full);
            }
        } else if (full != null) {
            line("name", full);
        }
        Stream.concat(
                        card.getTitles().stream().map(title -> title.getValue()),
                        card.getCategoriesList().stream()
                                .flatMap(list -> list.getValues().stream())
                                .filter(category ->
                                        TradeCatalogue.shipped().find(category).near()))
                .filter(title -> title != null && !title.isBlank() && !LeftOver.isHarmless(title))
                .findFirst()
                .ifPresent(title -> found.add(Found.line("trade", title.strip(), at(title), trade(title))));
        card.getTelephoneNumbers().forEach(this::telephone);
        card.getEmails().forEach(mail -> line("email", mail.getValue()));
        card.getAddresses().stream().findFirst().ifPresent(this::address);
        Stream.concat(
                        card.getUrls().stream().map(Url::getValue),
                        card.getExtendedProperties("X-SOCIALPROFILE").stream().map(profile -> profile.getValue()))
                .filter(Objects::nonNull)
                .forEach(url -> found.add(new Found(Found.LINK, url, at(url), Sureness.SURE, List.of(), null, null)));
        if (card.getGeo() != null && card.getGeo().getGeoUri() != null) {
            String uri = card.getGeo().getGeoUri().toString();
            found.add(Found.line("point", uri, at("GEO"), Sureness.SURE));
        }
        if (card.getTimezone() != null && card.getTimezone().getText() != null) {
            line("zone", card.getTimezone().getText());
        }
        // A note can be the owner's words, or somebody's about them.
        card.getNotes().stream()
                .map(note -> note.getValue())
                .filter(note -> note != null && !note.isBlank())
                .findFirst()
                .ifPresent(note -> found.add(Found.line("words", note.strip(), at(note), Sureness.LIKELY)));
        BusinessCard.linesOf(card).forEach(this::line);
        BusinessCard.servicesOf(card)
                .forEach(service -> found.add(Found.service(service, at(service.name()), Sureness.SURE)));
    }

    /** A title is the trade where it names one. */
    private static Sureness trade(String title) {
        return TradeCatalogue.shipped().find(title).near() ? Sureness.SURE : Sureness.LIKELY;
    }

    private void line(String path, String words) {
        if (words != null && !words.isBlank()) {
            for (String each : path.equals("exceptions") ? List.of(words.split("\n")) : List.of(words)) {
                found.add(Found.line(path, each.strip(), at(each), Sureness.SURE));
            }
        }
    }

    private void telephone(Telephone telephone) {
        String number = telephone.getUri() != null ? telephone.getUri().toString() : telephone.getText();
        boolean fax = telephone.getTypes().contains(TelephoneType.FAX);
        if (number != null && !fax) {
            String digits = number.replaceFirst("^tel:", "").replaceFirst(";.*", "");
            found.add(Found.line(
                    telephone.getTypes().contains(TelephoneType.TEXT) ? "texts" : "telephone",
                    number,
                    at(digits),
                    Sureness.SURE));
        }
    }

    private void address(Address address) {
        List<String> lines = new ArrayList<>();
        Stream.of(address.getExtendedAddressFull(), address.getStreetAddressFull())
                .filter(line -> line != null && !line.isBlank())
                .forEach(lines::add);
        String country = address.getCountry() == null ? "" : address.getCountry();
        boolean codeFirst = Country.called(country)
                .map(known -> known.order() == Country.Order.CODE_TOWN)
                .orElse(false);
        String town = words(address.getLocality());
        String code = words(address.getPostalCode());
        String region = words(address.getRegion());
        String last =
                (codeFirst ? code + " " + town : town + (region.isEmpty() ? "" : ", " + region) + " " + code).strip();
        if (!last.isBlank()) {
            lines.add(last);
        }
        if (!country.isBlank() && Country.called(country).isPresent()) {
            lines.add(country);
        }
        if (!lines.isEmpty()) {
            Span at = at(words(address.getStreetAddress()));
            found.add(Found.line("place", String.join(", ", lines), at.to() == 0 ? at("ADR") : at, Sureness.SURE));
        }
    }

    private static String words(String value) {
        return value == null ? "" : value.strip();
    }

    /** The line of the file the words stand in; a value may be folded or escaped there, so its beginning is enough. */
    private Span at(String words) {
        String start = words.strip().split("[,;\n]")[0];
        int at = start.isBlank() ? -1 : text.indexOf(start.substring(0, Math.min(start.length(), 30)));
        if (at < 0) {
            return new Span(0, 0);
        }
        int from = text.lastIndexOf('\n', at) + 1;
        int to = text.indexOf('\n', at);
        return new Span(from, to < 0 ? text.length() : to);
    }
}
