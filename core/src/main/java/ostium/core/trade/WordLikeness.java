package ostium.core.trade;

import ostium.core.text.EditDistance;

/** How like two words are, {@code [0, 1]}, as people type and shorten them. */
final class WordLikeness {
    private WordLikeness() {}

    /** Same 1; one begins with or holds the other, as German words do; small slips; else 0. */
    static double of(String word, int letters, String other, int otherLetters) {
        if (word.equals(other)) {
            return 1;
        }
        int shorter = Math.min(word.length(), other.length());
        int longer = Math.max(word.length(), other.length());
        if (shorter >= 3 && (other.startsWith(word) || word.startsWith(other))) {
            return longer - shorter <= 3 ? 0.96 : 0.7 + 0.25 * shorter / longer;
        }
        if (shorter >= 5 && (other.contains(word) || word.contains(other))) {
            return 0.6 + 0.25 * shorter / longer;
        }
        int allowed = shorter >= 7 ? 2 : longer >= 4 && shorter >= 3 ? 1 : 0;
        if (word.length() >= 5 && other.length() > word.length() + allowed && word.charAt(0) == other.charAt(0)) {
            return begun(word, other, allowed);
        }
        if (longer - shorter > allowed || Integer.bitCount(letters ^ otherLetters) > 2 * allowed) {
            return 0;
        }
        int slips = EditDistance.between(word, other);
        return slips <= allowed ? 0.95 - 0.08 * slips : 0;
    }

    /** A word that is being typed, with slips: held against as much of the other as could be meant. */
    private static double begun(String word, String other, int allowed) {
        int slips = allowed + 1;
        for (int length = word.length(); length <= word.length() + 1; length++) {
            slips = Math.min(slips, EditDistance.between(word, other.substring(0, length)));
        }
        return slips <= allowed ? 0.85 - 0.08 * slips : 0;
    }

    /** Which letters a word has, a bit a letter: words that differ in many need not be compared. */
    static int letters(String word) {
        int letters = 0;
        for (int i = 0; i < word.length(); i++) {
            letters |= 1 << (word.charAt(i) & 31);
        }
        return letters;
    }
}
