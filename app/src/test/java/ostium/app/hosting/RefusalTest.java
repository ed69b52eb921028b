package ostium.app.hosting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ostium.core.base.Messages;

class RefusalTest {
    @ParameterizedTest
    @EnumSource(Refusal.class)
    void everyRefusalHasAHeadingAndAWholeSentence(Refusal refusal) {
        assertThat(refusal.heading()).isNotBlank().doesNotEndWith(".");
        assertThat(refusal.says()).endsWith(".");
        assertThat(refusal.status()).isBetween(400, 599);
    }

    @Test
    void noWordsAreLeftOver() {
        assertThat(Messages.of("refusal").keys()).hasSize(2 * Refusal.values().length);
        assertThat(Arrays.stream(Refusal.values())
                        .map(each -> each.heading() + each.says())
                        .distinct())
                .as("two of the same words are one")
                .hasSize(Refusal.values().length);
    }
}
