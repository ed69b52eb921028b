package ostium.core.paste;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.base.Reading;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;

/** Sources that are broken, too large, or not what they say: a clear sentence, nothing lost, nothing hanging. */
class BadSourcesTest {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    private static final BusinessDay TODAY = BusinessDay.at(NOW, ZoneId.of("Europe/London"));

    private static Findings read(Source source) {
        return PasteReader.read(source, TypedSheet.empty("GB", 1), TODAY);
    }

    private static String reason(Reading<Source> reading) {
        assertThat(reading).isInstanceOf(Reading.Refused.class);
        return ((Reading.Refused<Source>) reading).reason();
    }

    @Test
    void fiveMegabytesAreTooMuchAndSaidSo() {
        assertThat(reason(Source.pasted("a line of words\n".repeat(350_000))))
                .contains("5 MB")
                .contains("at most 1 MB");
        assertThat(reason(Source.file(new byte[5_000_000], "big.txt"))).contains("5 MB");
    }

    @ParameterizedTest
    @CsvSource({
        "PK\u0003\u0004zip, price-list.txt, packed",
        "%PDF-1.7, price-list.txt, PDF",
        "GIF89a, logo.txt, picture",
    })
    void whatIsNotWordsIsToldByItsContent(String start, String name, String word) {
        assertThat(reason(Source.file(start.getBytes(StandardCharsets.ISO_8859_1), name)))
                .contains(word);
    }

    @Test
    void bytesThatAreNoWordsAreRefused() {
        byte[] bytes = new byte[4000];
        new Random(1).nextBytes(bytes);
        for (int i = 0; i < bytes.length; i += 10) {
            bytes[i] = 0;
        }
        assertThat(reason(Source.file(bytes, "a.txt"))).contains("not a file of words");
        assertThat(reason(Source.file(new byte[0], "a.txt"))).contains("empty");
        assertThat(reason(Source.pasted("  \n "))).contains("nothing here");
    }

    @Test
    void aTableOfAnotherCodePageWithSemicolonsAndAMark() {
        String table = "Leistung;Preis;Dauer\nKürzen;18,00 €;30 min\n";
        for (byte[] bytes : new byte[][] {
            table.getBytes(Charset.forName("windows-1252")),
            ("\uFEFF" + table).getBytes(StandardCharsets.UTF_8),
            ("\uFEFF" + table).getBytes(StandardCharsets.UTF_16LE)
        }) {
            Findings findings = read(Source.file(bytes, "preise.csv").value().orElseThrow());
            assertThat(findings.proposals()).singleElement().satisfies(proposal -> {
                assertThat(proposal.service().name()).isEqualTo("Kürzen");
                assertThat(proposal.says()).isEqualTo("Kürzen, 30 min, €18");
            });
        }
    }

    @Test
    void aTableThatBreaksOffKeepsItsRows() {
        Findings findings =
                read(Source.file("service,price\nHems,£18\n\"Zips, £22".getBytes(StandardCharsets.UTF_8), "a.csv")
                        .value()
                        .orElseThrow());
        assertThat(findings.proposals()).isNotEmpty();
        assertThat(findings.proposals().get(0).says()).isEqualTo("Hems, £18");
    }

    @Test
    void aCardCutInHalfKeepsWhatIsThere() {
        Findings findings = read(Source.pasted("BEGIN:VCARD\nVERSION:3.0\nORG:Bellkite\nTEL:0117 496 0555\nADR;TYPE=WO")
                .value()
                .orElseThrow());
        assertThat(findings.note()).contains("ends in the middle");
        assertThat(findings.proposals()).extracting(Proposal::name).contains("Name", "Telephone");
    }

    @Test
    void brokenDataAreShownWithTheirFault() {
        Findings findings = read(Source.pasted("{\"@type\": \"Plumber\", \"name\": \"Tap")
                .value()
                .orElseThrow());
        assertThat(findings.proposals()).isEmpty();
        assertThat(findings.note()).contains("cannot be read");
        assertThat(findings.notUnderstood()).isNotEmpty();
    }

    @Test
    void scriptsOfAPageAreNeitherRunNorRead() {
        Findings findings = read(Source.pasted(
                        "<div><script>var tel='0117 496 0999'</script><p onclick='x()'>Call 0117 496 0142</p></div>")
                .value()
                .orElseThrow());
        assertThat(findings.proposals()).extracting(Proposal::says).containsExactly("0117 496 0142");
        assertThat(findings.text()).isEqualTo("Call 0117 496 0142");
    }

    @Test
    void aPageNestedWithoutEndIsRead() {
        String deep = "<div>".repeat(30_000) + "<p>Call 0117 496 0142</p>";
        assertThat(read(Source.pasted(deep).value().orElseThrow()).kind()).isEqualTo("a web page");
    }

    @Test
    void anotherNameOfTheSameTradeIsNothingNew() {
        TypedSheet sheet = TypedSheet.empty("GB", 1).with(Line.TRADE, "chimney sweep and stove servicing");
        Findings findings =
                PasteReader.read(Source.pasted("Ashlatch Chimney Care").value().orElseThrow(), sheet, TODAY);
        assertThat(findings.proposals())
                .filteredOn(proposal -> proposal.name().equals("Trade"))
                .extracting(Proposal::standing)
                .containsExactly(Proposal.Standing.SAME);
    }

    /** Whatever is thrown at it: an answer, and every place inside the text. */
    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
    void anyMixtureIsAnswered(long seed) {
        String[] parts = {
            "0117 496 0142", "Mon-Fri 9-5", "£65", "\n", " | ", "closed", "24 Dec", "QH1 2NL", "@", "http://", "(", "“",
                    "”",
            "BEGIN:VCARD", "<p>", "{", "member of the", "since 1998", "from", ";", ",", "\t", "é", "😀", "8-8",
                    "18 Wharf Street"
        };
        Random random = new Random(seed);
        StringBuilder words = new StringBuilder();
        for (int i = 0; i < 400; i++) {
            words.append(parts[random.nextInt(parts.length)]).append(random.nextInt(3) == 0 ? " " : "");
        }
        assertThatCode(() -> {
                    Findings findings =
                            read(Source.pasted(words.toString()).value().orElseThrow());
                    findings.proposals()
                            .forEach(proposal -> assertThat(proposal.at().to())
                                    .isLessThanOrEqualTo(findings.text().length()));
                })
                .doesNotThrowAnyException();
    }
}
