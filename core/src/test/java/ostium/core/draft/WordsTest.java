package ostium.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.InventedBusinesses;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.brief.Tone;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.Text;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/** The words of whole drafts, over all trades, tones and some seeds. */
@Tag("long")
class WordsTest {
    private static final int SEEDS = 3;
    private static final Map<String, Variant> VARIANTS = new HashMap<>();

    /** Most characters of the place a sentence belongs to, by its id. */
    private static final Map<String, Integer> LONGEST = new HashMap<>();

    static {
        Grammar grammar = Grammar.english();
        grammar.places()
                .forEach(name -> grammar.place(name).variants().forEach(variant -> {
                    VARIANTS.put(variant.id(), variant);
                    LONGEST.putIfAbsent(variant.id(), grammar.place(name).to());
                }));
    }

    /** Both tests look at the same drafts of a trade. */
    private static final Map<String, List<Drafted>> DRAFTS = new HashMap<>();

    static Stream<Trade> trades() {
        return TradeCatalogue.shipped().all().stream();
    }

    private record Drafted(Brief brief, Draft draft, String what) {}

    /**
     * Every trade in every tone, with some and with many facts. Seeds and numbers of pages are sampled by pairs: over the trades
     * each tone meets each seed, on one page and on a few.
     */
    private static List<Drafted> drafts(Trade trade) {
        return DRAFTS.computeIfAbsent(trade.id(), id -> draftsOf(trade));
    }

    private static List<Drafted> draftsOf(Trade trade) {
        List<Drafted> drafts = new ArrayList<>();
        int turn = TradeCatalogue.shipped().all().indexOf(trade);
        for (Tone tone : Tone.values()) {
            int seed = (turn + tone.ordinal()) % SEEDS;
            int number = tone.ordinal() * SEEDS + seed;
            Extent extent = (turn / SEEDS + tone.ordinal()) % 2 == 0 ? Extent.ONE : Extent.FEW;
            Brief brief = InventedBusinesses.brief(trade, number, tone, extent);
            drafts.add(new Drafted(
                    brief,
                    Drafter.draft(brief, new Seed(seed * 31L + number)),
                    trade.id() + ", " + tone + ", " + seed));
        }
        return drafts;
    }

    @ParameterizedTest
    @MethodSource("trades")
    void claimNothingThatNoFactCarries(Trade trade) {
        for (Drafted drafted : drafts(trade)) {
            drafted.draft()
                    .site()
                    .texts()
                    .filter(text -> text.mark() == Text.Mark.SUGGESTED)
                    .forEach(text -> {
                        Set<String> carried = new TreeSet<>();
                        for (String id : text.origin().pattern().split(" ")) {
                            Variant variant = VARIANTS.get(id);
                            if (variant != null) {
                                carried.addAll(variant.pattern().claims().keySet());
                            }
                        }
                        for (String sentence : Masked.sentences(text, drafted.brief())) {
                            assertThat(carried)
                                    .as("%s: %s", drafted.what(), sentence)
                                    .containsAll(Claims.in(sentence));
                            assertThat(sentence).as(drafted.what()).doesNotContainPattern("[0-9]");
                        }
                        assertThat(text.origin().needs()).as(drafted.what()).allMatch(drafted.brief()::carries);
                    });
        }
    }

    @ParameterizedTest
    @MethodSource("trades")
    void sayNothingTwiceAndNothingEmptyAndKeepTheirLengths(Trade trade) {
        for (Drafted drafted : drafts(trade)) {
            Set<String> said = new HashSet<>();
            for (Section section : drafted.draft().site().sections().toList()) {
                section.allTexts().forEach(text -> {
                    String plain = PlainText.of(text, drafted.brief().facts());
                    assertThat(plain).as(drafted.what()).isNotBlank();
                    for (String sentence : plain.replace('\n', ' ').split("(?<=[.?!])\\s+")) {
                        assertThat(said.add(sentence.toLowerCase(Locale.ROOT)))
                                .as("%s twice: %s", drafted.what(), sentence)
                                .isTrue();
                    }
                    assertThat(length(text, drafted))
                            .as("%s: %s", drafted.what(), plain)
                            .isTrue();
                });
                assertThat(section.texts().size() + section.items().size())
                        .as("%s, %s", drafted.what(), section.kind())
                        .isPositive();
            }
        }
    }

    /** A text is no longer than the places of its sentences hold. */
    private static boolean length(Text text, Drafted drafted) {
        int most = Arrays.stream(text.origin().pattern().split(" "))
                .filter(VARIANTS::containsKey)
                .mapToInt(id -> LONGEST.get(id) + 1)
                .sum();
        return most == 0 || PlainText.of(text, drafted.brief().facts()).length() <= most;
    }
}
