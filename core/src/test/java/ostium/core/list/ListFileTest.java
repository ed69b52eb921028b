package ostium.core.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.list.ListFile.Fault;
import ostium.core.list.ListFile.Person;

/** Lists of people, as other programs write them. */
class ListFileTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "E-mail,Name~piet@marrow.example,Piet Marrow",
                "Name;E-Mail-Adresse~Piet Marrow;piet@marrow.example",
                "Full name\tEmail\tPhone~Piet Marrow\tpiet@marrow.example\t0117 496 0999",
                "piet@marrow.example,Piet Marrow",
                "Piet Marrow,piet@marrow.example",
                "email,company name,name~piet@marrow.example,Marrow Ltd,Piet Marrow",
                "\uFEFFemail,name~piet@marrow.example,Piet Marrow",
                "\"Name\",\"Email\"~\"Piet Marrow\",\"piet@marrow.example\"",
            })
    void aTableIsReadByItsHeadingsOrByWhatStandsInIt(String written) {
        String table = written.replace('~', '\n').replace("\\t", "\t").replace("\\uFEFF", "\uFEFF");
        ListFile read = ListFile.read(table);
        assertThat(read.people()).containsExactly(new Person("piet@marrow.example", "Piet Marrow"));
        assertThat(read.faults()).isEmpty();
    }

    @Test
    void whoeverStandsThereTwiceIsTakenOnce() {
        ListFile read = ListFile.read("email\npiet@marrow.example\nPiet@Marrow.example\n\nada@quill.example\n");
        assertThat(read.people()).extracting(Person::email).containsExactly("piet@marrow.example", "ada@quill.example");
    }

    @Test
    void aLineThatCannotBeTakenIsNamedAndTheOthersAre() {
        ListFile read = ListFile.read("name,email\nPiet,piet(at)marrow\nAda,ada@quill.example\nJo,\n");
        assertThat(read.people()).extracting(Person::email).containsExactly("ada@quill.example");
        assertThat(read.faults())
                .containsExactly(
                        new Fault(2, "“piet(at)marrow” is not a mail address."),
                        new Fault(4, "No mail address stands here."));
    }

    @Test
    void aFileWithoutAddressesSaysSo() {
        assertThat(ListFile.read("").faults())
                .extracting(Fault::says)
                .containsExactly("There is nothing in this file.");
        assertThat(ListFile.read("name,telephone\nPiet,0117 496 0999").faults())
                .extracting(Fault::says)
                .containsExactly("No column of this file holds mail addresses. Name it E-mail.");
    }

    @Test
    void aFileBringsSoManyAndNoMore() {
        String many = IntStream.rangeClosed(0, ListFile.MOST)
                .mapToObj(number -> "p" + number + "@marrow.example")
                .collect(Collectors.joining("\n"));
        ListFile read = ListFile.read("email\n" + many);
        assertThat(read.people()).hasSize(ListFile.MOST);
        assertThat(read.faults()).hasSize(1);
    }

    @RepeatedTest(200)
    void anythingIsReadAndNeverLostInSilence(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        String alphabet = "@.,;\t\"\n\r 'ab=+é\uFEFF\u0000";
        String text = random.ints(random.nextInt(200), 0, alphabet.length())
                .mapToObj(at -> String.valueOf(alphabet.charAt(at)))
                .collect(Collectors.joining());
        ListFile read = ListFile.read(text);
        boolean isBlank = text.chars().noneMatch(each -> each == '@');
        assertThat(read.people().isEmpty() && read.faults().isEmpty() && !isBlank)
                .as(text)
                .isFalse();
    }
}
