package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

/** {@code ./ostium draft}: a site from a file of facts and what lies beside it. */
class DraftCommandTest {
    private final StringWriter said = new StringWriter();

    private int run(String... arguments) {
        var command = new CommandLine(new DraftCommand());
        command.setOut(new PrintWriter(said, true));
        command.setErr(new PrintWriter(said, true));
        return command.execute(arguments);
    }

    @Test
    void writesAFinishedSite(@TempDir Path out) throws IOException {
        assertThat(run("../demo/ashlatch.jsonld", "--out", out.toString(), "--seed", "4", "--goal", "write"))
                .as(said.toString())
                .isZero();
        String page = Files.readString(out.resolve("index.html"), StandardCharsets.UTF_8);
        assertThat(page).contains("Ashlatch Chimney Care");
        assertThat(out.resolve("fonts")).isNotEmptyDirectory();
    }

    @Test
    void readsAContactFileToo(@TempDir Path dir) throws IOException {
        Path file = dir.resolve("card.vcf");
        Files.writeString(
                file,
                "BEGIN:VCARD\nVERSION:4.0\nFN:Tolver Taps\nORG:Tolver Taps\nTITLE:plumber\nTEL:0117 496 0555\nEND:VCARD\n");
        assertThat(run(file.toString(), "--out", dir.resolve("o").toString()))
                .as(said.toString())
                .isZero();
        assertThat(Files.readString(dir.resolve("o/index.html"))).contains("Tolver Taps", "0117 496 0555");
    }

    @Test
    void namesTheFieldOfAMistake(@TempDir Path dir) throws IOException {
        Path file = dir.resolve("b.jsonld");
        Files.writeString(
                file, "{\"@type\":\"Plumber\",\"name\":\"B\",\"telephone\":\"12\",\"openingHours\":\"Mo 9-25\"}");
        assertThat(run(file.toString(), "--out", dir.resolve("o").toString())).isEqualTo(2);
        assertThat(said.toString())
                .contains("telephone: This number is too short.", "openingHours: “25” is not a time of day.");
        assertThat(dir.resolve("o")).doesNotExist();
    }

    @Test
    void saysWhatIsMissingAndWhatItDoesNotKnow() {
        assertThat(run("no-such-file.jsonld")).isEqualTo(2);
        assertThat(run("../demo/ashlatch.jsonld", "--goal", "sing")).isEqualTo(2);
        assertThat(said.toString()).contains("there is no such file", "“sing” is not a goal");
    }

    @Test
    void takesThePicturesThatLieBesideTheFacts(@TempDir Path dir) throws IOException {
        picture(dir.resolve("front.jpg"), 800, 600);
        picture(dir.resolve("mark.png"), 300, 100);
        picture(dir.resolve("plain.png"), 400, 300);
        Files.writeString(dir.resolve("words.jpg"), "not a picture");
        Path file = dir.resolve("b.jsonld");
        Files.writeString(
                file,
                "{\"@type\":\"Plumber\",\"name\":\"Tolver Taps\",\"telephone\":\"0117 496 0555\","
                        + "\"logo\":\"https://taps.example/files/mark.png?v=2\","
                        + "\"image\":[{\"@type\":\"ImageObject\",\"contentUrl\":\"front.jpg\",\"caption\":\"A brass tap\"},"
                        + "\"plain.png\",\"words.jpg\",\"../../etc/passwd\",\"gone.jpg\"]}");
        Path out = dir.resolve("o");
        assertThat(run(file.toString(), "--out", out.toString()))
                .as(said.toString())
                .isZero();
        Document page = Jsoup.parse(Files.readString(out.resolve("index.html")));
        assertThat(page.select("img").eachAttr("alt")).contains("A brass tap");
        assertThat(page.select("img, source").stream()
                        .flatMap(each -> Stream.of(each.attr("src"), each.attr("srcset")))
                        .flatMap(each -> Stream.of(each.split(",\\s*")))
                        .map(each -> each.split(" ")[0])
                        .filter(each -> each.contains("pictures/"))
                        .toList())
                .hasSizeGreaterThan(3)
                .allSatisfy(each -> assertThat(out.resolve(each)).isNotEmptyFile());
        assertThat(said.toString())
                .contains(
                        "image: plain.png: not shown yet: say what it shows",
                        "image: words.jpg: not used: ",
                        "image: ../../etc/passwd: not used, there is no such file beside the facts",
                        "image: gone.jpg: not used, there is no such file beside the facts");
    }

    private static void picture(Path file, int width, int height) throws IOException {
        String name = file.getFileName().toString();
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        image.createGraphics().fillRect(width / 4, height / 4, width / 2, height / 2);
        ImageIO.write(image, name.substring(name.lastIndexOf('.') + 1), file.toFile());
    }
}
