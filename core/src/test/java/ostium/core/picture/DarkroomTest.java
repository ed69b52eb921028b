package ostium.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.fact.Picture;
import ostium.core.fact.StoredFile;
import ostium.core.fact.Treatment;
import ostium.core.text.Sha256;

/** What is done to a picture is done to what is shown of it; what is kept stays as it is. */
class DarkroomTest {
    private static Treatment treatment(String turn, String mirror, String crop, String brightness, String ground) {
        return Treatment.read(turn, mirror, crop, brightness, ground, "").orElseThrow();
    }

    private static Picture picture(byte[] kept, int width, int height, Treatment treatment) {
        StoredFile file = StoredFile.picture(Sha256.hex(kept), StoredFile.Kind.PNG, width, height, kept.length);
        return new Picture(file, Picture.Use.WORK, "Two halves", false, "", treatment);
    }

    /** Where the yellow corner at the top left comes to lie. */
    @ParameterizedTest
    @CsvSource({
        "'', '', 20, 20",
        "90, '', 280, 20",
        "180, '', 380, 280",
        "270, '', 20, 380",
        "'', yes, 380, 20",
        "90, yes, 20, 20"
    })
    void turnsAndMirrors(String turn, String mirror, int x, int y) {
        BufferedImage treated = Darkroom.treated(Drawn.halves(400, 300), treatment(turn, mirror, "", "", ""));

        assertThat(treated.getRGB(x, y)).isEqualTo(Color.YELLOW.getRGB());
    }

    @Test
    void cutsWhatHasBeenTurned() {
        Treatment upright = treatment("90", "", "50,0,50,50", "", "");
        BufferedImage treated = Darkroom.treated(Drawn.halves(400, 300), upright);

        assertThat(treated.getWidth()).isEqualTo(150);
        assertThat(treated.getHeight()).isEqualTo(200);
        assertThat(treated.getRGB(140, 10)).isEqualTo(Color.YELLOW.getRGB());
        assertThat(treated.getRGB(10, 190)).isEqualTo(Color.RED.getRGB());
    }

    @ParameterizedTest
    @CsvSource({"10, 110", "-50, 50", "50, 150", "'', 100"})
    void makesItLighterAndDarker(String brightness, int grey) {
        BufferedImage plain = Drawn.drawn(4, 4, BufferedImage.TYPE_INT_RGB, graphics -> {
            graphics.setColor(new Color(100, 100, 100));
            graphics.fillRect(0, 0, 4, 4);
        });
        int pixel =
                Darkroom.treated(plain, treatment("", "", "", brightness, "")).getRGB(1, 1);
        assertThat(pixel & 255).isEqualTo(grey);
    }

    @Test
    void takesAFlatGroundAwayAroundOrInsideToo() {
        BufferedImage ring = Drawn.ring(400, new Color(0xf4ecd8));
        BufferedImage around = Darkroom.treated(ring, treatment("", "", "", "", "around"));
        BufferedImage everywhere = Darkroom.treated(ring, treatment("", "", "", "", "everywhere"));

        assertThat(around.getRGB(5, 5) >>> 24).isZero();
        assertThat(around.getRGB(200, 200) >>> 24).as("inside the ring").isEqualTo(255);
        assertThat(around.getRGB(120, 120)).isEqualTo(0xff1f2f28);
        assertThat(everywhere.getRGB(200, 200) >>> 24).isZero();
        assertThat(everywhere.getRGB(120, 120)).isEqualTo(0xff1f2f28);
    }

    @Test
    void aLogoThatIsCutCloseLosesItsGroundAllTheSame() {
        Treatment close = treatment("", "", "25,25,50,50", "", "everywhere");
        BufferedImage treated = Darkroom.treated(Drawn.ring(400, Color.WHITE), close);

        assertThat(treated.getWidth()).isEqualTo(200);
        assertThat(treated.getRGB(0, 0)).isEqualTo(0xff1f2f28);
        assertThat(treated.getRGB(100, 100) >>> 24).isZero();
    }

    /** A half-covered pixel of black on white must not leave a white rim on a dark page. */
    @Test
    void anEdgeKeepsOnlyTheColourOfThePicture() {
        BufferedImage soft = Drawn.drawn(9, 9, BufferedImage.TYPE_INT_RGB, graphics -> {
            graphics.setColor(Color.WHITE);
            graphics.fillRect(0, 0, 9, 9);
            graphics.setColor(new Color(220, 220, 220));
            graphics.fillRect(3, 3, 3, 3);
        });
        int edge = Darkroom.treated(soft, treatment("", "", "", "", "around")).getRGB(3, 3);

        assertThat(edge >>> 24).isBetween(90, 160);
        assertThat(edge & 255).as("darker than it was seen on white").isLessThan(190);
    }

    @Test
    void aPictureWithoutAFlatGroundStaysAsItIs() {
        BufferedImage photograph = Drawn.halves(60, 40);
        assertThat(Darkroom.treated(photograph, treatment("", "", "", "", "around")))
                .isSameAs(photograph);
    }

    @ParameterizedTest
    @CsvSource({"'', '', '', '', ''", "90, yes, '10,20,50,60', -20, around", "270, '', '0,0,33.33,100', 50, everywhere"
    })
    void whatChangesAPixelCanBeWrittenDownAndReadAgain(
            String turn, String mirror, String crop, String brightness, String ground) {
        Treatment treatment = treatment(turn, mirror, crop, brightness, ground);
        assertThat(Treatment.ofPixels(treatment.pixels())).isEqualTo(treatment);
    }

    @Test
    void everySizeHasTheSizeItSays() {
        byte[] kept = Drawn.bytes(Drawn.halves(1000, 700), "png");
        Picture picture = picture(kept, 1000, 700, treatment("90", "yes", "0,0,100,50", "10", ""));
        Darkroom room = Darkroom.develop(kept, picture.treatment());

        for (Rendition rendition : Renditions.of(picture)) {
            byte[] bytes = room.render(rendition);
            BufferedImage image = Drawn.read(bytes);
            assertThat(image.getWidth()).as(rendition.path()).isEqualTo(rendition.width());
            assertThat(image.getHeight()).as(rendition.path()).isEqualTo(rendition.height());
            assertThat(new org.apache.tika.Tika().detect(bytes))
                    .isEqualTo(rendition.format().contentType());
        }
    }

    @Test
    void aDrawingIsOneSizeAndStaysAsItIs() {
        byte[] kept = Drawn.svg("<path d=\"M0 0h9v9\"/>");
        StoredFile file = StoredFile.picture(Sha256.hex(kept), StoredFile.Kind.SVG, 120, 60, kept.length);
        Picture picture = new Picture(file, Picture.Use.LOGO, "", false, "", Treatment.NONE);
        List<Rendition> sizes = Renditions.of(picture);

        assertThat(sizes).hasSize(1);
        assertThat(Darkroom.develop(kept, picture.treatment()).render(sizes.get(0)))
                .isEqualTo(kept);
    }
}
