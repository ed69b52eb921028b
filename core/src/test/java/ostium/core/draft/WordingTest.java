package ostium.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.InventedBusinesses;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.section.SectionKinds;
import ostium.core.section.enquiry.EnquirySection;
import ostium.core.section.opening.OpeningSection;
import ostium.core.section.services.ServicesSection;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Site;
import ostium.core.trade.EachTrade;
import ostium.core.trade.Trade;

/** Why words were chosen, and what else could truly stand there. */
class WordingTest {
    private static final Seed SEED = new Seed(4);

    private static Section section(Site site, SectionKind kind) {
        return site.section(kind).orElseThrow();
    }

    @Test
    void saysWhatATextStandsOnAndWhatSpokeForIt() {
        Brief brief = Samples.brief("ashlatch").withTone(Tone.PLAIN);
        Site site = Drafter.draft(brief, SEED).site();
        List<String> why = new Wording(brief, site, SEED).why(section(site, OpeningSection.KIND), "headline");
        assertThat(why.get(0)).startsWith("It stands on ");
        assertThat(why).anyMatch(reason -> reason.startsWith("The length suits its place"));
        assertThat(why.get(why.size() - 1)).matches("It was drawn from .* true ones that are good enough\\.");
    }

    static Stream<Trade> trades() {
        return EachTrade.all().stream();
    }

    @ParameterizedTest
    @MethodSource("trades")
    void offersOthersThatAreCarriedInEveryToneAndStandNowhereYet(Trade trade) {
        Brief brief = InventedBusinesses.brief(trade, 3);
        Site site = Drafter.draft(brief, SEED).site();
        Wording wording = new Wording(brief, site, SEED);
        List<String> standing =
                site.texts().map(text -> PlainText.of(text, brief.facts())).toList();
        for (Tone tone : Tone.values()) {
            for (SectionKind kind : List.of(OpeningSection.KIND, ServicesSection.KIND, EnquirySection.KIND)) {
                Optional<Section> section = site.section(kind);
                for (String slot : section.isPresent() ? SectionKinds.of(kind).slotNames() : List.<String>of()) {
                    List<Wording.Other> others = wording.others(section.get(), slot, tone, 5);
                    assertThat(others).as("%s %s.%s", trade.id(), kind, slot).hasSizeLessThanOrEqualTo(5);
                    assertThat(others).extracting(Wording.Other::plain).doesNotHaveDuplicates();
                    for (Wording.Other other : others) {
                        assertThat(other.origin().needs()).as(other.plain()).allMatch(brief::carries);
                        assertThat(standing).doesNotContain(other.plain());
                    }
                }
            }
            assertThat(wording.others(section(site, OpeningSection.KIND), "headline", tone, 5))
                    .as(trade.id())
                    .isNotEmpty();
        }
    }
}
