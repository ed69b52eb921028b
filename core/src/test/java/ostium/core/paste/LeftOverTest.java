package ostium.core.paste;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.TypedSheet;

/** Nothing that is read is less than what was written: each word is used, changes nothing, or is shown. */
class LeftOverTest {
    private static final BusinessDay TODAY =
            BusinessDay.at(Instant.parse("2026-11-26T12:00:00Z"), ZoneId.of("Europe/London"));

    private static Findings read(String words) {
        return PasteReader.read(Source.pasted(words).value().orElseThrow(), TypedSheet.empty("GB", 1), TODAY);
    }

    private static Proposal hours(String words) {
        return read(words).proposals().stream()
                .filter(proposal -> proposal.path().equals("hours"))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no hours in " + words));
    }

    private static List<String> left(String words) {
        Findings findings = read(words);
        return findings.notUnderstood().stream()
                .map(span -> findings.text().substring(span.from(), span.to()))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Open Mon-Fri 9-5, Wed by chance",
                "Mon-Fri 9-5, alternate Saturdays 9-1",
                "Mon-Fri 9-5 (Thursdays till late)",
                "Mon-Fri 9-5\nSat whenever the tide allows, 9-12",
                "Mon-Fri 9-5. Sundays the bell must be rung, last call 4pm"
            })
    void hoursWithWordsBesideThemThatCouldChangeThemAreAskedAbout(String words) {
        Proposal hours = hours(words);
        assertThat(hours.sureness()).isEqualTo(Sureness.ASK);
        assertThat(hours.left()).isNotEmpty();
        assertThat(hours.choices()).isNotEmpty();
        assertThat(Taking.all(TypedSheet.empty("GB", 1), read(words).proposals())
                        .line(ostium.core.sheet.Line.HOURS))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Sat mornings 9 till 12.30, Mon-Fri 8.30-5 | Mon–Fri 8:30–5 · Sat 9–12:30 · Sun closed",
                "Opening hours: Mon-Fri 9-5, Tel 0117 496 0123 | Mon–Fri 9–5 · Sat, Sun closed",
                "Mon-Fri 9-5 closed 12.30-1.30 | Mon–Fri 9–12:30 and 1:30–5 · Sat, Sun closed"
            })
    void hoursThatAreReadWholeAreSure(String words, String says) {
        Proposal hours = hours(words);
        assertThat(hours.sureness()).isEqualTo(Sureness.SURE);
        assertThat(hours.says()).isEqualTo(says);
        assertThat(hours.left()).isEmpty();
    }

    @Test
    void hoursWithARemarkAreToBeReadByTheOwner() {
        assertThat(hours("Mon-Fri 9-5 or by appointment").sureness()).isEqualTo(Sureness.LIKELY);
    }

    @Test
    void wordsBesideSomethingFoundAreShown() {
        assertThat(left("Tel 0117 496 0123, knock loudly after dark")).containsExactly("knock loudly after dark");
    }

    @Test
    void labelsAndCourtesiesAreNot() {
        assertThat(left("Please call us on 0117 496 0123 or e-mail: ada@ashlatch.example"))
                .isEmpty();
        assertThat(left("Ada Ashlatch\nTel: 0117 496 0123\nAda Ashlatch")).hasSizeLessThanOrEqualTo(1);
    }
}
