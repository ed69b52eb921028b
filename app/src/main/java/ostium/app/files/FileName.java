package ostium.app.files;

/** What the name of a file says about it. */
final class FileName {
    private static final int LONGEST = 60;

    private FileName() {}

    /** {@code price-list_2026.pdf} as words: {@code Price list 2026}. Names that cameras give say nothing. */
    static String spoken(String name) {
        String words = name.replaceAll("^.*[/\\\\]", "")
                .replaceFirst("\\.[A-Za-z0-9]{1,5}$", "")
                .replaceAll("[_\\-+.]+", " ")
                .replaceAll("\\p{Cntrl}", "")
                .strip();
        if (words.isEmpty() || words.matches("(?i)(img|dsc[nf]?|pxl|image|photo|scan|screenshot)?[ 0-9]*")) {
            return "";
        }
        String cut = words.length() > LONGEST ? words.substring(0, LONGEST).strip() : words;
        return cut.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + cut.substring(1);
    }
}
