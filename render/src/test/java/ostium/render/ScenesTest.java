package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.look.House;
import ostium.core.look.PaintCard;
import ostium.core.look.PaintMixes;
import ostium.core.look.PictureDrawer;
import ostium.core.look.TypePair;
import ostium.core.look.TypePairs;
import ostium.render.scene.Scenes;

/** Scenes, ornaments and letters: what ships with a site besides its pages. */
class ScenesTest {
    private static PaintCard card(House house, int mix) {
        return PaintCard.of(house, PaintMixes.all().get(mix).mix());
    }

    static Stream<Arguments> scenes() {
        return PictureDrawer.all().stream()
                .flatMap(scene -> Stream.of(House.values()).map(house -> Arguments.of(scene.id(), house)));
    }

    @ParameterizedTest(name = "{0} in {1}")
    @MethodSource("scenes")
    void aSceneIsADrawingOfItsOwnTheSameEveryTime(String scene, House house) {
        PaintCard card = card(house, 3);
        String svg = Scenes.draw(scene, "house", card);
        assertThat(Jsoup.parse(svg, "", Parser.xmlParser())
                        .select("svg[viewBox] > *")
                        .size())
                .isGreaterThan(20);
        assertThat(svg).doesNotContain("NaN", "null", "var(", "%s").isEqualTo(Scenes.draw(scene, "house", card));
        assertThat(PictureDrawer.all())
                .filteredOn(other -> !other.id().equals(scene))
                .allSatisfy(other ->
                        assertThat(Scenes.draw(other.id(), "house", card)).isNotEqualTo(svg));
    }

    @ParameterizedTest
    @MethodSource("scenes")
    void aSceneIsPaintedFromTheCard(String scene, House house) {
        assertThat(Scenes.draw(scene, "house", card(house, 3)))
                .isNotEqualTo(Scenes.draw(scene, "house", card(house, 8)));
        assertThat(Scenes.draw(scene, "house", card(house, 3)).length())
                .as("characters of %s", scene)
                .isLessThan(60_000);
    }

    @Test
    void aSweepsBrushStandsInTheChimneyOfASweepOnly() {
        PaintCard card = card(House.WORKSHOP, 0);
        assertThat(Scenes.draw("roofs", "chimney", card)).isNotEqualTo(Scenes.draw("roofs", "roof", card));
    }

    @ParameterizedTest
    @EnumSource(House.class)
    void everyOrnamentAStylesheetNamesIsThere(House house) {
        String css = Resource.text("/ostium/houses/" + house.id() + ".css");
        var named = java.util.regex.Pattern.compile("url\\(([a-z-]+)\\)")
                .matcher(css)
                .results()
                .map(found -> found.group(1))
                .collect(java.util.stream.Collectors.toSet());
        assertThat(Ornaments.of(house, card(house, 2)).keySet()).containsAll(named);
    }

    static Stream<TypePair> pairs() {
        return TypePairs.all().stream();
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void aPairOfLettersLoadsAtMostEightyKilobytesOnALatinPage(TypePair pair) {
        int bytes = pair.faces().stream()
                .mapToInt(face -> Resource.bytes("/ostium/fonts/" + face.file() + "-latin.woff2").length)
                .sum();
        assertThat(bytes).isLessThanOrEqualTo(80 * 1024);
        assertThat(Faces.files(pair))
                .allSatisfy(file -> assertThat(file.bytes()).isNotEmpty());
    }
}
