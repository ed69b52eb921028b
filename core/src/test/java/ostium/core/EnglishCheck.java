package ostium.core;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.languagetool.JLanguageTool;
import org.languagetool.Languages;
import org.languagetool.rules.Rule;
import org.languagetool.rules.RuleMatch;

/** Holds sentences against a grammar of English that is not ours. */
public final class EnglishCheck {
    private EnglishCheck() {}

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

    /** What is wrong in some sentences, each with the rule that says so. */
    public static List<String> faults(Collection<String> sentences) throws IOException {
        List<String> faults = new ArrayList<>();
        for (String sentence : sentences) {
            String named = NAMES.stream().reduce(sentence, (said, name) -> said.replace(name, "Plumbing"));
            for (RuleMatch match : TOOL.check(named)) {
                faults.add(match.getRule().getId() + ": " + sentence);
            }
        }
        return faults;
    }
}
