package ostium.core.picture;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import ostium.core.fact.Treatment;
import ostium.core.look.ColourCode;

/** Makes the sizes of a picture from what is kept of it. Holds one picture in memory. */
public final class Darkroom {
    private static final int SMALL_PRINT = 120;
    private static final Pattern NAMED_COLOUR =
            Pattern.compile("#[0-9a-fA-F]{6}\\b|#[0-9a-fA-F]{3}\\b|rgb\\([^)]{5,40}\\)");

    private final byte[] kept;
    private final BufferedImage treated;

    private Darkroom(byte[] kept, BufferedImage treated) {
        this.kept = kept;
        this.treated = treated;
    }

    /**
     * Reads a kept picture and treats it.
     *
     * @throws UncheckedIOException if the kept bytes are damaged
     */
    public static Darkroom develop(byte[] kept, Treatment treatment) {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(kept));
            // A drawing has no pixels to treat.
            return new Darkroom(kept, image == null ? null : treated(Pixels.plain(image), treatment));
        } catch (IOException e) {
            throw new UncheckedIOException("a kept picture cannot be read", e);
        }
    }

    /** The bytes of one size. */
    public byte[] render(Rendition rendition) {
        if (rendition.format() == Rendition.Format.SVG) {
            return kept.clone();
        }
        BufferedImage sized = Pixels.sized(treated, rendition.width(), rendition.height());
        return switch (rendition.format()) {
            case WEBP -> Encoder.webp(sized, Encoder.SHOWN);
            case JPEG -> Encoder.jpeg(sized, Encoder.SHOWN);
            case PNG -> Encoder.png(sized);
            case SVG -> throw new IllegalStateException("answered above");
        };
    }

    /**
     * The colours to be seen in it: pixels of a small print, {@code 0xAARRGGBB}; of a drawing, the colours it names, each
     * once for every time it is named.
     */
    public int[] pixels() {
        if (treated == null) {
            return NAMED_COLOUR
                    .matcher(new String(kept, StandardCharsets.UTF_8))
                    .results()
                    .mapToInt(found -> ColourCode.read(found.group())
                            .map(colour ->
                                    0xff000000 | Integer.parseInt(colour.hex().substring(1), 16))
                            .orElse(0))
                    .toArray();
        }
        BufferedImage small = Pixels.within(treated, SMALL_PRINT);
        return small.getRGB(0, 0, small.getWidth(), small.getHeight(), null, 0, small.getWidth());
    }

    static BufferedImage treated(BufferedImage image, Treatment treatment) {
        BufferedImage upright = mirrored(turned(image, treatment.turn()), treatment.mirrored());
        BufferedImage lit = treatment.brightness() == 0 ? upright : lit(upright, 1 + treatment.brightness() / 100.0);
        // The whole picture says what its ground is: cut close, a logo reaches its edge.
        BufferedImage freed = treatment.ground() == Treatment.Ground.KEPT
                ? lit
                : FlatGround.of(lit)
                        .map(ground -> ground.takenFrom(lit, treatment.ground() == Treatment.Ground.EVERYWHERE))
                        .orElse(lit);
        return cut(freed, treatment.crop());
    }

    private static BufferedImage turned(BufferedImage image, int degrees) {
        if (degrees == 0) {
            return image;
        }
        boolean upright = degrees == 180;
        int width = upright ? image.getWidth() : image.getHeight();
        int height = upright ? image.getHeight() : image.getWidth();
        AffineTransform turn = new AffineTransform();
        turn.translate(width / 2.0, height / 2.0);
        turn.quadrantRotate(degrees / 90);
        turn.translate(-image.getWidth() / 2.0, -image.getHeight() / 2.0);
        return drawn(image, width, height, turn);
    }

    private static BufferedImage mirrored(BufferedImage image, boolean mirrored) {
        return mirrored
                ? drawn(
                        image,
                        image.getWidth(),
                        image.getHeight(),
                        new AffineTransform(-1, 0, 0, 1, image.getWidth(), 0))
                : image;
    }

    private static BufferedImage cut(BufferedImage image, Treatment.Box box) {
        if (box.equals(Treatment.Box.WHOLE)) {
            return image;
        }
        int left = Math.min(image.getWidth() - 1, (int) Math.round(image.getWidth() * box.left() / 100));
        int top = Math.min(image.getHeight() - 1, (int) Math.round(image.getHeight() * box.top() / 100));
        int width = (int) Math.round(image.getWidth() * box.width() / 100);
        int height = (int) Math.round(image.getHeight() * box.height() / 100);
        int across = Math.max(1, Math.min(width, image.getWidth() - left));
        int down = Math.max(1, Math.min(height, image.getHeight() - top));
        return drawn(image, across, down, AffineTransform.getTranslateInstance(-left, -top));
    }

    private static BufferedImage drawn(BufferedImage image, int width, int height, AffineTransform how) {
        BufferedImage drawn = new BufferedImage(width, height, image.getType());
        Graphics2D graphics = drawn.createGraphics();
        graphics.drawImage(image, how, null);
        graphics.dispose();
        return drawn;
    }

    /** Every channel times a factor, as {@code brightness()} of CSS Filter Effects does; transparency stays. */
    private static BufferedImage lit(BufferedImage image, double factor) {
        BufferedImage lit = new BufferedImage(image.getWidth(), image.getHeight(), image.getType());
        int[] row = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRGB(0, y, row.length, 1, row, 0, row.length);
            for (int x = 0; x < row.length; x++) {
                int pixel = row[x];
                row[x] = pixel & 0xff000000
                        | times(pixel >> 16 & 255, factor) << 16
                        | times(pixel >> 8 & 255, factor) << 8
                        | times(pixel & 255, factor);
            }
            lit.setRGB(0, y, row.length, 1, row, 0, row.length);
        }
        return lit;
    }

    private static int times(int channel, double factor) {
        return (int) Math.min(255, Math.round(channel * factor));
    }
}
