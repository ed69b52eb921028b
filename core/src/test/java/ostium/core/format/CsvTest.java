package ostium.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CsvTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "a word | a word",
                "=HYPERLINK(1) | '=HYPERLINK(1)",
                "@SUM(A1) | '@SUM(A1)",
                "+44 117 496 0771 | +44 117 496 0771",
                "-12 | -12",
                "one, two | \"one, two\"",
            })
    void aCellIsHarmless(String cell, String written) {
        assertThat(Csv.write(List.of("head"), List.of(List.of(cell)))).isEqualTo("\uFEFFhead\r\n" + written + "\r\n");
    }
}
