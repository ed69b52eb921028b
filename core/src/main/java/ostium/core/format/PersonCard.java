package ostium.core.format;

import ezvcard.Ezvcard;
import ezvcard.VCard;
import ezvcard.VCardVersion;
import ezvcard.property.Telephone;
import java.net.URI;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;

/**
 * Somebody who has written, as a card for an address book (vCard 4.0, RFC 6350).
 *
 * @param name as they gave it; may be empty
 * @param uri how they are reached: {@code mailto:} or {@code tel:}
 * @param note what they wrote about last; may be empty
 * @param written the day they wrote last
 */
public record PersonCard(String name, String uri, String note, LocalDate written) {

    /** All of them in one file. */
    public static String write(List<PersonCard> people) {
        return Ezvcard.write(people.stream().map(PersonCard::card).toList())
                .version(VCardVersion.V4_0)
                .prodId(false)
                .go();
    }

    private VCard card() {
        VCard card = new VCard(VCardVersion.V4_0);
        String value = uri.substring(uri.indexOf(':') + 1);
        String shown = name.isBlank() ? value : name.strip();
        card.setFormattedName(shown);
        List<String> parts = Arrays.asList(shown.split("\\s+"));
        ezvcard.property.StructuredName structured = new ezvcard.property.StructuredName();
        structured.setFamily(parts.get(parts.size() - 1));
        structured.setGiven(parts.size() > 1 ? String.join(" ", parts.subList(0, parts.size() - 1)) : null);
        card.setStructuredName(structured);
        if (uri.startsWith("mailto:")) {
            card.addEmail(value);
        } else {
            card.addTelephoneNumber(new Telephone(new ezvcard.util.TelUri.Builder(value).build()));
        }
        if (!note.isBlank()) {
            card.addNote(note + " (" + written + ")");
        }
        return card;
    }

    /** @throws IllegalArgumentException where it is no URI */
    public PersonCard {
        URI.create(uri.replace(" ", "%20"));
    }
}
