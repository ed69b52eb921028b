package ostium.browser;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/**
 * Rows in which every choice of every factor meets every choice of every other factor at least once: most faults need
 * two causes, not seven.
 */
final class Pairwise {
    private static final int CANDIDATES = 40;

    private Pairwise() {}

    /**
     * @param choices how many choices each factor has
     * @return rows with the number of a choice for each factor; the same for the same choices
     */
    static List<int[]> rows(int... choices) {
        Set<String> open = new HashSet<>();
        for (int a = 0; a < choices.length; a++) {
            for (int b = a + 1; b < choices.length; b++) {
                for (int i = 0; i < choices[a]; i++) {
                    for (int j = 0; j < choices[b]; j++) {
                        open.add(pair(a, i, b, j));
                    }
                }
            }
        }
        Random random = new Random(4);
        List<int[]> rows = new ArrayList<>();
        while (!open.isEmpty()) {
            int[] best = null;
            int most = -1;
            for (int candidate = 0; candidate < CANDIDATES; candidate++) {
                int[] row = row(choices, open.iterator().next(), random);
                int met = pairs(row).stream()
                        .mapToInt(pair -> open.contains(pair) ? 1 : 0)
                        .sum();
                if (met > most) {
                    best = row;
                    most = met;
                }
            }
            open.removeAll(pairs(best));
            rows.add(best);
        }
        return rows;
    }

    /** A random row that has one pair for sure. */
    private static int[] row(int[] choices, String pair, Random random) {
        int[] row = new int[choices.length];
        for (int factor = 0; factor < choices.length; factor++) {
            row[factor] = random.nextInt(choices[factor]);
        }
        String[] parts = pair.split("[:/]");
        row[Integer.parseInt(parts[0])] = Integer.parseInt(parts[1]);
        row[Integer.parseInt(parts[2])] = Integer.parseInt(parts[3]);
        return row;
    }

    private static Set<String> pairs(int[] row) {
        Set<String> pairs = new HashSet<>();
        for (int a = 0; a < row.length; a++) {
            for (int b = a + 1; b < row.length; b++) {
                pairs.add(pair(a, row[a], b, row[b]));
            }
        }
        return pairs;
    }

    private static String pair(int a, int i, int b, int j) {
        return a + ":" + i + "/" + b + ":" + j;
    }
}
