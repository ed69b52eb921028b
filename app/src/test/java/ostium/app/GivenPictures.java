package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import tools.jackson.databind.JsonNode;

/** Pictures made up for tests, given to a site and used in it. */
final class GivenPictures {
    private GivenPictures() {}

    /** A made-up picture, each with a colour of its own. */
    static byte[] picture(int width, int height, String format) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(UUID.randomUUID().hashCode() & 0xffffff));
        graphics.fillRect(0, 0, width, height);
        graphics.setColor(Color.ORANGE);
        graphics.fillOval(width / 4, height / 4, width / 2, height / 2);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, format, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    static JsonNode give(Browserlike who, String site, String name, byte[] bytes) {
        Browserlike.Answer answer = who.upload("/api/sites/" + site + "/files?use=opening", name, bytes);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json();
    }

    static Map<String, Object> row(String kind, String id, Map<String, String> lines) {
        return Map.of("kind", kind, "id", id, "lines", new HashMap<>(lines));
    }

    /** A site with one picture in its opening and one PDF. */
    static JsonNode pictured(Browserlike who, JsonNode site, JsonNode taken, Map<String, String> more) {
        Map<String, Object> sheet = Browserlike.sheet("Pictured Sweeps");
        Map<String, String> lines = new HashMap<>(Map.of(
                "file", taken.path("file").asString(), "use", "opening", "alternative", "A brush before a hearth"));
        lines.putAll(more);
        sheet.put("services", List.of(Map.of("name", "Chimney sweep", "price", "£65")));
        sheet.put("rows", List.of(row("picture", "one", lines)));
        return who.keepSheet(site, sheet).json().path("site");
    }
}
