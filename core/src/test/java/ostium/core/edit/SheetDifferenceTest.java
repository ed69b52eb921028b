package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.Samples;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedService;

/** A sheet that comes back from a window, taken apart into edits. */
class SheetDifferenceTest {
    private static TypedSheet applied(TypedSheet from, List<Edit> edits) {
        State state = State.begun(from);
        for (Edit edit : edits) {
            state = edit.apply(state).state();
        }
        return state.sheet();
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void theEditsGiveTheOtherSheet(long seed) {
        Random random = new Random(seed);
        List<String> names = List.of("ashlatch", "wren-and-tindle", "bellkite");
        TypedSheet from = shuffled(Samples.sheet(names.get(random.nextInt(3))), random);
        TypedSheet to = shuffled(Samples.sheet(names.get(random.nextInt(3))), random);
        assertThat(applied(from, SheetDifference.between(from, to))).isEqualTo(to);
        assertThat(SheetDifference.between(to, to)).isEmpty();
    }

    private static TypedSheet shuffled(TypedSheet sheet, Random random) {
        List<TypedService> rows = new ArrayList<>(sheet.services());
        Collections.shuffle(rows, random);
        rows.removeIf(row -> random.nextInt(4) == 0);
        rows.add(random.nextInt(rows.size() + 1), new TypedService("own-" + random.nextInt(3), "", "Own", "", "", ""));
        return sheet.withServices(rows);
    }

    @Test
    void aLineIsOneEditWhateverElseStands() {
        TypedSheet from = Samples.sheet("ashlatch");
        TypedSheet to = applied(from, List.of(new SheetEdit.SetLine("hours", "Mon-Sat 8-6")));
        assertThat(SheetDifference.between(from, to)).containsExactly(new SheetEdit.SetLine("hours", "Mon-Sat 8-6"));
    }
}
