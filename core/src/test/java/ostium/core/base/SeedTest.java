package ostium.core.base;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SeedTest {
    @Test
    void givesTheSameForTheSamePathAndAnotherForAnother() {
        assertThat(new Seed(3).fraction("a")).isEqualTo(new Seed(3).fraction("a"));
        assertThat(new Seed(3).fraction("a")).isNotEqualTo(new Seed(3).fraction("b"));
        assertThat(new Seed(3).fraction("a")).isNotEqualTo(new Seed(4).fraction("a"));
    }

    @Test
    void spreadsEvenly() {
        List<Integer> tenths = new java.util.ArrayList<>(java.util.Collections.nCopies(10, 0));
        for (int i = 0; i < 10_000; i++) {
            double fraction = new Seed(i).fraction("opening/headline");
            assertThat(fraction).isBetween(0.0, 1.0).isLessThan(1.0);
            tenths.set((int) (fraction * 10), tenths.get((int) (fraction * 10)) + 1);
        }
        assertThat(tenths).allSatisfy(count -> assertThat(count).isBetween(850, 1150));
    }

    @Test
    void givesIdsThatDoNotMeet() {
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < 20_000; i++) {
            ids.add(new Seed(1).id("section/" + i));
        }
        assertThat(ids).hasSize(20_000);
    }

    @Test
    void picksEveryOneOfSome() {
        Set<String> picked = new HashSet<>();
        for (int i = 0; i < 100; i++) {
            picked.add(new Seed(i).pick("look", List.of("a", "b", "c")));
        }
        assertThat(picked).containsExactlyInAnyOrder("a", "b", "c");
    }
}
