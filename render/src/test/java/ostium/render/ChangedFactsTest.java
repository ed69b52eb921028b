package ostium.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.section.ChangedFacts;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.site.Section;

/**
 * What kinds of sections say they depend on is all they depend on: whatever fact is changed, a section whose HTML becomes another
 * is among those that are concerned. The shopfront swaps in these alone.
 */
class ChangedFactsTest {
    private static Map<String, String> drawn(Brief brief, Draft draft) {
        return SiteRenderer.shipped().sections(brief, draft, Target.preview(), Map.of());
    }

    private static void holds(TypedSheet before, TypedSheet after) {
        Brief was = Pages.brief(before).withForm(true);
        Brief is = Pages.brief(after).withForm(true);
        for (long seed : new long[] {1, 4}) {
            Draft draft = Drafter.draft(was, new Seed(seed));
            Map<String, String> one = drawn(was, draft);
            Map<String, String> other = drawn(is, draft);
            ChangedFacts changed = ChangedFacts.between(was, is);
            for (Section section : draft.site().sections().toList()) {
                if (!one.getOrDefault(section.id(), "").equals(other.getOrDefault(section.id(), ""))) {
                    assertThat(changed.concern(section))
                            .as("%s is drawn differently with seed %d", section.kind(), seed)
                            .isTrue();
                }
            }
        }
    }

    @ParameterizedTest(name = "{0} becomes {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "name | Another Name & Sons",
                "short-name | Another",
                "founded | 1987",
                "telephone | 0117 496 0999",
                "telephone | ''",
                "texts | 07700 900142",
                "email | other@ashlatch.example",
                "email | ''",
                "hours | Tue 10-2",
                "hours | ''",
                "hours/telephone | Mon 7-8",
                "exceptions | 3 Dec 2026 closed",
                "place | 9 Other Street, Tolver QH4 2BB",
                "place | ''",
                "place/shown | town",
                "area | Tolver",
                "area | ''",
                "point | 49.7, -7.4",
                "person | Somebody Else",
                "person | ''",
                "promise | one day",
                "words | Other words of ours.",
                "words/finding | Behind the mill.",
                "membership/body | Another Guild",
                "legal/name | Another Ltd",
                "trade | piano tuner",
                "goal | write",
            })
    void ofLines(String line, String words) {
        TypedSheet sheet = Pages.demo("ashlatch");
        holds(sheet, sheet.with(Line.named(line).orElseThrow(), words.equals("''") ? "" : words));
    }

    @ParameterizedTest
    @ValueSource(strings = {"ashlatch", "wren-and-tindle", "bellkite"})
    void ofServicesThatGoOrMove(String demo) {
        TypedSheet sheet = Pages.demo(demo);
        holds(
                sheet,
                sheet.withServices(sheet.services().subList(1, sheet.services().size())));
        holds(sheet, sheet.withServices(java.util.List.of()));
        java.util.List<TypedSheet.TypedService> turned = new java.util.ArrayList<>(sheet.services());
        java.util.Collections.reverse(turned);
        holds(sheet, sheet.withServices(turned));
    }

    @ParameterizedTest
    @ValueSource(strings = {"ashlatch", "wren-and-tindle", "bellkite"})
    void ofPracticesAndHiddenFacts(String demo) {
        TypedSheet sheet = Pages.demo(demo);
        holds(sheet, sheet.withPractices(java.util.List.of()));
        for (String fact : new String[] {"telephone", "email", "hours", "person", "place", "founded"}) {
            holds(sheet, sheet.withHidden(java.util.List.of(fact)));
        }
    }
}
