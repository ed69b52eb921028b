package ostium.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.Samples;
import ostium.core.fact.Service;
import ostium.core.fact.Telephone;

class SheetReaderTest {
    private static TypedSheet sheet(
            String trade, String name, String telephone, String hours, List<TypedSheet.TypedService> services) {
        return TypedSheet.empty("GB", 1)
                .with(Line.TRADE, trade)
                .with(Line.NAME, name)
                .with(Line.TELEPHONE, telephone)
                .with(Line.HOURS, hours)
                .with(Line.GOAL, "sing")
                .withServices(services)
                .withLinks(List.of("@ashlatch", ""))
                .withPractices(List.of("no-such-practice"))
                .withDenied(List.of("NONSENSE"));
    }

    private static TypedSheet.TypedService service(String name, String price) {
        return new TypedSheet.TypedService("", "", name, "", price, "");
    }

    @Test
    void anEmptySheetSaysWhatIsNeeded() {
        SheetReading reading = Samples.read(TypedSheet.empty("GB", 1));
        assertThat(reading.missingWords()).isEqualTo("your trade, your name, a telephone number or a mail address");
        assertThat(reading.brief().facts().list()).isEmpty();
    }

    @Test
    void threeFactsAreEnough() {
        assertThat(Samples.read(sheet("piano tuner", "Wren & Tindle", "0117 496 0388", "", List.of()))
                        .isEnough())
                .isTrue();
    }

    @Test
    void aFieldThatCannotBeReadLeavesTheOthersAlone() {
        SheetReading reading =
                Samples.read(sheet("piano tuner", "Wren & Tindle", "0117 496 0388", "Mon 9-25", List.of()));
        assertThat(reading.answers().get("hours").state()).isEqualTo(FieldAnswer.State.REFUSED);
        assertThat(reading.answers().get("telephone").says()).isEqualTo("People from abroad dial +44 117 496 0388");
        assertThat(reading.brief().facts().one(Telephone.class)).isPresent();
    }

    @Test
    void servicesAreReadRowByRow() {
        SheetReading reading = Samples.read(sheet(
                "tailor",
                "B",
                "0117 496 0388",
                "",
                List.of(
                        service("Hem", "from 18"),
                        service("", "5"),
                        service("hem", "20"),
                        service("Zip", "lots"),
                        service("x".repeat(91), ""))));
        assertThat(reading.brief().facts().all(Service.class))
                .extracting(fact -> fact.value().name())
                .containsExactly("Hem", "Zip");
        assertThat(reading.answers().get("services.1").says()).startsWith("Name the service");
        assertThat(reading.answers().get("services.2").says()).isEqualTo("This service stands here twice.");
        assertThat(reading.answers().get("services.3.price").state()).isEqualTo(FieldAnswer.State.REFUSED);
        assertThat(reading.answers().get("services.4").says()).contains("90");
    }

    @Test
    void moreServicesThanFitAreRefusedAndNotDropped() {
        List<TypedSheet.TypedService> many =
                IntStream.range(0, 61).mapToObj(i -> service("Job " + i, "")).toList();
        SheetReading reading = Samples.read(sheet("tailor", "B", "0117 496 0388", "", many));
        assertThat(reading.brief().facts().all(Service.class)).hasSize(60);
        assertThat(reading.answers().get("services.60").state()).isEqualTo(FieldAnswer.State.REFUSED);
    }

    @Test
    void aNameOfTwoHundredAndOneIsTooLong() {
        SheetReading reading = Samples.read(sheet("tailor", "n".repeat(201), "0117 496 0388", "", List.of()));
        assertThat(reading.answers().get("name").state()).isEqualTo(FieldAnswer.State.REFUSED);
        assertThat(reading.missing()).containsExactly(new Missing("name", "your name"));
    }

    @Test
    void wordsFromElsewhereThatMeanNothingAreHarmless() {
        SheetReading reading = Samples.read(sheet("tailor", "B", "0117 496 0388", "", List.of()));
        assertThat(reading.brief().goal()).isEqualTo(reading.brief().trade().goal());
        assertThat(reading.brief().denied()).isEmpty();
        assertThat(reading.answers().get("links.0").state()).isEqualTo(FieldAnswer.State.ASKED);
    }

    @Test
    void anUnknownTradeStandsInTheOwnersWordsAndSaysSo() {
        SheetReading reading = Samples.read(sheet("falconer", "B", "0117 496 0388", "", List.of()));
        assertThat(reading.tradeNear()).isFalse();
        assertThat(reading.answers().get("trade").says()).contains("own words");
        assertThat(reading.isEnough()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "1066, 1066 is before 1500",
        "9999, 9999 is still to come",
        "twelve, Give the year in four figures",
    })
    void aYearThatCannotBeSaysWhy(String typed, String why) {
        SheetReading reading = Samples.read(TypedSheet.empty("GB", 1).with(Line.FOUNDED, typed));
        assertThat(reading.answers().get("founded").says()).startsWith(why);
    }
}
