package ostium.core;

import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.params.provider.Arguments;

/** A table of cases in a text block: one a line, columns apart by bars, comments after #. */
public final class CaseTable {
    private CaseTable() {}

    /** The rows as arguments, short ones filled with empty columns. */
    public static Stream<Arguments> arguments(String table, int columns) {
        return table.lines()
                .filter(line -> !line.startsWith("# ") && !line.isBlank())
                .map(line -> line.split("\\s*\\|\\s*", -1))
                .map(row -> Arguments.of((Object[]) Arrays.stream(Arrays.copyOf(row, columns))
                        .map(cell -> cell == null ? "" : cell)
                        .toArray(String[]::new)));
    }
}
