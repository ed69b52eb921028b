package ostium.core.brief;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ostium.core.base.DataFile;
import ostium.core.base.Messages;
import ostium.core.trade.Trade;

/** The way a page speaks. What a tone says differs in the patterns it uses; what is true does not differ. */
public enum Tone {
    PLAIN,
    WARM,
    BRISK,
    FORMAL,
    LIGHT;

    /**
     * What tones are like, from {@code words/en/tones.yaml}.
     *
     * @param sentences by tone, the number of words a sentence holds well
     * @param families by family of trades, the tones that suit it, the best first
     * @param never by family of trades, the tones it never takes, whatever is wished
     */
    private record Manners(
            Map<Tone, Integer> sentences, Map<String, List<Tone>> families, Map<String, Set<Tone>> never) {}

    private static final Manners MANNERS = DataFile.read("/ostium/words/en/tones.yaml", Manners.class);

    private static final Messages WORDS = Messages.of("brief");

    /** What an owner calls it. */
    public String words() {
        return WORDS.say("tone." + id());
    }

    /** Its name on the sheet and in commands: {@code warm}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The tone of a name; empty for any other word. */
    public static Optional<Tone> named(String id) {
        return Arrays.stream(values()).filter(tone -> tone.id().equals(id)).findFirst();
    }

    /** Words in a sentence up to which it reads well in this tone. */
    public int longestSentence() {
        return MANNERS.sentences().get(this);
    }

    /** Tones that suit a trade, the best first. */
    public static List<Tone> suiting(Trade trade) {
        return MANNERS.families().getOrDefault(trade.family(), List.of(PLAIN));
    }

    /** Whether a trade can speak so at all: where it is about death, health, law or money, nothing is light. */
    public boolean suits(Trade trade) {
        return !MANNERS.never().getOrDefault(trade.family(), Set.of()).contains(this);
    }
}
