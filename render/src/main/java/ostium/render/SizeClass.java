package ostium.render;

import java.util.Arrays;

/** Size classes of large words: the longer the longest line or word, the smaller ({@code size-l} to {@code size-xs}). */
final class SizeClass {
    private static final int LARGE_WORD = 14;
    private static final int MEDIUM_WORD = 16;
    private static final int SMALL_WORD = 20;

    private SizeClass() {}

    /** @param large most characters of a line in the largest size; {@code medium} and {@code small} likewise */
    static String of(String words, int large, int medium, int small) {
        int line = words.lines().mapToInt(String::length).max().orElse(0);
        int word = Arrays.stream(words.split("\\s+"))
                .mapToInt(String::length)
                .max()
                .orElse(0);
        if (line <= large && word <= LARGE_WORD) {
            return "size-l";
        }
        return line <= medium && word <= MEDIUM_WORD
                ? "size-m"
                : line <= small && word <= SMALL_WORD ? "size-s" : "size-xs";
    }
}
