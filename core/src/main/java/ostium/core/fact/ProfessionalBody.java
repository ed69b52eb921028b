package ostium.core.fact;

import java.util.regex.Pattern;

/** Tells a body one is a member of from what one has earned there: nobody is a member of a diploma. */
final class ProfessionalBody {
    private static final Pattern BODY = Pattern.compile(
            "(?iu)\\b(?:guild|association|society|federation|institut\\p{L}*|chamber"
                    + "|union|council|league|alliance|fellowship|confederation|academy|club|network|forum|college of|board of)\\b");

    private static final Pattern EARNED =
            Pattern.compile("(?iu)\\b(?:diploma|degree|certificat\\p{L}*|licen[cs]e\\p{L}*|level|nvq"
                    + "|apprentice\\p{L}*|bachelor|master|b\\.?sc|m\\.?sc|ba|ma"
                    + "|phd|qualif\\p{L}*|award|course|training|graduate|trained|registered|registration|accredited|approved|insured"
                    + "|insurance|first aid)\\b");

    private ProfessionalBody() {}

    static boolean isNamedIn(String words) {
        return BODY.matcher(words).find() && !EARNED.matcher(words).find();
    }
}
