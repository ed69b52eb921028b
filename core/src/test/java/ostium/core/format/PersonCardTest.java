package ostium.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import ezvcard.Ezvcard;
import ezvcard.VCard;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class PersonCardTest {
    private static final LocalDate DAY = LocalDate.parse("2026-11-27");

    private static List<VCard> read(PersonCard... people) {
        return Ezvcard.parse(PersonCard.write(List.of(people))).all();
    }

    @Test
    void isReadBackByAnAddressBook() {
        VCard card = read(new PersonCard("Oona van Quayle", "mailto:oona@quayle.example", "Chimney sweep", DAY))
                .get(0);
        assertThat(card.getFormattedName().getValue()).isEqualTo("Oona van Quayle");
        assertThat(card.getStructuredName().getFamily()).isEqualTo("Quayle");
        assertThat(card.getEmails().get(0).getValue()).isEqualTo("oona@quayle.example");
        assertThat(card.getNotes().get(0).getValue()).isEqualTo("Chimney sweep (2026-11-27)");
    }

    @Test
    void hasANumberWhereThatIsAllThereIs() {
        List<VCard> cards = read(
                new PersonCard("", "tel:+441174960433", "", DAY),
                new PersonCard("Cass\r\nEND:VCARD", "tel:+441174960434", "a;b,c\nd", DAY));
        assertThat(cards).hasSize(2);
        assertThat(cards.get(0).getFormattedName().getValue()).isEqualTo("+441174960433");
        assertThat(cards.get(0).getTelephoneNumbers().get(0).getUri().getNumber())
                .isEqualTo("+441174960433");
        assertThat(cards.get(1).getNotes().get(0).getValue()).isEqualTo("a;b,c\nd (2026-11-27)");
    }
}
