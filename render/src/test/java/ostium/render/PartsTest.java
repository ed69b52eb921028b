package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import gg.jte.output.StringOutput;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.fact.Facts;
import ostium.core.hours.WeeklyHours;
import ostium.core.look.House;
import ostium.core.look.Look;
import ostium.core.look.Motion;
import ostium.core.look.PaintCard;
import ostium.core.look.PaintMix;
import ostium.core.look.PaintMixes;
import ostium.core.look.Shape;
import ostium.core.site.Node;
import ostium.core.site.Text;
import ostium.render.scene.RoofScene;

/** The small parts a page is made from. */
class PartsTest {
    static List<PaintCard> cards() {
        return PaintMixes.all().stream()
                .map(named -> PaintCard.of(House.WORKSHOP, named.mix()))
                .toList();
    }

    @Nested
    class AText {
        private final Facts facts = Pages.brief("ashlatch").facts();

        private String html(TextHtml.Blocks blocks, Node... tree) {
            StringOutput output = new StringOutput();
            new TextHtml(
                            new Text("t", Text.Mark.OWN, List.of(tree), Text.Origin.own()),
                            facts,
                            blocks,
                            false,
                            target -> target)
                    .writeTo(output);
            return output.toString();
        }

        private Node.Paragraph paragraph(Node... inside) {
            return new Node.Paragraph(List.of(inside));
        }

        @Test
        void escapesEverythingAPersonWrote() {
            assertThat(html(TextHtml.Blocks.LINES, paragraph(new Node.Words("<b>\"Tom\" & 'Isolde'</b>"))))
                    .isEqualTo("&lt;b&gt;&quot;Tom&quot; &amp; &apos;Isolde&apos;&lt;/b&gt;");
        }

        @Test
        void breaksAHeadingWhereItIsForced() {
            assertThat(html(
                            TextHtml.Blocks.LINES,
                            paragraph(new Node.Words("One.")),
                            paragraph(new Node.Words("Two."))))
                    .isEqualTo("One.<br>Two.");
        }

        @Test
        void writesParagraphsAndLists() {
            Node list = new Node.Bullets(List.of(paragraph(new Node.Words("a")), paragraph(new Node.Words("b"))));
            assertThat(html(TextHtml.Blocks.PARAGRAPHS, paragraph(new Node.Strong(List.of(new Node.Words("x")))), list))
                    .isEqualTo("<p dir=\"auto\"><strong>x</strong></p><ul><li>a</li><li>b</li></ul>");
        }

        @Test
        void makesATelephoneAndAMailAddressIntoLinks() {
            assertThat(html(TextHtml.Blocks.LINES, paragraph(new Node.LinkedFact("telephone", ""))))
                    .isEqualTo("<a href=\"tel:+441174960142\">0117 496 0142</a>");
            assertThat(html(TextHtml.Blocks.LINES, paragraph(new Node.LinkedFact("email", ""))))
                    .isEqualTo("<a href=\"mailto:ada@ashlatch.example\">ada@ashlatch.example</a>");
        }

        @Test
        void saysNothingForAFactThatIsGone() {
            assertThat(html(TextHtml.Blocks.LINES, paragraph(new Node.LinkedFact("gone", ""))))
                    .isEmpty();
        }

        @Test
        void cannotBreakOutOfALink() {
            Node link = new Node.LinkTo("\" onclick=\"x", List.of(new Node.Emphasis(List.of(new Node.Words("y")))));
            assertThat(html(TextHtml.Blocks.LINES, paragraph(link)))
                    .isEqualTo("<a href=\"&quot; onclick=&quot;x\"><em>y</em></a>");
        }
    }

    @Nested
    class AWeek {
        private Hours hours(String words) {
            return new Hours(WeeklyHours.read(words).value().orElseThrow());
        }

        @Test
        void hasARowForEveryDay() {
            assertThat(hours("Mon-Fri 8-5:30, Sat 9-1").rows())
                    .extracting(Hours.Row::name)
                    .containsExactly("Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun");
        }

        @Test
        void drawsItsAxisFromTheFirstHourToTheLast() {
            List<Hours.Bar> axis = hours("Mon-Fri 8-5:30, Sat 9-1").axis();
            assertThat(axis.get(0)).isEqualTo(new Hours.Bar("from-0", "8"));
            assertThat(axis)
                    .extracting(Hours.Bar::words)
                    .containsExactly("8", "9", "10", "11", "12", "1", "2", "3", "4", "5");
        }

        @Test
        void marksTheShorterDays() {
            assertThat(hours("Mon-Fri 8-5:30, Sat 9-1").rows().stream()
                            .filter(Hours.Row::shorter)
                            .map(Hours.Row::name))
                    .containsExactly("Sat", "Sun");
        }

        @ParameterizedTest(name = "{0}")
        @CsvSource(delimiter = '|', textBlock = """
                Mon-Fri 8-5:30            | from-0 long-38  | 8 to 5:30
                Mon 9:10-12               | from-0 long-12  | 9:10 to 12
                Fri 18:00-01:00           | from-0 long-24  | 6pm to 1am
                """)
        void placesABarByClassesOfTheStylesheet(String words, String css, String said) {
            Hours.Bar bar = hours(words).rows().stream()
                    .flatMap(row -> row.bars().stream())
                    .findFirst()
                    .orElseThrow();
            assertThat(bar.words()).isEqualTo(said);
            assertThat(hours(words).css()).contains("." + bar.css().split(" ")[0] + "{--from:");
            if (!words.startsWith("Mon 9:10")) {
                assertThat(bar.css()).isEqualTo(css);
            }
        }

        @Test
        void hasARuleForEveryClassItUses() {
            for (String words : List.of("24/7", "Mon 0:00-0:15", "Sat by appointment", "daily 22-6")) {
                Hours hours = hours(words);
                String css = hours.css();
                hours.rows().stream()
                        .flatMap(row -> row.bars().stream())
                        .flatMap(bar -> List.of(bar.css().split(" ")).stream())
                        .forEach(name -> assertThat(css).as(words).contains("." + name + "{"));
            }
        }

        @Test
        void thatIsNeverOpenHasWordsAndNoBars() {
            Hours hours = hours("Sat by appointment");
            assertThat(hours.hasBars()).isFalse();
            assertThat(hours.rows().get(5).words()).isEqualTo("By appointment");
            assertThat(hours.rows().get(6).words()).isEqualTo("Closed");
        }
    }

    @Nested
    class Colours {
        @ParameterizedTest
        @MethodSource("ostium.render.PartsTest#cards")
        void ofADrawingAreMixedFromItsCard(PaintCard card) throws Exception {
            String svg = RoofScene.draw(card, true);
            assertThat(DocumentBuilderFactory.newInstance()
                            .newDocumentBuilder()
                            .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)))
                            .getDocumentElement()
                            .getTagName())
                    .isEqualTo("svg");
            assertThat(svg).contains(card.brick().hex(), card.ink().hex()).doesNotContain("NaN", "var(");
            assertThat(RoofScene.draw(card, true))
                    .as("drawn the same every time")
                    .isEqualTo(svg);
            assertThat(RoofScene.draw(card, false).length()).isLessThan(svg.length());
        }

        @ParameterizedTest
        @EnumSource(House.class)
        void ofAStylesheetAreItsCardsAndNoOthers(House house) {
            PaintMix mix = PaintMixes.all().get(3).mix();
            Look look = new Look(house, mix, "", Shape.HOUSE, Motion.NONE, "house", "facade");
            String css = Stylesheet.of(look, Map.of(), null, "");
            assertThat(css).contains("--paint:" + look.paint().paint()).doesNotContain("/*", "  ");
            assertThat(Pattern.compile("#[0-9a-f]{6}")
                            .matcher(css)
                            .results()
                            .map(found -> found.group())
                            .collect(Collectors.toSet()))
                    .isSubsetOf(look.paint().roles().values().stream()
                            .map(colour -> colour.hex())
                            .collect(Collectors.toSet()));
        }

        @Test
        void ofTheIconAreThoseOfTheCard() {
            PaintCard card =
                    PaintCard.of(House.WORKSHOP, PaintMixes.all().get(6).mix());
            assertThat(Favicon.of("<svg viewBox=\"0 0 1 1\"></svg>", card))
                    .contains(card.trim().hex(), card.ink().hex());
        }
    }
}
