package ostium.core.section;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.draft.Drafter;
import ostium.core.section.opening.FirstScreen;
import ostium.core.section.opening.OpeningSection;
import ostium.core.sheet.Line;
import ostium.core.sheet.SheetReader;
import ostium.core.site.Node;
import ostium.core.site.Section;
import ostium.core.site.Text;

/** What stands on the first screen beside its words. */
class FirstScreenTest {
    private static Section opening(Brief brief) {
        return Drafter.draft(brief, new Seed(3))
                .site()
                .section(OpeningSection.KIND)
                .orElseThrow();
    }

    private static Section written(String headline) {
        Brief brief = Samples.brief("ashlatch");
        Text own = new Text(
                "own",
                Text.Mark.OWN,
                List.of(new Node.Paragraph(List.of(new Node.Words(headline)))),
                new Text.Origin("", 0, java.util.Set.of()));
        Section drafted = opening(brief);
        return new Section(
                drafted.id(),
                drafted.kind(),
                drafted.layout(),
                drafted.anchor(),
                false,
                Map.of("headline", own),
                List.of());
    }

    @Test
    void whatTheWordsTellIsNotShownBesideThem() {
        Brief brief = Samples.brief("ashlatch");
        assertThat(new FirstScreen(opening(brief), brief).wantsTrade()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "We keep fires burning, true, true",
        "Fires in Quillhaven, true, false",
        "Chimney sweep and stove servicing, false, true"
    })
    void theOwnersOwnHeadlineIsReadForWhatItTells(String headline, boolean trade, boolean place) {
        FirstScreen screen = new FirstScreen(written(headline), Samples.brief("ashlatch"));
        assertThat(screen.wantsTrade()).isEqualTo(trade);
        assertThat(screen.wantsPlace()).isEqualTo(place);
    }

    @Test
    void thePracticeBesideTheWordsIsOneTheyDoNotSpeakOf() {
        Brief brief = Samples.brief("ashlatch");
        for (long seed = 0; seed < 12; seed++) {
            Section opening = Drafter.draft(brief, new Seed(seed))
                    .site()
                    .section(OpeningSection.KIND)
                    .orElseThrow();
            new FirstScreen(opening, brief)
                    .practice()
                    .ifPresent(practice -> assertThat(opening.allTexts()
                                    .filter(text -> text.origin().needs().contains("practice/" + practice.key())))
                            .isEmpty());
        }
    }

    @ParameterizedTest(name = "{0} on {1}: {2}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "21 Dec 2026 - 3 Jan 2027 closed|2026-11-27|Closed from 21 December to 3 January",
                "21 Dec 2026 - 3 Jan 2027 closed|2026-11-01|-",
                "30 Nov 2026 closed|2026-11-27|Closed on 30 November",
                "30 Nov 2026 10-12|2026-11-27|-",
                "30 Nov 2026 closed|2026-12-01|-"
            })
    void aClosureIsToldThirtyDaysAhead(String exception, String today, String told) {
        Brief brief = SheetReader.read(
                        Samples.sheet("ashlatch").with(Line.EXCEPTIONS, exception), Instant.parse(today + "T12:00:00Z"))
                .brief();
        assertThat(FirstScreen.closure(brief).orElse(null)).isEqualTo(told);
    }
}
