package ostium.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.fact.Picture;
import ostium.core.fact.StoredFile;
import ostium.core.fact.Treatment;

/** A page gets the sizes it needs of a picture, and no other. */
class RenditionsTest {
    private static Picture picture(StoredFile.Kind kind, Picture.Use use, int width, int height, Treatment treatment) {
        return new Picture(StoredFile.picture("ab".repeat(32), kind, width, height, 1), use, "", true, "", treatment);
    }

    private static List<String> sizes(Picture picture) {
        return Renditions.of(picture).stream()
                .map(each -> each.width() + "x" + each.height() + " " + each.format())
                .toList();
    }

    private static final StoredFile.Kind JPEG = StoredFile.Kind.JPEG;

    @ParameterizedTest
    @CsvSource({
        "JPEG, WORK, 4000, 3000, 320x240 640x480 960x720 1280x960 1920x1440",
        "JPEG, WORK, 1300, 650, 320x160 640x320 960x480 1280x640",
        "JPEG, WORK, 1800, 900, 320x160 640x320 960x480 1280x640 1800x900",
        "JPEG, OPENING, 200, 5000, 200x5000",
        "JPEG, WORK, 1, 1, 1x1",
        "PNG, LOGO, 1000, 250, 288x72 576x144 1000x250",
        "PNG, LOGO, 100, 50, 100x50",
        "PNG, ICON, 512, 512, 64x64 180x180",
    })
    void widthsFollowFromThePictureAndItsUse(
            StoredFile.Kind kind, Picture.Use use, int width, int height, String expected) {
        List<Rendition> all = Renditions.of(picture(kind, use, width, height, Treatment.NONE));

        assertThat(all.stream().map(each -> each.width() + "x" + each.height()).distinct())
                .containsExactly(expected.split(" "));
    }

    @Test
    void theModernFormatComesFirstWithOneThatEverythingReads() {
        assertThat(sizes(picture(JPEG, Picture.Use.WORK, 320, 200, Treatment.NONE)))
                .containsExactly("320x200 WEBP", "320x200 JPEG");
        assertThat(sizes(picture(StoredFile.Kind.PNG, Picture.Use.WORK, 320, 200, Treatment.NONE)))
                .containsExactly("320x200 WEBP", "320x200 PNG");
        Treatment clear = Treatment.read("", "", "", "", "around", "").orElseThrow();
        assertThat(sizes(picture(JPEG, Picture.Use.WORK, 320, 200, clear)))
                .containsExactly("320x200 WEBP", "320x200 PNG");
    }

    @Test
    void sizesAreThoseOfWhatIsShown() {
        Treatment upright = Treatment.read("90", "", "0,0,100,25", "", "", "").orElseThrow();
        assertThat(sizes(picture(JPEG, Picture.Use.WORK, 400, 300, upright)))
                .containsExactly("300x100 WEBP", "300x100 JPEG");
    }

    @Test
    void anotherTreatmentHasAnotherPathAndAnotherFocusHasNot() {
        String plain = path(Treatment.NONE);
        assertThat(plain).matches("pictures/320\\.[0-9a-f]{12}\\.webp");
        assertThat(path(Treatment.read("", "yes", "", "", "", "").orElseThrow()))
                .isNotEqualTo(plain);
        assertThat(path(Treatment.read("", "", "", "5", "", "").orElseThrow())).isNotEqualTo(plain);
        assertThat(path(Treatment.read("", "", "", "", "", "10,90").orElseThrow()))
                .isEqualTo(plain);
    }

    private static String path(Treatment treatment) {
        return Renditions.of(picture(JPEG, Picture.Use.WORK, 320, 200, treatment))
                .get(0)
                .path();
    }
}
