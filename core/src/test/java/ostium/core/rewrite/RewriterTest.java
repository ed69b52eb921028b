package ostium.core.rewrite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.EnglishCheck;
import ostium.core.copy.Claims;
import ostium.core.site.Node;

class RewriterTest {
    private static List<Node> tree(String words) {
        return List.of(new Node.Paragraph(List.of(new Node.Words(words))));
    }

    private static Optional<String> rewritten(String words, Way way) {
        return Rewriter.rewrite(tree(words), way).map(nodes -> {
            StringBuilder out = new StringBuilder();
            nodes.forEach(node -> node.children().forEach(child -> out.append(((Node.Words) child).value())));
            return out.toString();
        });
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "SHORTER | We are really very happy to sweep your chimney. | We sweep your chimney.",
                "SHORTER | Of course, we are able to come on Mondays, and we sweep in order to keep the fire safe."
                        + " | We can come on Mondays, and we sweep to keep the fire safe.",
                "SHORTER | We sweep chimneys. We look forward to hearing from you. | We sweep chimneys.",
                "SHORTER | Welcome to our website. The van is green. | The van is green.",
                "SHORTER | Due to the fact that soot burns, a chimney has to be swept. | Because soot burns, a chimney has to be swept.",
                "PLAINER | We utilise a vacuum in order to obtain a clean room. | We use a vacuum to get a clean room.",
                "PLAINER | Prior to the sweep, we require an empty hearth. | Before the sweep, we need an empty hearth.",
                "PLAINER | In the event of rain we commence subsequently. | If there is rain we begin later.",
                "PLAINER | A large number of individuals ask regarding soot. | Many people ask about soot.",
                "READER | Our customers receive a certificate. | You get a certificate.",
                "READER | We offer a sweep with a vacuum. | You get a sweep with a vacuum.",
                "READER | The customer's hearth is covered. | Your hearth is covered.",
                "READER | Every customer gets the same price. | You get the same price.",
                "WARM | We will tell you if it is blocked. | We'll tell you if it's blocked.",
                "WARM | For a date, contact us. | For a date, get in touch.",
                "FORMAL | We’ll ring before we come, and you’re told the price. | We will ring before we come, and"
                        + " you are told the price.",
                "FORMAL | Don't light the fire; we can't sweep it. | Do not light the fire; we cannot sweep it.",
                "BRISK | We cover the floor with sheets before anything else is done, and we take the soot away with"
                        + " us. | We cover the floor with sheets before anything else is done. We take the soot away with us.",
                "LIGHT | We will help you with the party. | We’ll give you a hand with the party."
            })
    void saysItOtherwise(Way way, String words, String better) {
        assertThat(rewritten(words, way).map(said -> said.replace('’', '\''))).contains(better.replace('’', '\''));
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void saysSoWhenNothingBetterIsFound(Way way) {
        assertThat(rewritten("You see the soot.", way)).isEmpty();
        assertThat(way.nothing()).endsWith(".");
    }

    @ParameterizedTest
    @ValueSource(strings = {"We go where you are.", "It is as it is.", "I know what that is."})
    void contractsNothingThatEndsASentence(String words) {
        assertThat(rewritten(words, Way.WARM).orElse(words)).doesNotContainPattern("['’](re|s)\\.");
    }

    @Nested
    class NeverAdds {
        private static final List<String> TEXTS = List.of(
                "We endeavour to provide high quality solutions for all your chimney needs, at competitive prices.",
                "Our friendly team of experts has years of experience and will ensure your peace of mind at all times.",
                "We take pride in our work, big or small, and we are fully insured and fully qualified.",
                "Please do not hesitate to contact us in the near future regarding any additional requirements.",
                "We have swept the chimneys of this town since 1950, and nobody has ever complained; ask anyone.",
                "As a matter of fact, our clients often ask about nests. We utilise a camera, and that is included.");

        @ParameterizedTest
        @EnumSource(Way.class)
        void aClaimThatWasNotMade(Way way) {
            for (String words : TEXTS) {
                String said = rewritten(words, way).orElse(words);
                Set<String> fresh = new TreeSet<>(Claims.in(said));
                fresh.removeAll(Claims.in(words));
                assertThat(fresh).as("%s: %s", way, said).isEmpty();
                assertThat(said)
                        .as(way.name())
                        .doesNotContain("  ")
                        .doesNotContain(" ,")
                        .doesNotContain(" .");
            }
        }
    }

    /** Whatever is taken out or said otherwise, what is left is English, as far as it was before. */
    @Nested
    class LeavesWholeSentences {
        private static final List<String> OBJECTS = List.of(
                "a very wide range of repairs",
                "a large number of individuals",
                "an extremely wide variety of services, big or small",
                "a high quality solution for all your needs",
                "an additional assessment prior to the work",
                "the utilisation of modern equipment",
                "a really quite comprehensive assistance");

        private static final List<String> FRAMES = List.of(
                "We offer %s.",
                "We are able to provide our customers with %s, and we endeavour to commence at once.",
                "In order to obtain %s, please do not hesitate to contact us.",
                "Our company, which is very proud of %s, is currently located in close proximity to the harbour.",
                "Due to the fact that you require %s, we will be in a position to assist you in the near future.");

        @ParameterizedTest
        @EnumSource(Way.class)
        @Tag("long")
        void inEveryWay(Way way) throws IOException {
            for (String frame : FRAMES) {
                for (String object : OBJECTS) {
                    String before = String.format(frame, object);
                    String after = rewritten(before, way).orElse(before);
                    assertThat(EnglishCheck.faults(List.of(after)))
                            .as("%s: %s → %s", way, before, after)
                            .hasSizeLessThanOrEqualTo(
                                    EnglishCheck.faults(List.of(before)).size());
                    assertThat(after).doesNotContainPattern("(?i)\\ba (many|some|several|an?)\\b");
                }
            }
        }

        @Test
        void aSentenceThatWouldBreakIsLeftAsItWas() {
            assertThat(rewritten("We offer a very wide range of repairs.", Way.PLAINER)
                            .orElse("as it was"))
                    .doesNotContain("a many");
        }
    }

    @Test
    void keepsLinkedFactsLinksAndStrongWords() {
        Node fact = new Node.LinkedFact("telephone", "");
        Node strong = new Node.Strong(List.of(new Node.Words("in order to")));
        List<Node> tree = List.of(new Node.Paragraph(List.of(
                new Node.Words("In order to ask, please really call "),
                fact,
                new Node.Words(" "),
                strong,
                new Node.Words(" be told."))));

        List<Node> better = Rewriter.rewrite(tree, Way.SHORTER).orElseThrow();

        assertThat(better.get(0).children()).anyMatch(fact::equals).anyMatch(strong::equals);
        assertThat(better.get(0).children().get(0)).isEqualTo(new Node.Words("To ask, please call "));
    }

    @Test
    void rewritesListsEntryByEntry() {
        List<Node> tree = List.of(new Node.Bullets(List.of(
                new Node.Paragraph(List.of(new Node.Words("We utilise sheets"))),
                new Node.Paragraph(List.of(new Node.Words("We carry the soot away"))))));
        assertThat(Rewriter.rewrite(tree, Way.PLAINER)).hasValueSatisfying(better -> {
            assertThat(better.get(0).children().get(0).children().get(0)).isEqualTo(new Node.Words("We use sheets"));
            assertThat(better.get(0).children()).hasSize(2);
        });
    }

    @Test
    void takesFiveThousandCharactersAndLosesNoParagraph() {
        String sentence = "We utilise a vacuum in order to keep the room as it was before the sweep. ";
        List<Node> tree = java.util.stream.Stream.generate(() -> (Node) new Node.Paragraph(
                        List.of(new Node.Words(sentence.repeat(17).strip()))))
                .limit(4)
                .toList();
        assertThat(Rewriter.rewrite(tree, Way.PLAINER))
                .hasValueSatisfying(better -> assertThat(better).hasSize(4));
    }

    @Test
    void leavesWordsOfAnotherLanguageAlone() {
        assertThat(rewritten("Wir kehren jeden Kamin. نحن ننظف المداخن.", Way.PLAINER))
                .isEmpty();
    }
}
