package ostium.core.enquiry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.InventedBusinesses;
import ostium.core.form.Field;
import ostium.core.form.Form;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/** The form a site begins with asks what the trade needs to know, and nothing twice. */
class StartingFormTest {
    static List<Trade> trades() {
        return TradeCatalogue.shipped().all();
    }

    private static Field message(Form form) {
        return form.fields().get(form.fields().size() - 1);
    }

    @ParameterizedTest
    @MethodSource("trades")
    void theMessageSaysWhatHelpsInOneSentence(Trade trade) {
        String help =
                message(StartingForm.of(InventedBusinesses.brief(trade, 1))).help();
        assertThat(help)
                .matches("|It helps to say (what|which|where|when|who|whom|how|whether|why|if)\\b.*\\.")
                .hasSizeLessThan(200);
    }

    @Test
    void whatAFieldAsksIsNotAskedForAgain() {
        Trade chimneys = TradeCatalogue.shipped().find("chimney sweep").trade();
        Form sweep = StartingForm.of(InventedBusinesses.brief(chimneys, 1));
        assertThat(sweep.fields()).extracting(Field::label).anyMatch(label -> label.contains("swept"));
        assertThat(message(sweep).help()).contains("how many chimneys").doesNotContain("swept");
    }
}
