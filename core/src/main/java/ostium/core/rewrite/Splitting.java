package ostium.core.rewrite;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts a long sentence where two of them are only held together by a comma or a semicolon. */
final class Splitting {
    /** A sentence of fewer words is left whole. */
    private static final int LONG = 14;

    private static final Pattern SEAM = Pattern.compile(
            "(?:;|,) (?:and |but |so )?(?=(?:we|you|it|they|he|she|this|that|there|I)(?:['’]\\p{L}+)? )");

    private Splitting() {}

    static String split(String sentence) {
        if (sentence.split("\\s+").length < LONG) {
            return sentence;
        }
        // Before "if", "when" and the like a comma ends a clause that cannot stand alone.
        if (sentence.matches("(?iu)^(if|when|as|because|since|while|although|though|after|before|once|unless)\\b.*")) {
            return sentence;
        }
        Matcher seam = SEAM.matcher(sentence);
        StringBuilder out = new StringBuilder();
        while (seam.find()) {
            seam.appendReplacement(out, ". ");
        }
        seam.appendTail(out);
        String[] parts = out.toString().split("(?<=\\.) ");
        StringBuilder said = new StringBuilder();
        for (String part : parts) {
            said.append(said.length() == 0 ? "" : " ")
                    .append(part.substring(0, 1).toUpperCase(java.util.Locale.ROOT))
                    .append(part.substring(1));
        }
        return said.toString();
    }
}
