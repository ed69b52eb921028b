package ostium.core.copy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ostium.core.brief.Tone;

/**
 * A sentence with gaps, as it is written in {@code words/en/*.yaml}.
 *
 * @param id stable name; texts remember it
 * @param text the sentence: <code>{token}</code> is a gap, <code>{if.visits}</code> a condition that says nothing,
 *     <code>(a/b)</code> a choice, <code> | </code> a forced new line
 * @param says kind of the message it words, whose parts are the gaps <code>{it}</code> and <code>{it.…}</code>; empty where it
 *     words none
 * @param tones tones it suits; every tone if left out
 * @param claims by kind of {@linkplain Claims claim}, the tokens that carry it
 * @param weight how good it is when all else is equal; 1 if left out
 */
record Pattern(String id, String text, String says, Set<Tone> tones, Map<String, List<String>> claims, Double weight) {
    Pattern {
        says = says == null ? "" : says;
        tones = tones == null || tones.isEmpty() ? Set.of(Tone.values()) : Set.copyOf(tones);
        claims = claims == null ? Map.of() : Map.copyOf(claims);
        weight = weight == null ? 1 : weight;
    }

    /** Every way to read it: each choice made in each way. */
    List<Variant> variants() {
        List<String> texts = readings(text);
        List<Variant> all = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            all.add(Variant.of(this, texts.size() == 1 ? id : id + "#" + i, texts.get(i)));
        }
        return all;
    }

    /** Choices do not nest, so the first bracket that closes ends one. */
    private static List<String> readings(String text) {
        int open = text.indexOf('(');
        if (open < 0) {
            return List.of(text);
        }
        int close = text.indexOf(')', open);
        if (close < 0) {
            throw new IllegalArgumentException("a choice does not end: " + text);
        }
        List<String> all = new ArrayList<>();
        List<String> rests = readings(text.substring(close + 1));
        for (String choice : text.substring(open + 1, close).split("/", -1)) {
            for (String rest : rests) {
                all.add(text.substring(0, open) + choice + rest);
            }
        }
        return all;
    }
}
