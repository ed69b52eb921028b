package ostium.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import ostium.core.fact.Picture;
import ostium.core.fact.StoredFile;
import ostium.core.fact.Treatment;
import ostium.core.text.Sha256;

/** Which sizes a page needs of a picture. The same picture always has the same ones. */
public final class Renditions {
    private static final int[] WIDTHS = {320, 640, 960, 1280, 1920};

    /** Heights of a logo: as it stands at the head of a page, and twice that for fine screens. */
    private static final int[] LOGO_HEIGHTS = {72, 144, 288};

    /** Sides of an icon: on a tab, and on the screen of a phone. */
    private static final int[] ICON_SIDES = {64, 180};

    /** A size that is nearly another is not made: within a tenth. */
    private static final double NEARLY = 1.1;

    private Renditions() {}

    /** All sizes, narrow ones first, of each width the modern format first. */
    public static List<Rendition> of(Picture picture) {
        StoredFile file = picture.file();
        int width = picture.treatment().width(file);
        int height = picture.treatment().height(file);
        String key =
                Sha256.hex(file.hash() + " " + picture.treatment().pixels()).substring(0, 12);
        if (file.kind() == StoredFile.Kind.SVG) {
            String path = "pictures/" + file.width() + "." + key + ".svg";
            return List.of(new Rendition(path, file.width(), file.height(), Rendition.Format.SVG));
        }
        boolean clear =
                file.kind() == StoredFile.Kind.PNG || picture.treatment().ground() != Treatment.Ground.KEPT;
        List<Rendition> all = new ArrayList<>();
        for (int each : widths(picture.use(), width, height)) {
            int down = Math.max(1, (int) Math.round(height * (double) each / width));
            if (picture.use() != Picture.Use.ICON) {
                all.add(rendition(each, down, key, Rendition.Format.WEBP));
            }
            all.add(rendition(
                    each,
                    down,
                    key,
                    clear || picture.use() == Picture.Use.ICON ? Rendition.Format.PNG : Rendition.Format.JPEG));
        }
        return all;
    }

    /** 12 digits that stand for what a picture shows; another picture or treatment has others. */
    public static String name(Picture picture) {
        return Sha256.hex(picture.file().hash() + " " + picture.treatment().pixels())
                .substring(0, 12);
    }

    private static Rendition rendition(int width, int height, String key, Rendition.Format format) {
        return new Rendition("pictures/" + width + "." + key + "." + format.ending(), width, height, format);
    }

    private static TreeSet<Integer> widths(Picture.Use use, int width, int height) {
        TreeSet<Integer> widths = new TreeSet<>();
        switch (use) {
            case LOGO -> {
                for (int down : LOGO_HEIGHTS) {
                    widths.add(Math.max(1, (int) Math.round(width * (double) Math.min(down, height) / height)));
                }
            }
            case ICON -> {
                for (int side : ICON_SIDES) {
                    double times = Math.min(1, side / (double) Math.max(width, height));
                    widths.add(Math.max(1, (int) Math.round(width * times)));
                }
            }
            case OPENING, WORK -> {
                for (int across : WIDTHS) {
                    if (across <= width) {
                        widths.add(across);
                    }
                }
                if (width < WIDTHS[WIDTHS.length - 1] && (widths.isEmpty() || width > widths.last() * NEARLY)) {
                    widths.add(width);
                }
            }
        }
        return widths;
    }
}
