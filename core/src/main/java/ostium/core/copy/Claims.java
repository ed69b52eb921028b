package ostium.core.copy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import ostium.core.base.DataFile;

/**
 * What counts as a claim: words about quality, speed, guarantee, credentials, inclusion, habit, number or people, from
 * {@code words/en/claims.yaml}. A sentence that holds one stands on a fact.
 */
public final class Claims {
    private record Kinds(Map<String, List<String>> kinds) {}

    private static final Map<String, java.util.regex.Pattern> KINDS = read();

    private Claims() {}

    private static Map<String, java.util.regex.Pattern> read() {
        Map<String, java.util.regex.Pattern> patterns = new LinkedHashMap<>();
        DataFile.read("/ostium/words/en/claims.yaml", Kinds.class).kinds().forEach((kind, words) -> {
            String any = words.stream()
                    .map(word -> java.util.regex.Pattern.quote(word).replace("*", "\\E\\p{L}*\\Q"))
                    .collect(Collectors.joining("|"));
            patterns.put(
                    kind, java.util.regex.Pattern.compile("(?iu)(?<![\\p{L}\\p{N}])(?:" + any + ")(?![\\p{L}\\p{N}])"));
        });
        return patterns;
    }

    /** Names of the kinds of claims. */
    public static Set<String> kinds() {
        return KINDS.keySet();
    }

    /** Kinds of claims that some words make. */
    public static Set<String> in(String words) {
        Set<String> found = new TreeSet<>();
        KINDS.forEach((kind, pattern) -> {
            if (pattern.matcher(words).find()) {
                found.add(kind);
            }
        });
        return found;
    }
}
