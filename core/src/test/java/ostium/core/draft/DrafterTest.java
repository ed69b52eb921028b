package ostium.core.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ostium.core.InventedBusinesses;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.brief.Brief;
import ostium.core.brief.Tone;
import ostium.core.brief.Wishes;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.hours.BusinessDay;
import ostium.core.section.about.AboutSection;
import ostium.core.section.enquiry.EnquirySection;
import ostium.core.section.hours.HoursSection;
import ostium.core.section.opening.OpeningSection;
import ostium.core.section.place.PlaceSection;
import ostium.core.section.services.ServicesSection;
import ostium.core.section.testimonials.TestimonialsSection;
import ostium.core.site.Node;
import ostium.core.site.PlainText;
import ostium.core.site.Section;
import ostium.core.site.SectionKind;
import ostium.core.site.Text;
import ostium.core.trade.EachTrade;
import ostium.core.trade.Goal;
import ostium.core.trade.Trade;
import ostium.core.trade.TradeCatalogue;

class DrafterTest {
    private static Draft draft(Brief brief, long seed) {
        return Drafter.draft(brief, new Seed(seed));
    }

    private static List<String> sentences(Draft draft, Facts facts) {
        return draft.site().texts().map(text -> PlainText.of(text, facts)).toList();
    }

    static Stream<Trade> trades() {
        return EachTrade.all().stream();
    }

    @Test
    void isTheSameForTheSameFactsAndSeed() {
        assertThat(draft(Samples.brief("ashlatch"), 5)).isEqualTo(draft(Samples.brief("ashlatch"), 5));
    }

    @ParameterizedTest
    @MethodSource("trades")
    void everyToneThatSuitsIsSampledUnlikeTheOthers(Trade trade) {
        for (int number = 0; number < 3; number++) {
            Brief brief = InventedBusinesses.brief(trade, number);
            assertThat(Drafter.samples(brief, new Seed(5)).values())
                    .hasSize((int) Stream.of(Tone.values())
                            .filter(tone -> tone.suits(trade))
                            .count())
                    .doesNotHaveDuplicates()
                    .allSatisfy(
                            sample -> assertThat(sample).hasSizeBetween(2, 3).doesNotContain(""));
        }
    }

    @Test
    void differsForAnotherSeed() {
        Brief brief = Samples.brief("ashlatch");
        Set<List<String>> drafts = Stream.iterate(1L, seed -> seed + 1)
                .limit(20)
                .map(seed -> sentences(draft(brief, seed), brief.facts()))
                .collect(Collectors.toSet());
        assertThat(drafts).hasSizeGreaterThan(10);
    }

    @Test
    void startsWithWhatWhereTheStrongestReasonAndADoor() {
        Brief brief = Samples.brief("ashlatch");
        Section opening = draft(brief, 1).site().section(OpeningSection.KIND).orElseThrow();
        assertThat(PlainText.of(opening.text("lead").orElseThrow(), brief.facts()))
                .contains("Quillhaven")
                .containsPattern("(?i)certificate after every sweep|Dust sheets go down|Travel is included"
                        + "|member 117|since 2009|in 2009|next working morning");
        assertThat(opening.text("headline")).isPresent();
        assertThat(opening.text("second")).isPresent();
    }

    @Nested
    class ThePlan {
        private List<SectionKind> kinds(Brief brief) {
            return Plan.of(brief).sections().stream().map(Plan.Choice::kind).toList();
        }

        @Test
        void holdsASectionForAllThatIsKnown() {
            assertThat(kinds(Samples.brief("ashlatch")))
                    .startsWith(OpeningSection.KIND, ServicesSection.KIND)
                    .endsWith(EnquirySection.KIND)
                    .containsExactlyInAnyOrder(
                            OpeningSection.KIND,
                            ServicesSection.KIND,
                            AboutSection.KIND,
                            HoursSection.KIND,
                            PlaceSection.KIND,
                            EnquirySection.KIND);
        }

        @Test
        void leavesOutWhatHasNothingToSayAndSaysWhy() {
            Facts bare = Facts.none("GB").with(Fact.typed("name", new FactValue.Name("Quiet & Co")));
            Plan plan = Plan.of(Brief.of(bare, Samples.NOW));
            assertThat(plan.sections())
                    .extracting(Plan.Choice::kind)
                    .containsExactly(OpeningSection.KIND, EnquirySection.KIND);
            assertThat(plan.leftOut())
                    .hasSizeGreaterThan(4)
                    .allSatisfy(choice -> assertThat(choice.reason()).endsWith("."));
        }

        @Test
        void putsWhatIsStrongBeforeWhatIsNot() {
            Facts facts = Samples.brief("ashlatch").facts();
            for (int i = 0; i < 3; i++) {
                facts = facts.with(Fact.typed(
                        "testimonial/" + i,
                        new FactValue.Testimonial("The swallows were left alone.", "Wilf " + i, "", "")));
            }
            assertThat(kinds(Brief.of(facts, Samples.NOW)))
                    .containsSubsequence(TestimonialsSection.KIND, HoursSection.KIND, EnquirySection.KIND);
        }

        @Test
        void changesOnlyWithWhatHangsOnADeniedAssumption() {
            Brief brief = Samples.read(Samples.of(TradeCatalogue.shipped().byId("tailor"), 3, 1))
                    .brief();
            Brief denied = brief.withDenied(EnumSet.of(Brief.Assumption.RECEIVES));
            assertThat(kinds(brief)).contains(PlaceSection.KIND);
            assertThat(kinds(denied)).doesNotContain(PlaceSection.KIND);
            assertThat(denied.visits()).isTrue();
            List<SectionKind> others = new ArrayList<>(kinds(brief));
            others.remove(PlaceSection.KIND);
            assertThat(kinds(denied)).containsExactlyInAnyOrderElementsOf(others);
        }

        @ParameterizedTest
        @EnumSource(Goal.class)
        void neverLeadsToADoorThatDoesNotWork(Goal goal) {
            Facts noTelephone =
                    Samples.brief("ashlatch").facts().without(fact -> fact.id().equals("telephone"));
            Brief brief = Brief.of(noTelephone, Samples.NOW).withGoal(goal);
            assertThat(brief.workingGoal()).isNotEqualTo(Goal.CALL);
        }
    }

    /** A sentence may say only what the facts support. */
    @Nested
    class Truth {
        @ParameterizedTest
        @MethodSource("ostium.core.draft.DrafterTest#trades")
        void everyTextNamesTheFactsItStandsOn(Trade trade) {
            Brief brief = Samples.read(Samples.of(trade, 3, 3)).brief();
            Set<String> known = brief.facts().list().stream().map(Fact::id).collect(Collectors.toSet());
            for (long seed = 0; seed < 6; seed++) {
                draft(brief, seed).site().texts().forEach(text -> {
                    assertThat(text.origin().needs()).allMatch(brief::carries);
                    assertThat(known)
                            .containsAll(text.origin().needs().stream()
                                    .filter(Brief::isFact)
                                    .toList());
                    assertThat(text.origin().needs()).containsAll(linked(text.tree()));
                });
            }
        }

        private Set<String> linked(List<Node> nodes) {
            Set<String> ids = new TreeSet<>();
            for (Node node : nodes) {
                if (node instanceof Node.LinkedFact fact) {
                    ids.add(fact.fact());
                } else if (node instanceof Node.Paragraph paragraph) {
                    ids.addAll(linked(paragraph.inside()));
                }
            }
            return ids;
        }

        @Test
        void aPracticeStandsOnlyOnAYes() {
            Trade sweep = TradeCatalogue.shipped().byId("chimney-sweep");
            Brief silent = Samples.read(Samples.of(sweep, 3, 0)).brief();
            Brief yes = Samples.read(Samples.of(sweep, 3, 1)).brief();
            assertThat(String.join(" ", sentences(draft(silent, 1), silent.facts())))
                    .doesNotContain("certificate");
            assertThat(String.join(" ", sentences(draft(yes, 1), yes.facts()))).contains("certificate");
        }

        /** Said once on the page, wherever that is. */
        @ParameterizedTest
        @MethodSource("ostium.core.draft.DrafterTest#trades")
        void theOnlyPracticeIsSaidWhateverElseIsKnown(Trade trade) {
            Brief brief = Samples.read(Samples.of(trade, 2, 1)).brief();
            String says = brief.voice().say(brief.practices().get(0).says());
            for (long seed = 0; seed < 4; seed++) {
                Draft draft = draft(brief, seed);
                String apart = brief.practices().get(0).apart();
                assertThat(sentences(draft, brief.facts()))
                        .as("%s, %d", trade.id(), seed)
                        .anyMatch(text -> text.contains(says) || apart != null && text.contains(apart));
                draft.site()
                        .section(AboutSection.KIND)
                        .ifPresent(about -> assertThat(about.items()).isNotEmpty());
            }
        }

        @Test
        void aMembershipIsShownOnlyWhileItIsValid() {
            Brief now = Samples.brief("ashlatch");
            Brief later = new Brief(
                    now.facts(),
                    now.trade(),
                    now.goal(),
                    Set.of(),
                    BusinessDay.at(
                            java.time.Instant.parse("2027-07-01T12:00:00Z"), java.time.ZoneId.of("Europe/London")),
                    true,
                    Wishes.NONE);
            assertThat(now.membership()).isPresent();
            assertThat(later.membership()).isEmpty();
            assertThat(String.join(" ", sentences(draft(later, 1), later.facts())))
                    .doesNotContain("Guild");
        }

        @Test
        void theOwnersWordsStandAsTheyWereWritten() {
            String words = "I began with my aunt's brushes.\n\nThe van is <green>.";
            Brief brief = Samples.brief("ashlatch");
            Facts facts = brief.facts().with(Fact.typed("words", new FactValue.OwnWords(words)));
            Text own = draft(Brief.of(facts, Samples.NOW), 3)
                    .site()
                    .section(AboutSection.KIND)
                    .flatMap(about -> about.text("own"))
                    .orElseThrow();
            assertThat(own.mark()).isEqualTo(Text.Mark.OWN);
            assertThat(PlainText.of(own, facts)).isEqualTo("I began with my aunt's brushes.\nThe van is <green>.");
        }
    }

    @Nested
    class Words {
        @Test
        void idsAreUnique() {
            List<String> ids = draft(Samples.brief("ashlatch"), 1)
                    .site()
                    .texts()
                    .map(Text::id)
                    .toList();
            assertThat(ids).doesNotHaveDuplicates().allMatch(id -> id.matches("[0-9a-f]{16}"));
        }
    }

    @Test
    void makesAPageFromTradeAndNameAlone() {
        Facts facts = Facts.none("GB")
                .with(Fact.typed("name", new FactValue.Name("مقهى القطط")))
                .with(Fact.typed("trade", new FactValue.TradeWords("falconer", TradeCatalogue.GENERAL)));
        Draft draft = draft(Brief.of(facts, Samples.NOW), 1);
        assertThat(sentences(draft, facts)).contains("Falconer");
    }
}
