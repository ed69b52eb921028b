package ostium.core.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** Pictures as bytes, with nothing beside the picture in them. The same picture always makes the same bytes. */
final class Encoder {
    /** Quality of what is kept, from 0 to 1. */
    static final float KEPT = 0.92f;

    /** Quality of what is shown, from 0 to 1. */
    static final float SHOWN = 0.82f;

    private Encoder() {}

    static byte[] png(BufferedImage image) {
        return write(image, "png", null, -1);
    }

    static byte[] jpeg(BufferedImage image, float quality) {
        return write(opaque(image), "jpeg", "JPEG", quality);
    }

    static byte[] webp(BufferedImage image, float quality) {
        return write(image, "webp", "Lossy", quality);
    }

    private static BufferedImage opaque(BufferedImage image) {
        if (!image.getColorModel().hasAlpha()) {
            return image;
        }
        BufferedImage opaque = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = opaque.createGraphics();
        graphics.drawImage(image, 0, 0, Color.WHITE, null);
        graphics.dispose();
        return opaque;
    }

    private static byte[] write(BufferedImage image, String format, String compression, float quality) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName(format).next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            if (compression != null) {
                how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
                how.setCompressionType(compression);
                how.setCompressionQuality(quality);
            }
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException e) {
            throw new UncheckedIOException("a picture in memory could not be written", e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
