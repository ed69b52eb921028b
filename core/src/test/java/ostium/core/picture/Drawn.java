package ostium.core.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;

/** Made-up pictures and files, drawn where they are needed. */
public final class Drawn {
    private Drawn() {}

    /** A picture with a red left half and a blue right half, a yellow corner at the top left. */
    static BufferedImage halves(int width, int height) {
        return drawn(width, height, BufferedImage.TYPE_INT_RGB, graphics -> {
            graphics.setColor(Color.RED);
            graphics.fillRect(0, 0, width / 2, height);
            graphics.setColor(Color.BLUE);
            graphics.fillRect(width / 2, 0, width - width / 2, height);
            graphics.setColor(Color.YELLOW);
            graphics.fillRect(0, 0, width / 4, height / 4);
        });
    }

    /** A dark ring on a ground, with an empty margin around it: a logo as it often comes. */
    static BufferedImage ring(int side, Color ground) {
        return drawn(side, side, BufferedImage.TYPE_INT_RGB, graphics -> {
            graphics.setColor(ground);
            graphics.fillRect(0, 0, side, side);
            graphics.setColor(new Color(0x1f2f28));
            graphics.fillRect(side / 4, side / 4, side / 2, side / 2);
            graphics.setColor(ground);
            graphics.fillRect(side * 3 / 8, side * 3 / 8, side / 4, side / 4);
        });
    }

    static BufferedImage drawn(int width, int height, int type, java.util.function.Consumer<Graphics2D> draw) {
        BufferedImage image = new BufferedImage(width, height, type);
        Graphics2D graphics = image.createGraphics();
        draw.accept(graphics);
        graphics.dispose();
        return image;
    }

    /** The bytes of a picture, as {@code jpeg}, {@code png}, {@code gif}, {@code bmp}, {@code tiff} or {@code webp}. */
    public static byte[] bytes(BufferedImage image, String format) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            if (!ImageIO.write(image, format, out)) {
                throw new IllegalArgumentException(format);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    static BufferedImage read(byte[] bytes) {
        try {
            return ImageIO.read(new ByteArrayInputStream(bytes));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A JPEG held sideways by a camera that also wrote where it was: Exif with an orientation and a place. */
    public static byte[] photograph(int width, int height, int orientation) {
        byte[] jpeg = bytes(halves(width, height), "jpeg");
        byte[] make = "Lantern 5\0".getBytes(StandardCharsets.US_ASCII);
        ByteBuffer exif = ByteBuffer.allocate(2 + 2 + 6 + 8 + 2 + 2 * 12 + 4 + make.length);
        exif.putShort((short) 0xffe1).putShort((short) (exif.capacity() - 2));
        exif.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        exif.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        exif.putShort((short) 2);
        exif.putShort((short) 0x010f).putShort((short) 2).putInt(make.length).putInt(8 + 2 + 2 * 12 + 4);
        exif.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        exif.putInt(0).put(make);
        ByteBuffer whole = ByteBuffer.allocate(jpeg.length + exif.capacity());
        whole.put(jpeg, 0, 2).put(exif.array()).put(jpeg, 2, jpeg.length - 2);
        return whole.array();
    }

    /** A PNG that says how large it is and has no more to it. */
    public static byte[] hollowPng(int width, int height) {
        ByteBuffer png = ByteBuffer.allocate(8 + 25 + 12);
        png.put(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        ByteBuffer header = ByteBuffer.allocate(17);
        header.put("IHDR".getBytes(StandardCharsets.US_ASCII)).putInt(width).putInt(height);
        header.put(new byte[] {8, 6, 0, 0, 0});
        chunk(png, header.array());
        chunk(png, "IEND".getBytes(StandardCharsets.US_ASCII));
        return png.array();
    }

    private static void chunk(ByteBuffer png, byte[] typeAndData) {
        CRC32 check = new CRC32();
        check.update(typeAndData);
        png.putInt(typeAndData.length - 4).put(typeAndData).putInt((int) check.getValue());
    }

    public static byte[] zip() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("van.jpg"));
            zip.write(bytes(halves(8, 8), "jpeg"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** A PDF of empty pages, written by hand. */
    public static byte[] pdf(int pages) {
        StringBuilder kids = new StringBuilder();
        StringBuilder objects = new StringBuilder("%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n");
        for (int i = 0; i < pages; i++) {
            kids.append(3 + i).append(" 0 R ");
            objects.append(3 + i).append(" 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 595 842]>>endobj\n");
        }
        objects.append("2 0 obj<</Type/Pages/Count ")
                .append(pages)
                .append("/Kids[")
                .append(kids)
                .append("]>>endobj\ntrailer<</Root 1 0 R/Size ")
                .append(3 + pages)
                .append(">>\n%%EOF\n");
        return objects.toString().getBytes(StandardCharsets.US_ASCII);
    }

    public static byte[] svg(String inside) {
        return ("<?xml version=\"1.0\"?><svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 120 60\">" + inside
                        + "</svg>")
                .getBytes(StandardCharsets.UTF_8);
    }
}
