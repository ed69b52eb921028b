package ostium.core.hours;

/**
 * Words as they are looked at: in small letters, with every space, dash and apostrophe alike, full-width letters as plain ones, and
 * pictures as spaces. Every character keeps its place, so that places found here are places in what was typed.
 */
final class Folded {
    private static final int FULL_WIDTH = 0xFF01;
    private static final int LAST_FULL_WIDTH = 0xFF5E;
    private static final int PLAIN = '!';

    private Folded() {}

    static String of(String words) {
        StringBuilder same = new StringBuilder(words.length());
        for (int i = 0; i < words.length(); i++) {
            same.append(folded(words.charAt(i)));
        }
        return same.toString();
    }

    private static char folded(char typed) {
        // Lower case must not move places: a letter whose lower case is longer stays as it is.
        char letter = typed >= FULL_WIDTH && typed <= LAST_FULL_WIDTH ? (char) (typed - FULL_WIDTH + PLAIN) : typed;
        return switch (letter) {
            case '\n', '\r', '\t' -> letter;
            case '‐', '‑', '‒', '–', '—', '―', '−', '~', '〜', '～' -> '-';
            case '’', '‘', '´', '`', 'ʼ' -> '\'';
            default -> Character.isSpaceChar(letter) || isPicture(letter) ? ' ' : Character.toLowerCase(letter);
        };
    }

    private static boolean isPicture(char letter) {
        int type = Character.getType(letter);
        return type == Character.OTHER_SYMBOL
                || type == Character.SURROGATE
                || type == Character.FORMAT
                || type == Character.NON_SPACING_MARK;
    }
}
