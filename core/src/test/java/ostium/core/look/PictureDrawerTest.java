package ostium.core.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.trade.TradeCatalogue;

class PictureDrawerTest {
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "chimney-sweep, roofs",
        "piano-tuner, piano",
        "tailor, cloth",
        "gardener, garden",
        "vet, hills",
        "hairdresser, salon",
        "plumber, pipes",
        "electrician, facade"
    })
    void aTradeGetsTheSceneOfItsWork(String trade, String scene) {
        assertThat(PictureDrawer.suiting(
                                TradeCatalogue.shipped().byId(trade).motif(),
                                TradeCatalogue.shipped().byId(trade).family())
                        .id())
                .isEqualTo(scene);
    }

    @Test
    void everyTradeGetsOneAndEveryFamilyItsOwn() {
        assertThat(TradeCatalogue.shipped().all())
                .allSatisfy(trade -> assertThat(PictureDrawer.suiting(trade.motif(), trade.family()))
                        .isNotNull());
        assertThat(TradeCatalogue.shipped().all().stream()
                        .map(trade -> PictureDrawer.suiting(trade.motif(), trade.family())
                                .id())
                        .distinct()
                        .count())
                .isEqualTo(PictureDrawer.all().size());
    }

    static Stream<Arguments> words() {
        return PictureDrawer.all().stream()
                .flatMap(scene -> scene.words().stream().map(word -> Arguments.of(word, scene.id())));
    }

    @ParameterizedTest(name = "{0} → {1}")
    @MethodSource("words")
    void aSceneIsFoundByEachOfItsWords(String word, String scene) {
        assertThat(PictureDrawer.find(word)).extracting(PictureDrawer.Scene::id).contains(scene);
    }

    @Test
    void severalWordsBringTheBestFirst() {
        assertThat(PictureDrawer.find("boat on the sea").get(0).id()).isEqualTo("harbour");
        assertThat(PictureDrawer.find("gardening").get(0).id()).isEqualTo("garden");
    }

    @Test
    void nothingAskedShowsAllAndNothingFoundShowsNone() {
        assertThat(PictureDrawer.find(" ")).hasSameSizeAs(PictureDrawer.all());
        assertThat(PictureDrawer.find("xylophone")).isEmpty();
    }
}
