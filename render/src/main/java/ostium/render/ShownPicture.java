package ostium.render;

import java.util.List;
import java.util.stream.Collectors;
import ostium.core.fact.Picture;
import ostium.core.picture.Rendition;
import ostium.core.picture.Renditions;

/** A picture as an {@code img} element needs it: its sizes, and what it shows in words. */
public final class ShownPicture {
    /** As wide as the size is that is loaded where no list of sizes is understood. */
    private static final int USUAL_WIDTH = 960;

    private final Picture picture;
    private final String alternative;
    private final List<Rendition> sizes;

    ShownPicture(Picture picture, String alternative) {
        this.picture = picture;
        this.alternative = picture.decoration() ? "" : alternative;
        this.sizes = Renditions.of(picture);
    }

    /** The sizes in the modern format, as of {@code srcset}; empty when there are none. */
    public String modern() {
        return sourceSet(sizes.stream()
                .filter(each -> each.format() == Rendition.Format.WEBP)
                .toList());
    }

    /** The sizes everything reads, as of {@code srcset}; empty for a drawing. */
    public String plain() {
        return sizes.size() == 1 ? "" : sourceSet(others());
    }

    /** The one size that is loaded where a list is not understood. */
    public String source() {
        List<Rendition> others = others();
        return others.stream()
                .filter(each -> each.width() >= USUAL_WIDTH)
                .findFirst()
                .orElse(others.get(others.size() - 1))
                .path();
    }

    /** The largest size, for what others show of the page. */
    public String largest() {
        List<Rendition> others = others();
        return others.get(others.size() - 1).path();
    }

    private List<Rendition> others() {
        return sizes.stream()
                .filter(each -> each.format() != Rendition.Format.WEBP)
                .toList();
    }

    private static String sourceSet(List<Rendition> sizes) {
        return sizes.stream()
                .map(each -> each.path() + " " + each.width() + "w")
                .collect(Collectors.joining(", "));
    }

    public int width() {
        return picture.treatment().width(picture.file());
    }

    public int height() {
        return picture.treatment().height(picture.file());
    }

    public String alternative() {
        return alternative;
    }

    public String credit() {
        return picture.credit();
    }

    public String contentType() {
        return sizes.get(sizes.size() - 1).format().contentType();
    }

    /** Class of the rule that keeps what matters, in steps of five per cent: {@code at-30-40}. */
    public String place() {
        return "at-" + step(picture.treatment().focus().x()) + "-"
                + step(picture.treatment().focus().y());
    }

    String rule() {
        return "img." + place() + "{object-position:"
                + step(picture.treatment().focus().x()) + "% "
                + step(picture.treatment().focus().y()) + "%}";
    }

    private static int step(double percent) {
        return (int) Math.round(percent / 5) * 5;
    }
}
