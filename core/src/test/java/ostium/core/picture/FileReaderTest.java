package ostium.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.base.Reading;
import ostium.core.fact.StoredFile;

/** What an owner gives is judged by its content, made upright, and kept with nothing beside the picture. */
class FileReaderTest {
    private static TakenFile taken(byte[] bytes, String name) {
        Reading<TakenFile> reading = FileReader.read(bytes, name);
        return reading.value().orElseThrow(() -> new AssertionError(reading));
    }

    private static String refusal(byte[] bytes, String name) {
        Reading<TakenFile> reading = FileReader.read(bytes, name);
        assertThat(reading).isInstanceOf(Reading.Refused.class);
        return ((Reading.Refused<TakenFile>) reading).reason();
    }

    @ParameterizedTest
    @CsvSource({"jpeg, JPEG", "png, PNG", "gif, PNG", "bmp, PNG", "tiff, PNG", "webp, PNG"})
    void takesPicturesOfEveryUsualKindWhateverTheirName(String format, StoredFile.Kind kept) {
        TakenFile taken = taken(Drawn.bytes(Drawn.halves(400, 300), format), "holiday.doc");

        assertThat(taken.file().kind()).isEqualTo(kept);
        assertThat(taken.file().width()).isEqualTo(400);
        assertThat(taken.file().height()).isEqualTo(300);
        assertThat(taken.file().bytes()).isEqualTo(taken.content().length);
        BufferedImage image = Drawn.read(taken.content());
        assertThat(Pixels.difference(image.getRGB(300, 200), Color.BLUE.getRGB()))
                .isLessThan(12);
    }

    /** Where the yellow corner of the drawn photograph comes to lie (Exif 2.3, orientation). */
    @ParameterizedTest
    @CsvSource({
        "1, 400, 300, 20, 20",
        "2, 400, 300, 380, 20",
        "3, 400, 300, 380, 280",
        "4, 400, 300, 20, 280",
        "5, 300, 400, 20, 20",
        "6, 300, 400, 280, 20",
        "7, 300, 400, 280, 380",
        "8, 300, 400, 20, 380"
    })
    void turnsAPhotographAsTheCameraWasHeld(int orientation, int width, int height, int x, int y) {
        TakenFile taken = taken(Drawn.photograph(400, 300, orientation), "IMG_4032.jpg");

        assertThat(taken.file().width()).isEqualTo(width);
        assertThat(taken.file().height()).isEqualTo(height);
        assertThat(Pixels.difference(Drawn.read(taken.content()).getRGB(x, y), Color.YELLOW.getRGB()))
                .isLessThan(30);
    }

    @Test
    void keepsNothingOfWhatTheCameraWroteBeside() {
        byte[] given = Drawn.photograph(400, 300, 6);
        assertThat(new String(given, StandardCharsets.ISO_8859_1)).contains("Exif", "Lantern 5");

        TakenFile taken = taken(given, "IMG_4032.jpg");

        assertThat(new String(taken.content(), StandardCharsets.ISO_8859_1)).doesNotContain("Exif", "Lantern");
        assertThat(taken.notes()).containsExactly("When, where and with what it was taken has been removed.");
        assertThat(taken(taken.content(), "again.jpg").file().width())
                .as("upright for good")
                .isEqualTo(300);
    }

    @Test
    void keepsAtMostSoManyPixelsASide() {
        TakenFile taken = taken(Drawn.bytes(Drawn.halves(6000, 1500), "jpeg"), "wide.jpg");

        assertThat(taken.file().width()).isEqualTo(4096);
        assertThat(taken.file().height()).isEqualTo(1024);
        assertThat(taken.notes()).containsExactly("It had 6,000 × 1,500 pixels; 4,096 a side are kept.");
    }

    @Test
    void readsALargePictureCoarselySoThatItFitsInMemory() {
        TakenFile taken = taken(Drawn.bytes(Drawn.halves(7000, 5000), "jpeg"), "large.jpg");

        assertThat(taken.file().width()).isBetween(3500, 4096);
        assertThat(taken.file().height()).isEqualTo(Math.round(taken.file().width() * 5 / 7f));
    }

    @Test
    void theSamePictureIsKeptAsTheSameBytes() {
        byte[] given = Drawn.photograph(300, 200, 3);
        assertThat(taken(given, "a.jpg").file())
                .isEqualTo(taken(given.clone(), "b.jpg").file());
    }

    @Test
    void keepsWhatIsSeeThroughSeeThrough() {
        BufferedImage clear = Drawn.drawn(200, 100, BufferedImage.TYPE_INT_ARGB, graphics -> {
            graphics.setColor(Color.RED);
            graphics.fillRect(50, 25, 100, 50);
        });
        TakenFile taken = taken(Drawn.bytes(clear, "png"), "logo.png");

        assertThat(taken.file().kind()).isEqualTo(StoredFile.Kind.PNG);
        assertThat(Drawn.read(taken.content()).getRGB(0, 0) >>> 24).isZero();
        assertThat(taken.inside().say()).isEqualTo("25,25,50,50");
        assertThat(taken.ground()).isEmpty();
    }

    @Test
    void seesTheMarginAndTheFlatGroundOfALogo() {
        TakenFile taken = taken(Drawn.bytes(Drawn.ring(400, Color.WHITE), "jpeg"), "logo.jpg");

        assertThat(taken.ground()).isEqualTo("#ffffff");
        assertThat(taken.inside().left()).isBetween(24.0, 25.01);
        assertThat(taken.inside().width()).isBetween(49.9, 52.0);
    }

    @Test
    void aPictureOfOneColourHasNoMargin() {
        BufferedImage white = Drawn.drawn(100, 100, BufferedImage.TYPE_INT_RGB, graphics -> {
            graphics.setColor(Color.WHITE);
            graphics.fillRect(0, 0, 100, 100);
        });
        assertThat(taken(Drawn.bytes(white, "png"), "white.png").inside().say()).isEmpty();
        assertThat(taken(Drawn.bytes(Drawn.halves(100, 100), "png"), "photo.png")
                        .ground())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 17})
    void countsThePagesOfAPdf(int pages) {
        TakenFile taken = taken(Drawn.pdf(pages), "Price list.pdf");

        assertThat(taken.file().kind()).isEqualTo(StoredFile.Kind.PDF);
        assertThat(taken.file().pages()).isEqualTo(pages);
        assertThat(taken.content()).isEqualTo(Drawn.pdf(pages));
    }

    @Test
    void takesADrawingThatOnlyDraws() {
        TakenFile taken = taken(
                Drawn.svg("<metadata>made on Ada’s computer</metadata><!-- draft -->"
                        + "<defs><linearGradient id=\"g\"><stop offset=\"0\" stop-color=\"#123\"/></linearGradient></defs>"
                        + "<path d=\"M0 0h120v60H0z\" fill=\"url(#g)\" inkpot:label=\"ground\"/>"
                        + "<use xlink:href=\"#g\"/>"),
                "logo.svg");

        assertThat(taken.file().kind()).isEqualTo(StoredFile.Kind.SVG);
        assertThat(taken.file().width()).isEqualTo(120);
        assertThat(taken.file().height()).isEqualTo(60);
        assertThat(new String(taken.content(), StandardCharsets.UTF_8))
                .contains("linearGradient", "url(#g)", "<svg", "xmlns=\"http://www.w3.org/2000/svg\"")
                .doesNotContain("Ada", "draft", "inkpot");
    }

    static Stream<Arguments> turnedAway() {
        return Stream.of(
                Arguments.of(
                        "a ZIP that calls itself a picture", Drawn.zip(), "van.jpg", "ZIP archive, though its name"),
                Arguments.of("a ZIP", Drawn.zip(), "pictures.zip", "ZIP archive. Unpack it"),
                Arguments.of("nothing", new byte[0], "empty.png", "empty"),
                Arguments.of(
                        "words",
                        "Sweep £65".getBytes(StandardCharsets.UTF_8),
                        "list.txt",
                        "plain text, not a picture or a PDF. Paste"),
                Arguments.of("a page", "<!DOCTYPE html><html><body>x".getBytes(), "logo.png", "web page, though"),
                Arguments.of("30,000 pixels a side", Drawn.hollowPng(30_000, 30_000), "big.png", "30,000 × 30,000"),
                Arguments.of("a hollow PNG", Drawn.hollowPng(30, 30), "hollow.png", "damaged"),
                Arguments.of("half a JPEG", half(Drawn.bytes(Drawn.halves(900, 700), "jpeg")), "half.jpg", "missing"),
                Arguments.of("half a PNG", half(Drawn.bytes(Drawn.halves(900, 700), "png")), "half.png", "damaged"),
                Arguments.of("noise", new byte[] {1, 2, 3, 4, 5, 6, 7, 8}, "x.jpg", "neither a picture nor a PDF"),
                Arguments.of("a script", Drawn.svg("<script>alert(1)</script>"), "a.svg", "a program (“script”)"),
                Arguments.of(
                        "a script in capitals",
                        Drawn.svg("<SCRIPT>alert(1)</SCRIPT>"),
                        "a.svg",
                        "a program (“script”)"),
                Arguments.of("a handler", Drawn.svg("<rect onload=\"alert(1)\"/>"), "a.svg", "a program (“onload”)"),
                Arguments.of(
                        "a page inside",
                        Drawn.svg("<foreignObject><b>x</b></foreignObject>"),
                        "a.svg",
                        "a program (“foreignobject”)"),
                Arguments.of("a movement", Drawn.svg("<animate/>"), "a.svg", "moves or does something"),
                Arguments.of(
                        "something fetched",
                        Drawn.svg("<image href=\"http://elsewhere.example/x.png\"/>"),
                        "a.svg",
                        "from elsewhere"),
                Arguments.of(
                        "a style that fetches",
                        Drawn.svg("<style>@import url(http://elsewhere.example/x.css)</style>"),
                        "a.svg",
                        "from elsewhere"),
                Arguments.of(
                        "a fill that fetches",
                        Drawn.svg("<rect fill=\"url(https://elsewhere.example/#g)\"/>"),
                        "a.svg",
                        "from elsewhere"),
                Arguments.of(
                        "a link that runs",
                        Drawn.svg("<use href=\"javascript:alert(1)\"/>"),
                        "a.svg",
                        "from elsewhere"),
                Arguments.of(
                        "no size",
                        "<svg xmlns=\"http://www.w3.org/2000/svg\"><path d=\"M0 0\"/></svg>".getBytes(),
                        "a.svg",
                        "how large it is"),
                Arguments.of("half a PDF", "%PDF-1.7\n1 0 obj<<".getBytes(), "list.pdf", "PDF is damaged"),
                Arguments.of(
                        "too heavy a PDF", Arrays.copyOf(Drawn.pdf(1), 10_000_001), "list.pdf", "10 MB. The most is"),
                Arguments.of(
                        "too heavy a picture",
                        Arrays.copyOf(Drawn.bytes(Drawn.halves(9, 9), "jpeg"), 20_500_000),
                        "list.jpg",
                        "20.5 MB. The most is 20 MB"));
    }

    private static byte[] half(byte[] bytes) {
        return Arrays.copyOf(bytes, bytes.length / 2);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("turnedAway")
    void whatCannotBeTakenIsTurnedAwayWithAReason(String what, byte[] bytes, String name, String reason) {
        assertThat(refusal(bytes, name)).contains(reason);
    }
}
