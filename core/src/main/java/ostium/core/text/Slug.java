package ostium.core.text;

import java.text.Normalizer;
import java.util.Locale;

/** Words as a part of an address: lower case letters a–z, digits and single hyphens. */
public final class Slug {
    private Slug() {}

    /**
     * @param longest most characters to keep; the cut falls between words where it can
     * @return the slug, or an empty string when nothing of the words can stand in an address
     */
    public static String of(String words, int longest) {
        String plain = Normalizer.normalize(words, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .replace("ß", "ss")
                .replace("&", " and ")
                .replaceAll("[’']", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        if (plain.length() <= longest) {
            return plain;
        }
        String cut = plain.substring(0, longest);
        int hyphen = cut.lastIndexOf('-');
        return (plain.charAt(longest) == '-' || hyphen < longest / 2 ? cut : cut.substring(0, hyphen))
                .replaceAll("-$", "");
    }
}
