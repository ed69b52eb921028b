package ostium.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.management.ThreadMXBean;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Of a PNG only what is drawn is read. */
class PngChunksTest {
    private static byte[] png() throws IOException {
        BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_ARGB);
        image.setRGB(3, 4, 0xff336699);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static byte[] chunk(String type, byte[] data) {
        byte[] name = type.getBytes(StandardCharsets.ISO_8859_1);
        CRC32 sum = new CRC32();
        sum.update(name);
        sum.update(data);
        return ByteBuffer.allocate(12 + data.length)
                .putInt(data.length)
                .put(name)
                .put(data)
                .putInt((int) sum.getValue())
                .array();
    }

    /** A text of zeros that takes a thousandth of itself. */
    private static byte[] inflating(int megabytes) throws IOException {
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        text.write("Comment\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream out = new DeflaterOutputStream(text, new Deflater(9))) {
            byte[] zeros = new byte[1 << 20];
            for (int i = 0; i < megabytes; i++) {
                out.write(zeros);
            }
        }
        return chunk("zTXt", text.toByteArray());
    }

    /** After the header, which comes first. */
    private static byte[] with(byte[] png, byte[] chunk, int times) {
        int head = 8 + 12 + 13;
        ByteBuffer out = ByteBuffer.allocate(png.length + chunk.length * times).put(png, 0, head);
        for (int i = 0; i < times; i++) {
            out.put(chunk);
        }
        return out.put(png, head, png.length - head).array();
    }

    @Test
    void wordsThatGrowAThousandfoldAreNotRead() throws IOException {
        byte[] given = with(png(), inflating(100), 19);
        assertThat(given.length).isLessThan(2_000_000);
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();
        assertThat(FileReader.read(given, "picture.png").value()).isPresent();
        assertThat(threads.getCurrentThreadAllocatedBytes() - before)
                .as("not the 1.9 GB its words would take")
                .isLessThan(100_000_000);
    }

    @Test
    void thePictureIsTheSame() throws IOException {
        byte[] given = with(png(), chunk("tEXt", "Author\0Ada".getBytes(StandardCharsets.ISO_8859_1)), 1);
        byte[] drawn = PngChunks.drawn(given);
        assertThat(new String(drawn, StandardCharsets.ISO_8859_1)).doesNotContain("Author");
        assertThat(ImageIO.read(new ByteArrayInputStream(drawn)).getRGB(3, 4)).isEqualTo(0xff336699);
    }

    @Test
    void whatIsDamagedEndsWhereItIs() throws IOException {
        byte[] png = png();
        byte[] cut = Arrays.copyOf(png, png.length - 20);
        assertThat(PngChunks.drawn(cut)).isEqualTo(cut);
        byte[] wild = with(
                png,
                ByteBuffer.allocate(8)
                        .putInt(-1)
                        .put("zTXt".getBytes(StandardCharsets.ISO_8859_1))
                        .array(),
                1);
        assertThat(PngChunks.drawn(wild).length).isLessThan(wild.length);
        assertThat(PngChunks.drawn(new byte[] {1, 2, 3})).containsExactly(1, 2, 3);
    }
}
