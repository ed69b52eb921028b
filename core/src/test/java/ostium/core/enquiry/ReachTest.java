package ostium.core.enquiry;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ReachTest {
    @Test
    void theSamePersonIsTheSameHoweverItIsWritten() {
        assertThat(Reach.read("0117 496 0771", "GB").orElseThrow().key())
                .isEqualTo(Reach.read("+44 117 4960771", "GB").orElseThrow().key());
        assertThat(Reach.read("Oona@Quayle.example", "GB").orElseThrow().key())
                .isEqualTo(Reach.read("oona@quayle.example", "GB").orElseThrow().key());
    }

    @Test
    void aPressOpensWhatItIs() {
        assertThat(Reach.read("0117 496 0771", "GB").orElseThrow().uri()).isEqualTo("tel:+441174960771");
        assertThat(Reach.read("oona@quayle.example", "GB").orElseThrow().uri()).isEqualTo("mailto:oona@quayle.example");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "ask my sister", "@", "12"})
    void otherWordsReachNobody(String words) {
        assertThat(Reach.read(words, "GB")).isEmpty();
    }
}
