package ostium.core.picture;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import net.coobird.thumbnailator.Thumbnails;

/** Small things done to pixels. */
final class Pixels {
    private Pixels() {}

    /** The picture in sRGB with 8 bits a channel, with transparency where it had some. */
    static BufferedImage plain(BufferedImage image) {
        int type = image.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB;
        if (image.getType() == type) {
            return image;
        }
        BufferedImage plain = new BufferedImage(image.getWidth(), image.getHeight(), type);
        Graphics2D graphics = plain.createGraphics();
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return plain;
    }

    /** No side longer than this; a smaller picture stays as it is. */
    static BufferedImage within(BufferedImage image, int side) {
        int longer = Math.max(image.getWidth(), image.getHeight());
        return longer <= side
                ? image
                : sized(
                        image,
                        Math.max(1, (int) Math.round(image.getWidth() * (double) side / longer)),
                        Math.max(1, (int) Math.round(image.getHeight() * (double) side / longer)));
    }

    static BufferedImage sized(BufferedImage image, int width, int height) {
        if (image.getWidth() == width && image.getHeight() == height) {
            return image;
        }
        try {
            return Thumbnails.of(image).forceSize(width, height).asBufferedImage();
        } catch (IOException e) {
            throw new UncheckedIOException("a picture in memory could not be made smaller", e);
        }
    }

    /** Whether any of its pixels lets the ground through. */
    static boolean isTransparent(BufferedImage image) {
        if (!image.getColorModel().hasAlpha()) {
            return false;
        }
        int[] row = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRGB(0, y, row.length, 1, row, 0, row.length);
            for (int pixel : row) {
                if (pixel >>> 24 < 250) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Largest difference of a channel, 0 to 255. */
    static int difference(int one, int other) {
        int red = Math.abs((one >> 16 & 255) - (other >> 16 & 255));
        int green = Math.abs((one >> 8 & 255) - (other >> 8 & 255));
        int blue = Math.abs((one & 255) - (other & 255));
        return Math.max(red, Math.max(green, blue));
    }
}
