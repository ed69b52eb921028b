package ostium.app.proofing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.ref.SoftReference;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.languagetool.JLanguageTool;
import org.languagetool.Languages;
import org.languagetool.rules.Rule;
import org.languagetool.rules.RuleMatch;
import org.springframework.stereotype.Component;
import ostium.core.proof.Slip;

/**
 * Reads English for slips of the keys and of grammar; style is the owner's. It is made when it is first needed, which takes
 * seconds, and goes when memory is short.
 */
@Component
class EnglishProofreader {
    /** The English of each country where what is typed can be taken for English. */
    private static final Map<String, String> ENGLISH = Map.of(
            "GB", "en-GB", "IE", "en-GB", "US", "en-US", "CA", "en-CA", "AU", "en-AU", "NZ", "en-NZ", "ZA", "en-ZA");

    private static final Set<String> CATEGORIES = Set.of("GRAMMAR", "CONFUSED_WORDS");
    private static final Set<String> RULES = Set.of("ENGLISH_WORD_REPEAT_RULE", "EN_A_VS_AN");
    private static final int SUGGESTIONS = 3;

    private final Map<String, SoftReference<JLanguageTool>> tools = new HashMap<>();

    /** Whether it knows what is written there. */
    static boolean reads(String region) {
        return ENGLISH.containsKey(region);
    }

    /**
     * What is likely not as it was meant, in the order it stands.
     *
     * @param region ISO 3166 country of the business, one of those it reads
     */
    synchronized List<Slip> read(String region, String words) {
        try {
            return tool(ENGLISH.get(region)).check(words).stream()
                    .map(match -> slip(match, words))
                    .filter(slip -> !slip.isSpelling() || isWord(slip.found()))
                    .toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private JLanguageTool tool(String language) {
        SoftReference<JLanguageTool> known = tools.get(language);
        JLanguageTool tool = known == null ? null : known.get();
        if (tool == null) {
            tool = new JLanguageTool(Languages.getLanguageForShortCode(language));
            for (Rule rule : tool.getAllRules()) {
                if (!isWanted(rule)) {
                    tool.disableRule(rule.getId());
                }
            }
            tools.put(language, new SoftReference<>(tool));
        }
        return tool;
    }

    private static boolean isWanted(Rule rule) {
        return rule.isDictionaryBasedSpellingRule()
                || CATEGORIES.contains(rule.getCategory().getId().toString())
                || RULES.contains(rule.getId());
    }

    private static Slip slip(RuleMatch match, String words) {
        return new Slip(
                words.substring(match.getFromPos(), match.getToPos()),
                match.getRule().isDictionaryBasedSpellingRule(),
                match.getSuggestedReplacements().stream().limit(SUGGESTIONS).toList());
    }

    /** A capital begins a name, a figure a number: no dictionary has either. */
    private static boolean isWord(String found) {
        return found.codePoints().noneMatch(each -> Character.isUpperCase(each) || Character.isDigit(each));
    }
}
