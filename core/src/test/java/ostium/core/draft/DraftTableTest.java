package ostium.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import ostium.core.InventedBusinesses;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.look.Colour;
import ostium.core.look.House;
import ostium.core.site.PlainText;
import ostium.core.trade.EachTrade;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

class DraftTableTest {
    private static Brief brief(String trade) {
        return InventedBusinesses.brief(TradeCatalogue.shipped().byId(trade), 1);
    }

    private static List<Double> distances(List<DraftTable.Proposal> table, Brief brief) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < table.size(); i++) {
            for (int j = i + 1; j < table.size(); j++) {
                all.add(Distance.between(table.get(i).draft(), table.get(j).draft(), brief.facts())
                        .total());
            }
        }
        return all;
    }

    private static String headline(DraftTable.Proposal proposal, Brief brief) {
        return PlainText.of(
                proposal.draft()
                        .site()
                        .home()
                        .sections()
                        .get(0)
                        .text("headline")
                        .orElseThrow(),
                brief.facts());
    }

    @Test
    void threeDraftsOfAnyTradeAreReallyDifferent() {
        for (Trade trade : EachTrade.all()) {
            Brief brief = InventedBusinesses.brief(trade, 2);
            List<DraftTable.Proposal> three = DraftTable.draw(brief, new Seed(300), 3);
            assertThat(three)
                    .extracting(proposal -> proposal.draft().look().house())
                    .doesNotHaveDuplicates();
            assertThat(distances(three, brief))
                    .as(trade.id())
                    .allSatisfy(apart -> assertThat(apart).isGreaterThanOrEqualTo(DraftTable.LEAST_APART));
        }
    }

    @Test
    void theSameSeedLaysTheSameTable() {
        Brief brief = brief("tailor");
        assertThat(DraftTable.draw(brief, new Seed(7), 3)).isEqualTo(DraftTable.draw(brief, new Seed(7), 3));
    }

    @Test
    void theFirstDraftIsTheOneTheSiteGivesByItself() {
        for (long seed = 1; seed < 12; seed++) {
            Brief brief = brief("piano-tuner");
            Draft first = DraftTable.draw(brief, new Seed(seed), 3).get(0).draft();
            Draft own = Drafter.draft(brief, new Seed(seed));
            assertThat(first.site()).isEqualTo(own.site());
            assertThat(first.look()).isEqualTo(own.look());
        }
    }

    @Test
    void aRecipeMakesTheSameDraftAgain() {
        Brief brief = brief("tailor");
        for (DraftTable.Proposal proposal : DraftTable.draw(brief, new Seed(7), 3)) {
            assertThat(DraftTable.again(brief, proposal.recipe())).isEqualTo(proposal);
        }
    }

    @Test
    void aWishForPagesHoldsForDraftsThatWereLaidBeforeIt() {
        Brief brief = brief("vet");
        for (DraftTable.Proposal proposal : DraftTable.draw(brief, new Seed(7), 3)) {
            Draft few = DraftTable.again(brief.withExtent(Extent.FEW), proposal.recipe())
                    .draft();
            Draft one = DraftTable.again(brief.withExtent(Extent.ONE), proposal.recipe())
                    .draft();
            assertThat(few.site().pages()).hasSizeGreaterThan(1);
            assertThat(one.site().pages()).hasSize(1);
        }
    }

    @Test
    void anotherRoundBeginsWithOtherHouses() {
        Brief brief = brief("piano-tuner");
        List<House> first = houses(DraftTable.draw(brief, new Seed(10), 0, 3, Map.of()));
        List<House> second = houses(DraftTable.draw(brief, new Seed(10), 1, 3, Map.of()));
        assertThat(first).containsExactlyInAnyOrderElementsOf(brief.trade().houses());
        assertThat(second).doesNotContainAnyElementsOf(first);
    }

    private static List<House> houses(List<DraftTable.Proposal> table) {
        return table.stream().map(proposal -> proposal.draft().look().house()).toList();
    }

    @ParameterizedTest
    @EnumSource(Pin.class)
    void whatIsPinnedIsInEveryDraftAndTheRestIsNot(Pin pin) {
        Brief brief = brief("hairdresser");
        DraftTable.Proposal liked = DraftTable.draw(brief, new Seed(20), 3).get(1);
        List<DraftTable.Proposal> next = DraftTable.draw(brief, new Seed(20), 1, 3, Map.of(pin, liked.recipe()));
        for (DraftTable.Proposal proposal : next) {
            switch (pin) {
                case WORDS -> assertThat(headline(proposal, brief)).isEqualTo(headline(liked, brief));
                case LOOK ->
                    assertThat(proposal.draft().look()).isEqualTo(liked.draft().look());
                case ORDER -> assertThat(layouts(proposal)).isEqualTo(layouts(liked));
            }
        }
        assertThat(distances(next, brief))
                .allSatisfy(apart -> assertThat(apart)
                        .isGreaterThanOrEqualTo(DraftTable.LEAST_APART * Distance.free(java.util.Set.of(pin))));
    }

    private static List<String> layouts(DraftTable.Proposal proposal) {
        return proposal.draft()
                .site()
                .sections()
                .map(section -> section.kind() + " " + section.layout())
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"#7a1f2b", "#ffff00", "#ffffff", "#000000"})
    void aBrandIsInAllOfThem(String code) {
        Colour brand = new Colour(code);
        Brief wished = brief("vet");
        Brief brief = wished.withWishes(wished.wishes().withBrand(brand));
        for (DraftTable.Proposal proposal : DraftTable.draw(brief, new Seed(30), 3)) {
            var mix = proposal.draft().look().mix();
            assertThat(List.of(mix.paint(), mix.trim(), mix.ground())).contains(brand);
        }
    }

    @Test
    void whatItIsStandsInALine() {
        Brief brief = brief("chimney-sweep");
        assertThat(DraftTable.draw(brief, new Seed(5), 3).get(0).inALine())
                .matches("(Workshop|Studio|Chambers) · .*")
                .contains(" words · ")
                .contains("page");
    }
}
