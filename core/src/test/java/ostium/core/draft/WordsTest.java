package ostium.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.InventedBusinesses;
import ostium.core.InventedBusinesses.Richness;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.brief.Tone;
import ostium.core.brief.Voice;
import ostium.core.copy.Claims;
import ostium.core.section.opening.OpeningSection;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.Text;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/**
 * The words of whole drafts, over all trades: tones, seeds, richness of facts and numbers of pages are sampled by pairs, so that
 * over the trades each meets each.
 */
@Tag("long")
class WordsTest {
    private static final int SEEDS = 3;
    private static final int DRAFTS = 5;

    /** The tests look at the same drafts of a trade. */
    private static final Map<String, List<Drafted>> KNOWN = new HashMap<>();

    static Stream<Trade> trades() {
        return TradeCatalogue.shipped().all().stream();
    }

    record Drafted(Brief brief, Draft draft, String what) {
        List<Text> ours() {
            return draft.site()
                    .texts()
                    .filter(text -> text.mark() == Text.Mark.SUGGESTED)
                    .toList();
        }

        String plain(Text text) {
            return PlainText.of(text, brief.facts()).replace('\n', ' ');
        }

        /** Sentences of ours, with what is quoted left out. */
        List<String> sentences() {
            return ours().stream()
                    .map(text -> plain(text).replaceAll("“[^”]*”", "“”"))
                    .flatMap(words -> Stream.of(words.split("(?<=[.?!])\\s+")))
                    .toList();
        }
    }

    static List<Drafted> drafts(Trade trade) {
        return KNOWN.computeIfAbsent(trade.id(), id -> draftsOf(trade));
    }

    private static List<Drafted> draftsOf(Trade trade) {
        List<Drafted> drafts = new ArrayList<>();
        int turn = TradeCatalogue.shipped().all().indexOf(trade);
        for (int i = 0; i < DRAFTS; i++) {
            Tone tone = Tone.values()[i];
            int seed = (turn + i) % SEEDS;
            Richness richness = Richness.values()[(turn / SEEDS + i) % Richness.values().length];
            Extent extent = (turn / 2 + i) % 2 == 0 ? Extent.ONE : Extent.FEW;
            int number = i * SEEDS + seed;
            Brief brief = InventedBusinesses.brief(trade, number, richness)
                    .withTone(tone)
                    .withExtent(extent);
            drafts.add(new Drafted(
                    brief,
                    Drafter.draft(brief, new Seed(seed * 31L + number)),
                    trade.id() + ", " + tone + ", " + richness + ", " + seed));
        }
        return drafts;
    }

    @ParameterizedTest
    @MethodSource("trades")
    void everySentenceIsEntailed(Trade trade) {
        for (Drafted drafted : drafts(trade)) {
            for (Text text : drafted.ours()) {
                assertThat(text.origin().needs()).as(drafted.what()).allMatch(drafted.brief()::carries);
                assertThat(drafted.plain(text)).as(drafted.what()).isNotBlank().doesNotContain("{", "  ", "..", " ,");
            }
        }
    }

    /** What is left of a sentence when facts and quotations are taken out of it claims nothing. */
    @ParameterizedTest
    @MethodSource("trades")
    void whatIsOursClaimsNothingByItself(Trade trade) {
        for (Drafted drafted : drafts(trade)) {
            for (Text text : drafted.ours()) {
                for (String sentence : Masked.sentences(text, drafted.brief())) {
                    String own = sentence.replaceAll("\\[[a-z/-]*]", "");
                    Set<String> claimed = new HashSet<>(Claims.in(own));
                    if (sentence.contains("[")) {
                        claimed.removeAll(Set.of("credential", "guarantee"));
                    }
                    assertThat(claimed).as("%s: %s", drafted.what(), sentence).isEmpty();
                    assertThat(own).as("%s: %s", drafted.what(), sentence).doesNotContainPattern("[0-9]");
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("trades")
    void nothingIsSaidTwice(Trade trade) {
        for (Drafted drafted : drafts(trade)) {
            List<String> running = drafted.draft().site().sections().toList().stream()
                    .flatMap(section -> section.texts().entrySet().stream())
                    .filter(entry ->
                            List.of("headline", "lead", "note", "intro").contains(entry.getKey()))
                    .flatMap(entry -> Stream.of(drafted.plain(entry.getValue())
                            .toLowerCase(Locale.ROOT)
                            .split("(?<=[.?!])\\s+")))
                    .toList();
            assertThat(running).as(drafted.what()).doesNotHaveDuplicates();
        }
    }

    /** Within the first screen no fact is told twice, the sign above it included. */
    @ParameterizedTest
    @MethodSource("trades")
    void theFirstScreenTellsEachFactOnce(Trade trade) {
        for (Drafted drafted : drafts(trade)) {
            Section opening =
                    drafted.draft().site().section(OpeningSection.KIND).orElseThrow();
            String screen = Stream.of("headline", "lead")
                            .flatMap(slot -> opening.text(slot).stream())
                            .map(drafted::plain)
                            .collect(Collectors.joining(" "))
                    + " "
                    + drafted.draft()
                            .site()
                            .masthead()
                            .text("line")
                            .map(drafted::plain)
                            .orElse("");
            for (String fact : List.of("founded", "hours", "membership", "promise")) {
                String said = drafted.brief().facts().say(fact, "").orElse("");
                assertThat(said.isEmpty() ? 0 : screen.split(java.util.regex.Pattern.quote(said), -1).length - 1)
                        .as("%s: %s in %s", drafted.what(), said, screen)
                        .isLessThanOrEqualTo(1);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("trades")
    void onePersonSpeaksOnAPage(Trade trade) {
        for (Drafted drafted : drafts(trade)) {
            Voice voice = drafted.brief().voice();
            for (String sentence : drafted.sentences()) {
                assertThat(Voice.heardIn(sentence).orElse(voice))
                        .as("%s: %s", drafted.what(), sentence)
                        .isEqualTo(voice);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("trades")
    void theLeadHasAtMostTwoSentencesOfOursAndTheHeadlineIsNoQuestion(Trade trade) {
        for (Drafted drafted : drafts(trade)) {
            Section opening =
                    drafted.draft().site().section(OpeningSection.KIND).orElseThrow();
            opening.text("lead")
                    .map(text -> drafted.plain(text).replaceAll("“[^”]*”", "“”"))
                    .ifPresent(lead ->
                            assertThat(lead.split("(?<=[.?!”])\\s+")).as(lead).hasSizeLessThanOrEqualTo(2));
            assertThat(drafted.plain(opening.text("headline").orElseThrow())).doesNotContain("?", "!");
        }
    }
}
