package ostium.render;

/**
 * Where rendered pages will stand.
 *
 * @param kind what kind of place it is
 * @param url canonical address with a slash at its end, or empty where none is known
 * @param fromRoot whether links begin at the root of the site, for a page that is shown at another address than its own
 * @param beside whether the page is none of the site's own, such as that for booking: the menu marks none, and leads to them
 */
public record Target(Kind kind, String url, boolean fromRoot, boolean beside) {

    /** The kinds of places. */
    public enum Kind {
        /** Served by Ostium to visitors. */
        PUBLISHED,
        /** Shown to the owner beside the sheet: sections carry their ids, the form sends nothing. */
        PREVIEW,
        /** A folder of files: links are relative, and the form becomes a mail link. */
        FOLDER
    }

    public static Target published(String url) {
        return new Target(Kind.PUBLISHED, url, false, false);
    }

    public static Target preview() {
        return new Target(Kind.PREVIEW, "", false, false);
    }

    public static Target folder() {
        return new Target(Kind.FOLDER, "", false, false);
    }

    Target linksFromRoot() {
        return new Target(kind, url, true, beside);
    }

    Target besides() {
        return new Target(kind, url, fromRoot, true);
    }

    public boolean isPreview() {
        return kind == Kind.PREVIEW;
    }
}
