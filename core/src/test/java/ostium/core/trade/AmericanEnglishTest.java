package ostium.core.trade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.Samples;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;

/** The words of a trade as they are said in the United States. */
class AmericanEnglishTest {
    @ParameterizedTest
    @CsvSource({
        "Tyre fitting, Tire fitting",
        "Estate agent, Real estate agent",
        "New worktops, New countertops",
        "Tapestry, Tapestry",
        "Windscreen repair, Windshield repair",
        "The fuse board is labelled., The electrical panel is labelled."
    })
    void saysWhatIsSaidThere(String british, String american) {
        assertThat(AmericanEnglish.say(british)).isEqualTo(american);
    }

    @Test
    void aSheetOfTheStatesHasItsTradeInAmericanWords() {
        TypedSheet sheet =
                TypedSheet.empty("US", 1).with(Line.TRADE, "tyre fitter").with(Line.NAME, "Gull & Co");
        Trade trade = Samples.read(sheet).brief().trade();
        assertThat(trade.services())
                .extracting(Trade.UsualService::name)
                .contains("Tire fitting")
                .noneMatch(name -> name.contains("yre"));
        assertThat(Samples.read(sheet).brief().trade())
                .as("the same one each time")
                .isSameAs(trade);
    }

    @Test
    void everywhereElseNothingIsTurned() {
        assertThat(TradeCatalogue.shipped().all())
                .allSatisfy(trade -> assertThat(trade.in("GB")).isSameAs(trade));
    }

    @Test
    void noTradeSaysColourThere() {
        Stream<String> words = TradeCatalogue.shipped().all().stream()
                .map(trade -> trade.in("US"))
                .flatMap(trade -> Stream.concat(
                        trade.services().stream().map(Trade.UsualService::name),
                        Stream.concat(trade.speech().tell().stream(), trade.questions().stream())));
        assertThat(words).noneMatch(word -> word.matches("(?i).*\\b(colour|tyre|jewellery|kerb|lorry|worktop)s?\\b.*"));
    }
}
