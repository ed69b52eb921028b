package ostium.core.base;

import java.util.List;

/**
 * Reproducible choice: a number for every path of words, the same for the same seed. Independent of the order of
 * asking, so that one more sentence on a page does not change all that come after it.
 *
 * @param value any number
 */
public record Seed(long value) {

    /** A number in {@code [0, 1)} for a path such as {@code home/opening/headline}. */
    public double fraction(String path) {
        return (bits(path) >>> 11) * 0x1.0p-53;
    }

    /** A stable id for a path: 16 hexadecimal digits. */
    public String id(String path) {
        return String.format("%016x", bits(path));
    }

    /** One of some, evenly. */
    public <T> T pick(String path, List<T> some) {
        return some.get((int) (fraction(path) * some.size()));
    }

    /** Seeds in a row whose draws at one place are kept apart. */
    private static final int BLOCK = 32;

    /**
     * A number in {@code [0, 1)} for a path, spread over seeds that follow one another: of {@value #BLOCK} in a row no two
     * fall into the same {@value #BLOCK}th. For every path the order is another one (a Latin hypercube sample), so that
     * seeds which are near at one place are not near at others.
     */
    public double spread(String path) {
        long block = Math.floorDiv(value, BLOCK);
        Seed shared = new Seed(block);
        int[] order = new int[BLOCK];
        for (int i = 0; i < BLOCK; i++) {
            int at = (int) (shared.fraction(path + "/" + i) * (i + 1));
            order[i] = order[at];
            order[at] = i;
        }
        return (order[(int) Math.floorMod(value, (long) BLOCK)] + fraction(path)) / BLOCK;
    }

    /** FNV-1a over the path, finished by the mixing function of SplitMix64. */
    private long bits(String path) {
        long hash = 0xcbf29ce484222325L ^ value;
        for (int i = 0; i < path.length(); i++) {
            hash = (hash ^ path.charAt(i)) * 0x100000001b3L;
        }
        hash = (hash ^ (hash >>> 30)) * 0xbf58476d1ce4e5b9L;
        hash = (hash ^ (hash >>> 27)) * 0x94d049bb133111ebL;
        return hash ^ (hash >>> 31);
    }
}
