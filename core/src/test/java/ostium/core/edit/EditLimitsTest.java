package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.section.opening.OpeningSection;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.site.Node;
import ostium.core.site.Position;
import ostium.core.site.Section;
import ostium.core.site.Text;

/** Edits that cannot be, each refused in words an owner understands. */
class EditLimitsTest {
    private static final State STATE = RandomEdits.kept("ashlatch", 1);
    private static final Section OPENING =
            STATE.site().section(OpeningSection.KIND).orElseThrow();
    private static final String HEADLINE =
            OPENING.text("headline").orElseThrow().id();
    private static final String LEAD = OPENING.text("lead").orElseThrow().id();

    private static List<Node> words(String words) {
        return List.of(new Node.Paragraph(List.of(new Node.Words(words))));
    }

    private static Edit text(String id, List<Node> tree) {
        return new TextEdit.SetText(id, Text.Mark.OWN, tree, null);
    }

    private static List<Node> nested(int depth) {
        Node node = new Node.Words("deep");
        for (int i = 0; i < depth; i++) {
            node = new Node.Strong(List.of(node));
        }
        return List.of(new Node.Paragraph(List.of(node)));
    }

    static Stream<Arguments> refused() {
        Node.Bullets list = new Node.Bullets(List.of(new Node.Paragraph(List.of(new Node.Words("a")))));
        return Stream.of(
                Arguments.of(text("gone", words("a")), "This text is not there any more."),
                Arguments.of(text(HEADLINE, words("a".repeat(201))), "At most 200 characters, please; this has 201."),
                Arguments.of(
                        text(LEAD, words("a".repeat(1_000_000))),
                        "At most 20000 characters, please; this has 1000000."),
                Arguments.of(text(HEADLINE, List.of(list)), "A list does not fit here."),
                Arguments.of(text(LEAD, List.of(new Node.Words("bare"))), "A text is made of paragraphs and lists."),
                Arguments.of(text(LEAD, nested(12)), "nested too deep"),
                Arguments.of(text(LEAD, Collections.nCopies(401, words("a").get(0))), "At most 400 paragraphs"),
                Arguments.of(new SheetEdit.SetLine("shoe-size", "9"), "has no line “shoe-size”"),
                Arguments.of(
                        new SheetEdit.SetLine("name", "a".repeat(20_001)), "At most 20000 characters fit on a line"),
                Arguments.of(new SheetEdit.SetLine("seed", "many"), "is not a seed"),
                Arguments.of(new SheetEdit.RemoveService("gone"), "This service is not there any more."),
                Arguments.of(
                        new SheetEdit.PutService(new TypedService("a b", "", "x", "", "", ""), ""),
                        "needs an id of its own"),
                Arguments.of(
                        new SectionEdit.RemoveSection(STATE.site().footer().id()),
                        "Head and foot stand on every page."),
                Arguments.of(
                        new SectionEdit.MoveSection(OPENING.id(), new Position("gone", "")),
                        "This page is not there any more."),
                Arguments.of(
                        new SectionEdit.PutSection(
                                new Position(STATE.site().home().id(), ""), OPENING),
                        "stands on the site already"),
                Arguments.of(new SectionEdit.SetLayout(OPENING.id(), "spiral"), "no layout called “spiral”"),
                Arguments.of(new ItemEdit.HideItem(OPENING.id(), "gone", true), "This row is not there any more."),
                Arguments.of(new TextEdit.SetMarks(Map.of("gone", Text.Mark.CONFIRMED)), "not there any more"),
                Arguments.of(
                        new WholeEdit.SendMessagesTo(List.of("ada at home")), "“ada at home” is not a mail address."),
                Arguments.of(
                        new WholeEdit.SendMessagesTo(Collections.nCopies(6, "ada@ashlatch.example")),
                        "at most 5 addresses"));
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("refused")
    void anEditThatCannotBeIsRefusedInWords(Edit edit, String words) {
        assertThatThrownBy(() -> edit.apply(STATE))
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining(words);
    }

    @Test
    void wordsCannotBeChangedBeforeADraftIsKept() {
        State begun = State.begun(STATE.sheet());
        assertThatThrownBy(() -> text(HEADLINE, words("a")).apply(begun))
                .hasMessage("Keep a draft first; then its words can be changed.");
    }

    /** All or nothing: the state a caller holds is never half changed, since states are values. */
    @Test
    void severalEditsAreOneStep() {
        Edit several = new WholeEdit.Several(List.of(text(HEADLINE, words("A")), text("gone", words("B"))));
        assertThatThrownBy(() -> several.apply(STATE)).isInstanceOf(EditRefused.class);
    }
}
