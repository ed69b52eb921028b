package ostium.core.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.Samples;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;

/** A picture on the facts sheet: a kept file, where it belongs, what it shows, and what is done to it. */
class PictureTest {
    private static final String HASH = "0123456789abcdef".repeat(4);

    @ParameterizedTest
    @ValueSource(strings = {" jpeg 1600x1200 482113", " png 1x1 70", " svg 120x60 900", " pdf 4 120332"})
    void theLineOfAFileComesBackTheSame(String rest) {
        assertThat(StoredFile.read(HASH + rest).orElseThrow().say()).isEqualTo(HASH + rest);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "jpeg 1x1 1", " gif 1x1 1", " jpeg 0x10 1", " jpeg 1x1", " pdf 1x1 1", " pdf 2"})
    void anythingElseIsNoFile(String rest) {
        assertThat(StoredFile.read(HASH + rest)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"700, 1 KB", "482113, 482 KB", "999400, 999 KB", "2140000, 2.1 MB"})
    void saysItsWeight(long bytes, String words) {
        assertThat(StoredFile.document(HASH, 1, bytes).weight()).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({
        "45, '', '', '', '', ''",
        "'', no, '', '', '', ''",
        "'', '', '10,10,95,10', '', '', ''",
        "'', '', '-1,0,50,50', '', '', ''",
        "'', '', '0,0,0.5,50', '', '', ''",
        "'', '', '0,0,50', '', '', ''",
        "'', '', '', 51, '', ''",
        "'', '', '', -51, '', ''",
        "'', '', '', bright, '', ''",
        "'', '', '', '', all, ''",
        "'', '', '', '', '', '50'",
        "'', '', '', '', '', '50,101'"
    })
    void aTreatmentThatCannotBeReadIsNone(
            String turn, String mirror, String crop, String brightness, String ground, String focus) {
        assertThat(Treatment.read(turn, mirror, crop, brightness, ground, focus))
                .isEmpty();
    }

    private static SheetReading read(String kind, Map<String, String> lines) {
        TypedSheet sheet = Samples.sheet("ashlatch");
        java.util.List<TypedRow> rows = new java.util.ArrayList<>(sheet.rows());
        rows.add(new TypedRow(kind, "one", lines));
        return Samples.read(sheet.withRows(rows));
    }

    private static Map<String, String> photograph(String... more) {
        Map<String, String> lines = new LinkedHashMap<>(Map.of("file", HASH + " jpeg 1600x1200 482113"));
        for (int i = 0; i < more.length; i += 2) {
            lines.put(more[i], more[i + 1]);
        }
        return lines;
    }

    @Test
    void aRowIsReadAsAPicture() {
        SheetReading reading = read(
                "picture",
                photograph(
                        "use", "opening", "alternative", "A brush at a flue", "crop", "0,10,100,50", "focus", "30,40"));
        Picture picture =
                reading.brief().facts().given("picture/one", Picture.class).orElseThrow();

        assertThat(picture.use()).isEqualTo(Picture.Use.OPENING);
        assertThat(picture.isDescribed()).isTrue();
        assertThat(picture.treatment().height(picture.file())).isEqualTo(600);
        assertThat(picture.treatment().focus()).isEqualTo(new Treatment.Focus(30, 40));
    }

    @Test
    void whatAPictureShowsIsAskedForUnlessItIsDecorationOrALogo() {
        assertThat(read("picture", photograph()).answers().get("picture/one").remark())
                .contains("What does it show?");
        assertThat(read("picture", photograph("decoration", "yes"))
                        .answers()
                        .get("picture/one")
                        .remark())
                .isEmpty();
        assertThat(read("picture", photograph("use", "logo"))
                        .answers()
                        .get("picture/one")
                        .remark())
                .isEmpty();
    }

    @Test
    void aFileSaysHowLongAndHowHeavyItIs() {
        SheetReading reading = read("document", Map.of("file", HASH + " pdf 4 120332", "title", "Price list"));
        Document document =
                reading.brief().facts().given("document/one", Document.class).orElseThrow();

        assertThat(document.size()).isEqualTo("PDF, 4 pages, 120 KB");
        assertThat(read("document", Map.of("file", HASH + " pdf 1 900"))
                        .answers()
                        .get("document/one")
                        .remark())
                .contains("what is it called?");
    }

    @Test
    void aRowThatNamesNoFileSaysSo() {
        assertThat(read("picture", photograph("file", "holiday.jpg"))
                        .answers()
                        .get("picture/one")
                        .says())
                .contains("cannot be read");
        assertThat(read("picture", photograph("turn", "45"))
                        .answers()
                        .get("picture/one")
                        .says())
                .contains("cannot be read");
        assertThat(read("document", Map.of("file", HASH + " png 1x1 5", "title", "x"))
                        .answers()
                        .get("document/one")
                        .says())
                .contains("cannot be read");
    }
}
