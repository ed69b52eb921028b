package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.base.Seed;
import ostium.core.draft.TradeLook;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.look.TypePairs;
import ostium.core.picture.FileReader;
import ostium.core.trade.TradeCatalogue;
import ostium.render.sign.Signs;

class SignsTest {
    private static Look look(House house) {
        return TradeLook.of(TradeCatalogue.shipped().byId("piano-tuner"), house, new Seed(1));
    }

    private static List<Signs.Sign> signs(String name, Look look) {
        return Signs.propose(name, look, Motifs.svg(look.motif()));
    }

    private static Element drawn(Signs.Sign sign) {
        return Jsoup.parse(sign.svg(), "", Parser.xmlParser()).selectFirst("svg");
    }

    static Stream<Arguments> looks() {
        return Stream.of(House.values())
                .flatMap(house -> TypePairs.all().stream().map(pair -> Arguments.of(house, pair.id())));
    }

    @ParameterizedTest(name = "{0} in {1}")
    @MethodSource("looks")
    void everyHouseAndAllLettersMakeFourThatDrawAndNothingElse(House house, String letters) {
        List<Signs.Sign> signs = signs("Wren & Tindle Pianos", look(house).withType(letters));
        assertThat(signs).extracting(Signs.Sign::id).containsExactly("initials", "motif", "beside", "name");
        for (Signs.Sign sign : signs) {
            assertThat(sign.svg()).doesNotContain("currentColor", "NaN", "<text");
            assertThat(FileReader.read(sign.svg().getBytes(java.nio.charset.StandardCharsets.UTF_8), "sign.svg")
                            .value())
                    .as("%s can be kept as a logo", sign.id())
                    .isPresent();
        }
    }

    @ParameterizedTest
    @EnumSource(House.class)
    void theWidestInitialsStayWithinTheirFrame(House house) {
        Signs.Sign sign = signs("Marl & Meadow", look(house)).get(0);
        String letters = drawn(sign).select("path").last().attr("d");
        List<Double> across = Stream.of(letters.split("[MLQCZ]"))
                .filter(part -> !part.isEmpty())
                .map(part -> Double.valueOf(part.split(" ")[0]))
                .toList();
        assertThat(across).allSatisfy(x -> assertThat(x).isBetween(20.0, 100.0));
    }

    @Test
    void aLongNameStandsOnTwoLines() {
        Look look = look(House.WORKSHOP);
        double one = Double.parseDouble(drawn(signs("Wren", look).get(3)).attr("height"));
        double two = Double.parseDouble(
                drawn(signs("Quillhaven Piano Repairs", look).get(3)).attr("height"));
        assertThat(two).isGreaterThan(one + 40);
    }

    @Test
    void aNameTheLettersCannotWriteGetsTheDrawingOnly() {
        assertThat(signs("مفاتيح", look(House.STUDIO)))
                .extracting(Signs.Sign::id)
                .containsExactly("motif");
        assertThat(signs("", look(House.STUDIO))).extracting(Signs.Sign::id).containsExactly("motif");
    }
}
