package ostium.core;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.provider.Arguments;

/** A table of cases in a text file: one a line, columns apart by " | ", comments after #. */
public final class CaseTable {
    private CaseTable() {}

    /** @param path under {@code /ostium} of the test resources */
    public static List<String[]> rows(String path) {
        try (InputStream in = CaseTable.class.getResourceAsStream("/ostium/" + path)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("# ") && !line.isBlank())
                    .map(line -> line.split("\\s*\\|\\s*", -1))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(path, e);
        }
    }

    /** The rows as arguments, short ones filled with empty columns. */
    public static Stream<Arguments> arguments(String path, int columns) {
        return rows(path).stream()
                .map(row -> Arguments.of((Object[]) Arrays.stream(Arrays.copyOf(row, columns))
                        .map(cell -> cell == null ? "" : cell)
                        .toArray(String[]::new)));
    }
}
