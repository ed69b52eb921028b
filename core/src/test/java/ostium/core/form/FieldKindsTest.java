package ostium.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What each kind of field takes, and what is said when it does not. */
class FieldKindsTest {
    private static Field field(FieldKind kind) {
        return new Field(
                "asked",
                "I agree.",
                "",
                kind,
                true,
                0,
                kind.hasOptions() ? List.of("Sweep", "Stove") : List.of(),
                null);
    }

    private static Form.Checked check(Field field, String... sent) {
        return new Form(List.of(field)).check(Map.of("asked", List.of(sent)), "GB");
    }

    @ParameterizedTest(name = "{0} takes “{1}”")
    @CsvSource(
            delimiter = '|',
            value = {
                "SHORT     | a few words",
                "LONG      | more of them",
                "NAME      | Piet",
                "REACH     | piet@marrow.example",
                "REACH     | 0117 496 0123",
                "EMAIL     | piet@marrow.example",
                "TELEPHONE | 0117 496 0123",
                "CHOICE    | Sweep",
                "SEVERAL   | Stove",
                "DATE      | 2027-05-12",
                "PLACE     | 3 Net Loft",
                "YES_NO    | No",
                "FILES     | hearth.jpg",
            })
    void takesAnAnswer(FieldKind kind, String answer) {
        Form.Checked checked = check(field(kind), answer);
        assertThat(checked.faults()).isEmpty();
        assertThat(checked.values()).containsEntry("asked", answer);
    }

    @ParameterizedTest(name = "{0} with “{1}”: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "EMAIL     | 0117 496 0123 | This is not an e-mail address.",
                "EMAIL     | ''            | Leave an e-mail address, so that you can be answered.",
                "TELEPHONE | piet@x.example| This is not a telephone number.",
                "TELEPHONE | ''            | Leave a telephone number, so that you can be called.",
                "CHOICE    | Swords        | Choose one of the list.",
                "SEVERAL   | Swords        | Choose one of the list.",
                "YES_NO    | Perhaps       | Choose one of the list.",
                "YES_NO    | ''            | Choose one.",
                "DATE      | next week     | This is not a day. Write it as 2027-05-12.",
                "DATE      | 2027-02-30    | This is not a day. Write it as 2027-05-12.",
                "DATE      | ''            | Choose a day.",
                "CONSENT   | ''            | Tick this to go on.",
                "NAME      | ''            | Write your name.",
                "FILES     | ''            | Add a photograph or a PDF.",
            })
    void saysWhatIsWrong(FieldKind kind, String answer, String fault) {
        assertThat(check(field(kind), answer).faults()).containsEntry("asked", fault);
    }

    @Test
    void severalAnswersAreKeptTogetherAndPutBackApart() {
        Form.Checked checked = check(field(FieldKind.SEVERAL), "Sweep", "Stove");
        assertThat(checked.values()).containsEntry("asked", "Sweep, Stove");
        assertThat(checked.typed()).containsEntry("asked", List.of("Sweep", "Stove"));
        assertThat(check(field(FieldKind.CHOICE), "Sweep", "Stove").faults()).containsKey("asked");
    }

    @Test
    void anAgreementIsKeptInItsWording() {
        assertThat(check(field(FieldKind.CONSENT), Field.YES).values()).containsEntry("asked", "I agree.");
    }

    @Nested
    class AFieldThatHangsOnAnAnswer {
        private final Form form = new Form(List.of(
                field(FieldKind.CHOICE),
                new Field(
                        "which",
                        "Which stove?",
                        "",
                        FieldKind.SHORT,
                        true,
                        0,
                        List.of(),
                        new Field.Condition("asked", "Stove"))));

        @Test
        void isAskedOnlyWithIt() {
            assertThat(form.check(Map.of("asked", List.of("Sweep")), "GB").faults())
                    .isEmpty();
            assertThat(form.check(Map.of("asked", List.of("Stove")), "GB").faults())
                    .containsKey("which");
        }

        @Test
        void isNotAnsweredWithoutIt() {
            Form.Checked checked = form.check(Map.of("asked", List.of("Sweep"), "which", List.of("the big one")), "GB");
            assertThat(checked.values()).containsEntry("which", "");
            assertThat(checked.accepted()).isTrue();
        }
    }

    @ParameterizedTest
    @EnumSource(FieldKind.class)
    void aTrialCanBeSent(FieldKind kind) {
        Form form = new Form(List.of(field(kind)));
        assertThat(form.check(form.trial("ada@ashlatch.example", "0117 496 0142"), "GB")
                        .accepted())
                .isTrue();
    }

    @ParameterizedTest
    @EnumSource(FieldKind.class)
    void noInputThrows(FieldKind kind) {
        Random random = new Random(7);
        for (int i = 0; i < 300; i++) {
            StringBuilder words = new StringBuilder();
            random.ints(random.nextInt(40), 0, 0x3000).forEach(words::appendCodePoint);
            assertThatCode(() -> check(field(kind), words.toString(), "second")).doesNotThrowAnyException();
        }
    }
}
