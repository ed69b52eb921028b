package ostium.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.Samples;
import ostium.core.enquiry.StartingForm;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;

class FormTest {
    private final Form form = StartingForm.of(Samples.brief("ashlatch"));

    private static Map<String, List<String>> good() {
        Map<String, List<String>> posted = new HashMap<>();
        posted.put("name", List.of("Piet Marrow"));
        posted.put("reach", List.of("0117 496 0771"));
        posted.put("message", List.of("The stove smokes."));
        return posted;
    }

    @Test
    void asksWhoHowToReachThemWhatTheTradeNeedsAndAMessage() {
        assertThat(form.fields())
                .extracting(Field::key)
                .containsExactly("name", "reach", "service", "about-fuel", "about-swept", "about-where", "message");
    }

    @Test
    void takesAnAnswerAndKeepsWhatWasTyped() {
        Form.Checked checked = form.check(good(), "GB");
        assertThat(checked.accepted()).isTrue();
        assertThat(checked.values())
                .containsEntry("message", "The stove smokes.")
                .containsEntry("service", "");
    }

    @ParameterizedTest(name = "{0} = “{1}”: {2}")
    @CsvSource(delimiter = '|', textBlock = """
            name    | ''            | Write your name.
            reach   | ''            | Leave a telephone number or an e-mail address, so that you can be answered.
            reach   | under the mat | This is neither a telephone number nor an e-mail address.
            message | ''            | Write a line or two.
            service | Sword repair  | Choose one of the list.
            """)
    void saysAtEachFieldWhatIsWrong(String key, String value, String fault) {
        Map<String, List<String>> posted = good();
        posted.put(key, List.of(value));
        Form.Checked checked = form.check(posted, "GB");
        assertThat(checked.faults()).containsExactlyEntriesOf(Map.of(key, fault));
        assertThat(checked.values()).containsEntry(key, value);
    }

    @Test
    void refusesWhatIsTooLongWithoutCuttingIt() {
        Map<String, List<String>> posted = good();
        posted.put("message", List.of("x".repeat(4001)));
        Form.Checked checked = form.check(posted, "GB");
        assertThat(checked.faults().get("message")).contains("4000", "4001");
        assertThat(checked.values().get("message")).hasSize(4001);
    }

    @Test
    void refusesRepeatedAndUnknownFields() {
        Map<String, List<String>> posted = good();
        posted.put("name", List.of("a", "b"));
        posted.put("admin", List.of("true"));
        Form.Checked checked = form.check(posted, "GB");
        assertThat(checked.faults()).containsOnlyKeys("name");
        assertThat(checked.unknown()).containsExactly("admin");
        assertThat(checked.accepted()).isFalse();
    }

    @Test
    void takesAnyScriptAndEmojiAndDropsControlCharacters() {
        Map<String, List<String>> posted = good();
        posted.put("name", List.of("  مريم 🙂\u0000 "));
        assertThat(form.check(posted, "GB").values()).containsEntry("name", "مريم 🙂");
    }

    @Test
    void promisesAnAnswerOnlyAsTheOwnerDoes() {
        Facts facts = Facts.none("GB").with(Fact.typed("name", new FactValue.Name("Ashlatch")));
        assertThat(new Form(List.of()).thanks(facts)).isEqualTo("Your message is with Ashlatch.");
        assertThat(new Form(List.of())
                        .thanks(facts.with(Fact.typed("promise", new FactValue.AnswerPromise("by noon")))))
                .isEqualTo("Your message is with Ashlatch. You have an answer by noon.");
    }
}
