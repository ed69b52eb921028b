package ostium.core.copy;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import simplenlg.features.Feature;
import simplenlg.features.NumberAgreement;
import simplenlg.features.Tense;
import simplenlg.framework.NLGFactory;
import simplenlg.lexicon.Lexicon;
import simplenlg.phrasespec.NPPhraseSpec;
import simplenlg.phrasespec.VPPhraseSpec;
import simplenlg.realiser.english.Realiser;

/** Forms of English words: numbers of nouns, articles, agreement of verbs. Each form is made once and remembered. */
final class English {
    private static final Map<String, String> MADE = new ConcurrentHashMap<>();
    private static final Lexicon LEXICON = Lexicon.getDefaultLexicon();
    private static final NLGFactory FACTORY = new NLGFactory(LEXICON);
    private static final Realiser REALISER = new Realiser(LEXICON);

    /** Words that begin with a vowel on paper and with the sound of "you" in the mouth; the library goes by the letter. */
    private static final Pattern LIKE_YOU = Pattern.compile("(?i)uni|use|usu|eu|ut");

    private English() {}

    /** Several of a noun, which may have words before it: {@code dog groomers}. */
    static String plural(String noun) {
        return made(
                "plural " + noun,
                key -> lastWord(noun, last -> {
                    NPPhraseSpec phrase = FACTORY.createNounPhrase(last);
                    phrase.setFeature(Feature.NUMBER, NumberAgreement.PLURAL);
                    return REALISER.realise(phrase).getRealisation();
                }));
    }

    /** A noun with its indefinite article: {@code an appointment}. */
    static String one(String noun) {
        return made("one " + noun, key -> {
            int space = noun.indexOf(' ');
            String first = space < 0 ? noun : noun.substring(0, space);
            if (LIKE_YOU.matcher(first).lookingAt()) {
                return "a " + noun;
            }
            NPPhraseSpec phrase = FACTORY.createNounPhrase("a", first);
            return REALISER.realise(phrase).getRealisation() + (space < 0 ? "" : noun.substring(space));
        });
    }

    /** What somebody does now, by how many they are: {@code sees}, {@code see}. */
    static String present(String verb, boolean several) {
        return made(several + " " + verb, key -> {
            VPPhraseSpec phrase = FACTORY.createVerbPhrase(verb);
            phrase.setFeature(Feature.TENSE, Tense.PRESENT);
            phrase.setFeature(Feature.NUMBER, several ? NumberAgreement.PLURAL : NumberAgreement.SINGULAR);
            phrase.setFeature(Feature.PERSON, simplenlg.features.Person.THIRD);
            return REALISER.realise(phrase).getRealisation();
        });
    }

    private static String lastWord(String words, UnaryOperator<String> form) {
        int space = words.lastIndexOf(' ');
        return words.substring(0, space + 1) + form.apply(words.substring(space + 1));
    }

    /** The realiser keeps state while it works, so one form is made at a time. */
    private static String made(String key, UnaryOperator<String> make) {
        String known = MADE.get(key);
        if (known != null) {
            return known;
        }
        synchronized (REALISER) {
            String form = make.apply(key);
            MADE.put(key, form);
            return form;
        }
    }
}
