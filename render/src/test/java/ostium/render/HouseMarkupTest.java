package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.look.House;
import ostium.core.section.SectionKinds;

/** Every house with the first and with the second layout of everything is valid HTML. */
class HouseMarkupTest {
    static Stream<Arguments> houses() {
        return Stream.of(House.values())
                .flatMap(house -> Stream.of(
                        Arguments.of(house, 0, "ashlatch"),
                        Arguments.of(house, 1, "ashlatch"),
                        Arguments.of(house, 0, "bellkite"),
                        Arguments.of(house, 1, "wren-and-tindle")));
    }

    @ParameterizedTest(name = "{0}, layout {1}, {2}")
    @MethodSource("houses")
    void theCheckerFindsNothing(House house, int layout, String business) {
        Brief read = Pages.brief(business).withForm(true);
        Brief brief = read.withWishes(read.wishes().withHouse(house));
        Draft drafted = Drafter.draft(brief, new Seed(3));
        Draft draft = new Draft(
                drafted.site()
                        .mapSections(section -> section.withLayout(
                                SectionKinds.of(section).layouts().get(layout))),
                drafted.look(),
                drafted.plan());
        String html = SiteRenderer.shipped()
                .render(brief, draft, Target.preview())
                .get(0)
                .text();
        assertThat(HtmlCheck.findings(html)).isEmpty();
        assertThat(html).contains("house-" + house.id());
    }
}
