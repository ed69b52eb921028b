package ostium.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.languagetool.JLanguageTool;
import org.languagetool.Languages;
import org.languagetool.rules.Rule;
import org.languagetool.rules.RuleMatch;
import ostium.core.RichBusinesses;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/**
 * The sentences of drafts held against a grammar of English that is not ours: agreement, articles, number, confused words. Names of
 * trades, people and places are no matter of grammar, and spelling is read elsewhere.
 */
@Tag("long")
class EnglishOfDraftsTest {
    /** Categories of rules that find grammar; those of style and typography have their own opinion of short sentences. */
    private static final Set<String> CATEGORIES =
            Set.of("GRAMMAR", "CONFUSED_WORDS", "COLLOCATIONS", "NONSTANDARD_PHRASES", "REPETITIONS", "MISC");

    /** Whether two words have a hyphen between them is a matter of spelling. */
    private static final String HYPHENS = "EN_COMPOUNDS";

    /** Names of trades that look like something else: van does not hire anybody. */
    private static final Set<String> NAMES = Set.of("Van hire");

    private static final JLanguageTool TOOL = tool();

    private static JLanguageTool tool() {
        JLanguageTool tool = new JLanguageTool(Languages.getLanguageForShortCode("en-GB"));
        for (Rule rule : tool.getAllRules()) {
            if (!CATEGORIES.contains(rule.getCategory().getId().toString())
                    || rule.getId().startsWith(HYPHENS)) {
                tool.disableRule(rule.getId());
            }
        }
        return tool;
    }

    private List<String> faults(Set<String> sentences) throws IOException {
        List<String> faults = new ArrayList<>();
        for (String sentence : sentences) {
            String named = NAMES.stream().reduce(sentence, (said, name) -> said.replace(name, "Plumbing"));
            for (RuleMatch match : TOOL.check(named)) {
                faults.add(match.getRule().getId() + ": " + sentence);
            }
        }
        return faults;
    }

    @Test
    void itFindsWhatIsWrong() throws IOException {
        assertThat(faults(Set.of("We sweeps chimneys.", "Ask for a appointment.")))
                .hasSizeGreaterThanOrEqualTo(2);
    }

    @Test
    void noSentenceOfAnyTradeIsWrong() throws IOException {
        Set<String> sentences = new LinkedHashSet<>();
        for (Trade trade : TradeCatalogue.shipped().all()) {
            WordsTest.drafts(trade).forEach(drafted -> sentences.addAll(drafted.sentences()));
        }
        for (Brief brief : RichBusinesses.all()) {
            for (Tone tone : Tone.values()) {
                Brief spoken = brief.withTone(tone);
                sentences.addAll(
                        new WordsTest.Drafted(spoken, Drafter.draft(spoken, new Seed(tone.ordinal())), "").sentences());
            }
        }
        assertThat(sentences).hasSizeGreaterThan(2_000);
        assertThat(faults(sentences)).isEmpty();
    }
}
