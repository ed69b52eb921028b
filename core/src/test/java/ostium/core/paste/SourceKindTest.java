package ostium.core.paste;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.paste.Source.Kind;

/** What kind of source it is, told by what stands in it. */
class SourceKindTest {
    private static Kind kind(String words) {
        return Source.pasted(words).value().orElseThrow().kind();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Ada Ashlatch, 0117 496 0142 | TEXT",
                "begin:vcard~version:3.0 | VCARD",
                "BEGIN:VCALENDAR~VERSION:2.0 | CALENDAR",
                "{\"@type\": \"Plumber\"} | JSON_LD",
                "[{\"@type\": \"Plumber\"}] | JSON_LD",
                "<!doctype html><p>Hello | HTML",
                "Dear all, <br> see <p>below</p> | HTML",
                "2 < 3 and 4 > 3 | TEXT",
                "service,price~Hems,18 | CSV",
                "Leistung;Preis~Stimmung;85 | CSV",
                "name=Ashlatch~phone=0117 496 0142 | TAGS",
                "Mon-Fri 9-5, Sat 10-2~Sun closed, always | TEXT",
            })
    void isToldByItsContent(String words, Kind kind) {
        assertThat(kind(words.replace('~', '\n'))).isEqualTo(kind);
    }

    @Test
    void theNameOfAFileSettlesWhatTheContentLeavesOpen() {
        byte[] table = "Hems,18\nZips,22\n".getBytes(java.nio.charset.StandardCharsets.UTF_8);
        assertThat(Source.file(table, "prices.csv").value()).map(Source::kind).contains(Kind.CSV);
        assertThat(Source.file(table, "prices.txt").value()).map(Source::kind).contains(Kind.TEXT);
    }

    @Test
    void linesEndAlikeHoweverTheyWereWritten() {
        assertThat(Source.pasted("a\r\nb\rc\u00a0d").value()).map(Source::text).contains("a\nb\nc d");
    }
}
