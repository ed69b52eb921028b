package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.Samples;
import ostium.core.section.opening.OpeningSection;
import ostium.core.section.services.ServicesSection;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.site.Position;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Site;
import ostium.core.site.Text;

/** What a step is said to have been about, and where it is gone to. */
class ToldTest {
    private static final Site SITE = State.begun(Samples.sheet("ashlatch"))
            .draft(Samples.read(Samples.sheet("ashlatch")))
            .site();

    private static Section section(SectionKind kind) {
        return SITE.section(kind).orElseThrow();
    }

    private static Text headline() {
        return section(OpeningSection.KIND).text("headline").orElseThrow();
    }

    static Stream<Arguments> steps() {
        Section opening = section(OpeningSection.KIND);
        Section services = section(ServicesSection.KIND);
        String page = SITE.pages().get(0).id();
        return Stream.of(
                Arguments.of(
                        new TextEdit.SetText(
                                headline().id(), Text.Mark.OWN, headline().tree(), null),
                        "words in Opening",
                        Told.Screen.PAGE,
                        opening.id(),
                        headline().id()),
                Arguments.of(
                        new SectionEdit.MoveSection(services.id(), new Position(page, "")),
                        "moving Services and prices",
                        Told.Screen.PAGE,
                        services.id(),
                        ""),
                Arguments.of(
                        new SectionEdit.HideSection(services.id(), true),
                        "hiding Services and prices",
                        Told.Screen.PAGE,
                        services.id(),
                        ""),
                Arguments.of(
                        new SectionEdit.HideSection(services.id(), false),
                        "showing Services and prices",
                        Told.Screen.PAGE,
                        services.id(),
                        ""),
                Arguments.of(
                        new ItemEdit.HideItem(
                                services.id(), services.items().get(0).id(), true),
                        "a row of Services and prices",
                        Told.Screen.PAGE,
                        services.id(),
                        ""),
                Arguments.of(
                        new SheetEdit.SetLine("telephone", ""), "your telephone number", Told.Screen.FACTS, "", ""),
                Arguments.of(new SheetEdit.RemoveService("sweep"), "a service", Told.Screen.FACTS, "", ""),
                Arguments.of(
                        new SheetEdit.PutRow(new TypedRow("picture", "p", Map.of("use", "logo")), ""),
                        "your logo",
                        Told.Screen.LOOK,
                        "",
                        ""),
                Arguments.of(new WholeEdit.SetLook(null), "the look", Told.Screen.LOOK, "", ""),
                Arguments.of(new TextEdit.RemoveText("gone"), "words", Told.Screen.PAGE, "", ""));
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("steps")
    void isSaidAndFound(Edit edit, String words, Told.Screen screen, String section, String text) {
        assertThat(Told.of(edit, SITE)).isEqualTo(new Told(words, screen, section, text));
    }

    @Test
    void ofSeveralAtOnceTheFirstIsTold() {
        Edit several = new WholeEdit.Several(
                List.of(new SheetEdit.SetLine("hours", "Mon-Fri 9-5"), new SheetEdit.RemoveService("sweep")));
        assertThat(Told.of(several, SITE).words()).isEqualTo("your hours");
    }

    @Test
    void theLookIsTakenBackOnLookAndEverythingElseOnPage() {
        Told look = Told.of(new WholeEdit.SetLook(null), SITE);
        Told line = Told.of(new SheetEdit.SetLine("hours", ""), SITE);
        assertThat(look.elsewhere(Told.Screen.LOOK)).isEmpty();
        assertThat(look.elsewhere(Told.Screen.PAGE))
                .contains("Your last step was on Look: the look. Take it back there.");
        assertThat(line.elsewhere(Told.Screen.PAGE)).isEmpty();
        assertThat(line.elsewhere(Told.Screen.LOOK))
                .contains("Your last step was on Facts: your hours. Take it back on Page.");
    }
}
