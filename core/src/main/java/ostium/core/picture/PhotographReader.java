package ostium.core.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.filters.ImageFilter;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.fact.StoredFile;
import ostium.core.fact.Treatment;
import ostium.core.text.Sha256;

/**
 * Takes a picture of pixels: looks at its size before a pixel is read, turns it upright, keeps at most {@link
 * FileLimits#LONGEST_SIDE} pixels a side, and writes it anew, so that nothing stays but the picture itself.
 */
final class PhotographReader {
    private static final Messages WORDS = Messages.of("picture");

    /** Above this many pixels a picture that is larger than what is kept is read coarsely, so that it fits in memory. */
    private static final long READ_WHOLE = 24_000_000;

    /** An opaque picture that is heavier than this without loss is kept as a photograph. */
    private static final int HEAVY = 1_000_000;

    private PhotographReader() {}

    static Reading<TakenFile> read(byte[] bytes, String type) {
        if (bytes.length > FileLimits.PICTURE_BYTES) {
            return FileReader.refused(WORDS.say(
                    "photographReader.heavy",
                    FileReader.megabytes(bytes.length),
                    FileReader.megabytes(FileLimits.PICTURE_BYTES)));
        }
        try (ImageInputStream stream =
                ImageIO.createImageInputStream(new ByteArrayInputStream(PngChunks.drawn(bytes)))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                return damaged();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream, false, false);
                return read(reader, bytes, type);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            // Readers of pictures answer damaged bytes with many kinds of exceptions.
            return damaged();
        }
    }

    private static Reading<TakenFile> read(ImageReader reader, byte[] bytes, String type) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if ((long) width * height > FileLimits.PIXELS) {
            return FileReader.refused(String.format(Locale.UK, WORDS.say("photographReader.large"), width, height));
        }
        boolean[] cut = new boolean[1];
        reader.addIIOReadWarningListener((source, warning) -> cut[0] |= isCut(warning));
        BufferedImage image = upright(reader, Pixels.plain(reader.read(0, coarsely(reader, width, height))));
        if (cut[0]) {
            return FileReader.refused(WORDS.say("photographReader.theEndOfThisPicture"));
        }
        List<String> notes = new ArrayList<>();
        if (Math.max(width, height) > FileLimits.LONGEST_SIDE) {
            notes.add(String.format(
                    Locale.UK, WORDS.say("photographReader.itHadDDPixels"), width, height, FileLimits.LONGEST_SIDE));
        }
        if (tellsMore(bytes)) {
            notes.add(WORDS.say("photographReader.whenWhereAndWithWhat"));
        }
        if (type.equals("image/gif") && reader.getNumImages(true) > 1) {
            notes.add(WORDS.say("photographReader.itMovedTheFirstPicture"));
        }
        return Reading.understood(keep(Pixels.within(image, FileLimits.LONGEST_SIDE), type, notes));
    }

    private static ImageReadParam coarsely(ImageReader reader, int width, int height) {
        ImageReadParam how = reader.getDefaultReadParam();
        double times = Math.max(width, height) / (double) FileLimits.LONGEST_SIDE;
        int step = (int) ((long) width * height > READ_WHOLE ? Math.ceil(times) : Math.floor(times));
        if (step > 1) {
            how.setSourceSubsampling(step, step, 0, 0);
        }
        return how;
    }

    /** Turned as the camera was held (Exif 2.3, tag 0x0112). */
    private static BufferedImage upright(ImageReader reader, BufferedImage image) {
        try {
            Orientation orientation = ExifUtils.getExifOrientation(reader, 0);
            if (orientation == null || orientation == Orientation.TOP_LEFT) {
                return image;
            }
            ImageFilter turn = ExifFilterUtils.getFilterForOrientation(orientation);
            return turn.apply(image);
        } catch (IOException | RuntimeException e) {
            // A picture that does not say how it was held is taken as it lies.
            return image;
        }
    }

    private static TakenFile keep(BufferedImage image, String type, List<String> notes) {
        boolean clear = Pixels.isTransparent(image);
        byte[] content = null;
        StoredFile.Kind kind = StoredFile.Kind.PNG;
        if (clear || !type.equals("image/jpeg")) {
            content = Encoder.png(image);
        }
        if (!clear && (content == null || content.length > HEAVY)) {
            content = Encoder.jpeg(image, Encoder.KEPT);
            kind = StoredFile.Kind.JPEG;
        }
        StoredFile file =
                StoredFile.picture(Sha256.hex(content), kind, image.getWidth(), image.getHeight(), content.length);
        return new TakenFile(
                file,
                content,
                notes,
                Margins.inside(image).orElse(Treatment.Box.WHOLE),
                FlatGround.of(image).map(FlatGround::code).orElse(""));
    }

    private static boolean isCut(String warning) {
        String words = warning.toLowerCase(Locale.ROOT);
        return words.contains("premature") || words.contains("eoi") || words.contains("end of");
    }

    /** Whether it carries what cameras write beside a picture. */
    private static boolean tellsMore(byte[] bytes) {
        String head = new String(bytes, 0, Math.min(bytes.length, 200_000), StandardCharsets.ISO_8859_1);
        return head.contains("Exif\0\0") || head.contains("eXIf") || head.contains("EXIF");
    }

    private static Reading<TakenFile> damaged() {
        return FileReader.refused(WORDS.say("photographReader.thisPictureIsDamagedIt"));
    }
}
