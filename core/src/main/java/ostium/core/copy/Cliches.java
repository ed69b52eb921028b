package ostium.core.copy;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.stream.Collectors;
import ostium.core.base.DataFile;

/** Phrases everybody uses and nobody reads, from {@code words/en/cliches.yaml}. */
public final class Cliches {
    private record Phrases(List<String> phrases) {}

    private static final java.util.regex.Pattern ANY = java.util.regex.Pattern.compile("(?iu)(?<![\\p{L}])(?:"
            + DataFile.read("/ostium/words/en/cliches.yaml", Phrases.class).phrases().stream()
                    .map(java.util.regex.Pattern::quote)
                    .collect(Collectors.joining("|"))
            + ")(?![\\p{L}])");

    private Cliches() {}

    /** The first one in some words. */
    public static Optional<String> in(String words) {
        Matcher matcher = ANY.matcher(words);
        return matcher.find() ? Optional.of(matcher.group()) : Optional.empty();
    }
}
