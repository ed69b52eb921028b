package ostium.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The interface names the lines and rows of a sheet as core does: a name that core does not know would lose words. */
class InterfaceLinesTest {
    private static List<String> quoted(String source, String from, String to) {
        String part = source.substring(source.indexOf(from), source.indexOf(to, source.indexOf(from)));
        return Pattern.compile("'([^']+)'")
                .matcher(part)
                .results()
                .map(MatchResult::group)
                .map(each -> each.replace("'", ""))
                .toList();
    }

    @Test
    void theInterfaceKnowsTheSameNames() throws IOException {
        String source = Files.readString(Path.of("../ui/src/sheet.ts"));
        assertThat(quoted(source, "export const LINES", "]"))
                .containsExactlyInAnyOrderElementsOf(
                        Arrays.stream(Line.values()).map(Line::id).toList());
        assertThat(quoted(source, "export type RowKind", ";"))
                .containsExactlyInAnyOrderElementsOf(
                        Arrays.stream(RowKind.values()).map(RowKind::id).toList());
    }
}
