package ostium.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.LinkedHashSet;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import ostium.core.EnglishCheck;
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
    @Test
    void itFindsWhatIsWrong() throws IOException {
        assertThat(EnglishCheck.faults(Set.of("We sweeps chimneys.", "Ask for a appointment.")))
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
        assertThat(EnglishCheck.faults(sentences)).isEmpty();
    }
}
