package ostium.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.InventedBusinesses;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Extent;
import ostium.core.brief.Tone;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.section.about.AboutSection;
import ostium.core.section.opening.OpeningSection;
import ostium.core.sheet.Line;
import ostium.core.sheet.RowKind;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.sheet.TypedSheet.TypedService;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.trade.Goal;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

/** One page or a few, and what stands on each. */
@Tag("long")
class PlanTest {
    private static final Trade SWEEP = TradeCatalogue.shipped().byId("chimney-sweep");

    private static TypedSheet services(int count) {
        List<TypedService> services = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            services.add(
                    new TypedService("", "", "Job number " + i, "What it is, in a few words", "£" + (10 + i), "30"));
        }
        return Samples.of(SWEEP, 0, 2).withServices(services);
    }

    private static TypedSheet answers(TypedSheet sheet, int count) {
        List<TypedRow> rows = new ArrayList<>(sheet.rows());
        for (int i = 0; i < count; i++) {
            rows.add(new TypedRow(
                    RowKind.QUESTION.id(),
                    "",
                    Map.of(
                            "ask",
                            "What about number " + i + "?",
                            "answer",
                            "It is done in the autumn, mostly. ".repeat(6))));
        }
        return sheet.withRows(rows);
    }

    private static Plan plan(TypedSheet sheet) {
        return Plan.of(Samples.read(sheet).brief());
    }

    @Test
    void isOnePageUntilItWouldBeTooLong() {
        assertThat(plan(services(5)).extent()).isEqualTo(Extent.ONE);
        assertThat(plan(services(5)).extentReason()).startsWith("One page: it is about ");
        Plan tall = plan(answers(services(40), 9));
        assertThat(tall.extent()).isEqualTo(Extent.FEW);
        assertThat(tall.extentReason()).startsWith("A few pages: all of it on one would be about ");
    }

    @Test
    void putsTheOwnersWishFirst() {
        assertThat(plan(services(5).with(Line.PAGES, "few")).extent()).isEqualTo(Extent.FEW);
        assertThat(plan(services(5).with(Line.PAGES, "few")).extentReason()).isEqualTo("A few pages, as you asked.");
        assertThat(plan(answers(services(40), 9).with(Line.PAGES, "one")).pages())
                .hasSize(1);
    }

    @Test
    void givesLongListsAPageOfTheirOwnAndSaysWhy() {
        Plan plan = plan(answers(services(40), 9));
        assertThat(plan.pages())
                .extracting(Plan.PlannedPage::name)
                .containsExactly("Home", "Prices", "Questions", "Contact");
        assertThat(plan.pages().get(0).sections())
                .extracting(Plan.Choice::kind)
                .startsWith(OpeningSection.KIND)
                .hasSizeGreaterThan(1);
        assertThat(plan.pages().subList(1, plan.pages().size()))
                .allSatisfy(page -> assertThat(page.reason()).endsWith("."));
    }

    @Test
    void keepsToOnePageWhereThereIsNothingForASecond() {
        Facts bare = Facts.none("GB").with(Fact.typed("name", new FactValue.Name("Quiet & Co")));
        Brief brief = Brief.of(bare, Samples.NOW).withForm(false).withExtent(Extent.FEW);
        assertThat(Plan.of(brief).pages()).hasSize(1);
        assertThat(Plan.of(brief).extentReason()).contains("too little");
    }

    static Stream<Trade> trades() {
        return TradeCatalogue.shipped().all().stream();
    }

    @ParameterizedTest
    @MethodSource("trades")
    void laysEverySectionOnExactlyOnePageAndNoPageIsEmpty(Trade trade) {
        for (int number = 0; number < 6; number++) {
            Brief brief = InventedBusinesses.brief(trade, number);
            Plan one = Plan.of(brief.withExtent(Extent.ONE));
            Plan few = Plan.of(brief.withExtent(Extent.FEW));
            assertThat(few.sections()).containsExactlyInAnyOrderElementsOf(one.sections());
            assertThat(few.pages())
                    .allSatisfy(page -> assertThat(page.sections()).isNotEmpty());
            assertThat(few.pages()).extracting(Plan.PlannedPage::slug).doesNotHaveDuplicates();
            assertThat(few.pages().get(0).sections().get(0).kind()).isEqualTo(OpeningSection.KIND);
        }
    }

    @ParameterizedTest
    @EnumSource(Goal.class)
    void saysTheSameHoweverManyPages(Goal goal) {
        Brief brief = Samples.brief("ashlatch").withGoal(goal);
        List<String> one = words(brief.withExtent(Extent.ONE));
        assertThat(words(brief.withExtent(Extent.FEW))).containsExactlyInAnyOrderElementsOf(one);
    }

    private static List<String> words(Brief brief) {
        return Drafter.draft(brief, new Seed(4))
                .site()
                .texts()
                .map(text -> PlainText.of(text, brief.facts()))
                .toList();
    }

    /** Denying an assumption changes only what hangs on it. */
    @Nested
    class Denial {
        @ParameterizedTest
        @MethodSource("ostium.core.draft.PlanTest#trades")
        void leavesEverySentenceThatStillHoldsWhereItWas(Trade trade) {
            for (int number = 0; number < 4; number++) {
                Brief brief = InventedBusinesses.brief(trade, number);
                int which = number;
                for (Brief.Assumption denied : brief.assumptions()) {
                    Brief other = brief.withDenied(java.util.Set.of(denied));
                    Draft before = Drafter.draft(brief, new Seed(number));
                    Draft after = Drafter.draft(other, new Seed(number));
                    before.site()
                            .sections()
                            .forEach(section -> section.texts().forEach((slot, text) -> {
                                boolean holds = text.origin().needs().stream().allMatch(other::carries);
                                if (holds
                                        && after.site().section(section.kind()).isPresent()) {
                                    assertThat(after.site()
                                                    .section(section.kind())
                                                    .flatMap(there -> there.text(slot)))
                                            .as(
                                                    "%s %d without %s: %s.%s",
                                                    trade.id(), which, denied, section.kind(), slot)
                                            .map(there -> PlainText.of(there, other.facts()))
                                            .hasValueSatisfying(there ->
                                                    assertThat(there).contains(PlainText.of(text, brief.facts())));
                                }
                            }));
                }
            }
        }
    }

    /** Whatever an owner gives, there is a good page. */
    @Nested
    class AwkwardFacts {
        private void isGood(TypedSheet sheet) {
            Brief brief = Samples.read(sheet).brief();
            for (Tone tone : Tone.values()) {
                Draft draft = Drafter.draft(brief.withTone(tone), new Seed(7));
                Section opening = draft.site().section(OpeningSection.KIND).orElseThrow();
                assertThat(PlainText.of(opening.text("headline").orElseThrow(), brief.facts()))
                        .isNotBlank()
                        .hasSizeLessThanOrEqualTo(66);
                assertThat(draft.site().texts())
                        .noneMatch(text -> PlainText.of(text, brief.facts()).isBlank());
            }
        }

        @Test
        void onlyATradeAndAName() {
            isGood(TypedSheet.empty("GB", 1).with(Line.TRADE, "tailor").with(Line.NAME, "Bellkite"));
        }

        @Test
        void sixtyServices() {
            isGood(services(60));
            assertThat(plan(services(60)).extent()).isEqualTo(Extent.FEW);
        }

        @Test
        void aServiceOfNinetyCharacters() {
            String name =
                    "Sweeping of very tall chimneys with more than one flue in houses on a steep slope by the sea";
            isGood(Samples.of(SWEEP, 0, 0)
                    .withServices(List.of(new TypedService("", "", name.substring(0, 90), "", "£80", ""))));
        }

        @Test
        void noTelephone() {
            isGood(Samples.of(SWEEP, 3, 2).with(Line.TELEPHONE, "").with(Line.EMAIL, "post@tolver.example"));
        }

        @Test
        void namesInOtherScripts() {
            isGood(Samples.of(SWEEP, 3, 2).with(Line.NAME, "مدخنة نظيفة").with(Line.PERSON, "ليلى حداد"));
            isGood(Samples.of(SWEEP, 3, 2).with(Line.NAME, "煙突そうじ屋").with(Line.PERSON, "田中 花子"));
        }

        @Test
        void fiveThousandCharactersOfOwnWords() {
            TypedSheet sheet =
                    Samples.of(SWEEP, 3, 2).with(Line.WORDS, "I sweep by hand, and always have. ".repeat(147));
            isGood(sheet);
            Brief brief = Samples.read(sheet).brief();
            assertThat(Drafter.draft(brief, new Seed(1))
                            .site()
                            .section(AboutSection.KIND)
                            .flatMap(about -> about.text("own")))
                    .hasValueSatisfying(
                            own -> assertThat(PlainText.of(own, brief.facts())).hasSizeGreaterThan(4900));
        }
    }
}
