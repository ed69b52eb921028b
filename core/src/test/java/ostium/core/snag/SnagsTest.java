package ostium.core.snag;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.edit.Edit;
import ostium.core.edit.SectionEdit;
import ostium.core.edit.SheetEdit;
import ostium.core.edit.State;
import ostium.core.edit.TextEdit;
import ostium.core.edit.WholeEdit;
import ostium.core.section.enquiry.EnquirySection;
import ostium.core.section.hours.HoursSection;
import ostium.core.section.opening.OpeningSection;
import ostium.core.sheet.Line;
import ostium.core.sheet.TypedSheet;
import ostium.core.sheet.TypedSheet.TypedRow;
import ostium.core.site.Node;
import ostium.core.site.Text;

/** The rules that block publishing. */
class SnagsTest {
    private static State kept(String business) {
        Draft draft = Drafter.draft(Samples.brief(business), new Seed(1));
        return after(
                State.begun(Samples.sheet(business)),
                new WholeEdit.PutDraft(draft.site(), draft.look()),
                new WholeEdit.SendMessagesTo(List.of("ada@ashlatch.example")));
    }

    private static State after(State state, Edit... edits) {
        State at = state;
        for (Edit edit : edits) {
            at = edit.apply(at).state();
        }
        return at;
    }

    private final State site = kept("ashlatch");
    private final String lead = site.site()
            .section(OpeningSection.KIND)
            .orElseThrow()
            .text("lead")
            .orElseThrow()
            .id();

    private Edit lead(Node... inside) {
        return new TextEdit.SetText(
                lead, Text.Mark.OWN, List.of(new Node.Paragraph(List.of(inside))), Text.Origin.own());
    }

    private static List<Snag> snags(State state) {
        return Snags.of(state, state.reading(Samples.NOW));
    }

    private static List<String> rules(State state) {
        return snags(state).stream().map(Snag::rule).toList();
    }

    @ParameterizedTest
    @CsvSource({"ashlatch", "wren-and-tindle", "bellkite"})
    void aFreshDraftHasNone(String business) {
        assertThat(snags(kept(business))).isEmpty();
    }

    @Nested
    class AClaimNoFactCarries {
        private final State confirmed = after(
                site,
                new TextEdit.SetText(
                        lead,
                        Text.Mark.CONFIRMED,
                        List.of(new Node.Paragraph(List.of(new Node.Words("Dust sheets go down first.")))),
                        new Text.Origin("reason.practice1", 1, java.util.Set.of("practice/sheets"))));

        @Test
        void isFoundWhenTheFactGoes() {
            State state = after(confirmed, new SheetEdit.SetLine("practice/sheets", ""));
            assertThat(snags(state)).anySatisfy(snag -> {
                assertThat(snag.rule()).isEqualTo("claim-without-fact");
                assertThat(snag.words())
                        .isEqualTo("“Dust sheets go down first.” rests on something you do every time,"
                                + " which is not given any more.");
                assertThat(snag.text()).isEqualTo(lead);
            });
        }

        @Test
        void isPutRightByTheOwnersWord() {
            State state = after(confirmed, new SheetEdit.SetLine("practice/sheets", ""));
            Snag snag = snags(state).stream()
                    .filter(each -> each.text().equals(lead))
                    .findFirst()
                    .orElseThrow();
            State right = snag.fix().edit().apply(state).state();
            assertThat(snags(right)).noneMatch(each -> each.text().equals(lead));
            assertThat(right.site().text(lead).orElseThrow().mark()).isEqualTo(Text.Mark.OWN);
        }
    }

    @Test
    void noOpenDoor() {
        State state = after(
                site,
                new SheetEdit.SetLine("telephone", ""),
                new SheetEdit.SetLine("email", ""),
                new SectionEdit.RemoveSection(
                        site.site().section(EnquirySection.KIND).orElseThrow().id()));
        assertThat(rules(state)).contains("no-open-door");
        assertThat(rules(after(state, new SheetEdit.SetLine("telephone", "0117 496 0142"))))
                .doesNotContain("no-open-door");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "#hours,true",
        "#gallery,false",
        "#,false",
        "'',false",
        "door:call,true",
        "door:form,true",
        "door:moon,false",
        "https://guild.example/members,true",
        "https://guild,false",
        "guild.example,false",
        "javascript:alert(1),false",
        "mailto:ada@ashlatch.example,true",
        "mailto:ada,false",
        "tel:+441174960142,true",
        "tel:12,false",
    })
    void aLinkLeadsSomewhereOrIsASnag(String target, boolean leads) {
        State state = after(site, lead(new Node.LinkTo(target, List.of(new Node.Words("look here")))));
        assertThat(rules(state).contains("link-to-nowhere")).isNotEqualTo(leads);
    }

    @Test
    void aLinkToASectionThatIsHiddenLeadsNowhere() {
        State state = after(
                site,
                lead(new Node.LinkTo("#hours", List.of(new Node.Words("our hours")))),
                new SectionEdit.HideSection(
                        site.site().section(HoursSection.KIND).orElseThrow().id(), true));
        assertThat(snags(state)).extracting(Snag::words).containsExactly("The link “our hours” leads nowhere.");
    }

    @Test
    void aLinkedFactThatIsMissingLeavesAGap() {
        State state = after(
                site,
                lead(new Node.Words("Call "), new Node.LinkedFact("telephone", "")),
                new SheetEdit.SetLine("telephone", ""));
        assertThat(snags(state)).anySatisfy(snag -> {
            assertThat(snag.words()).isEqualTo("A sentence leaves a gap where your telephone number should stand.");
            assertThat(snag.fix().line()).isEqualTo("telephone");
        });
    }

    @Test
    void aFormWithNowhereToGo() {
        State state = after(site, new WholeEdit.SendMessagesTo(List.of()));
        assertThat(rules(state)).containsExactly("form-to-nowhere");
    }

    @Test
    void aLineThatIsNotUnderstood() {
        State state = after(site, new SheetEdit.SetLine("hours", "Mon 9-25"));
        assertThat(snags(state))
                .anyMatch(snag -> snag.rule().equals("line-not-understood")
                        && snag.fix().line().equals("hours"));
    }

    /** What visitors do not see cannot mislead them. */
    @Test
    void hiddenSectionsHaveNoSnags() {
        State wrong = after(site, lead(new Node.LinkTo("#nowhere", List.of(new Node.Words("x")))));
        String opening = site.site().section(OpeningSection.KIND).orElseThrow().id();
        assertThat(rules(after(wrong, new SectionEdit.HideSection(opening, true))))
                .isEmpty();
    }

    /** What the law of a country asks a trade to show: missing, it blocks; there, in any of its places, it does not. */
    @Nested
    class WhatTheLawAsksFor {
        private State keptAs(String trade, String region, UnaryOperator<TypedSheet> more) {
            TypedSheet sheet = TypedSheet.empty(region, 1)
                    .with(Line.TRADE, trade)
                    .with(Line.NAME, "Somebody of Tolver")
                    .with(Line.EMAIL, "a@tolver.example");
            State begun = State.begun(more.apply(sheet));
            Draft draft = begun.draft(begun.reading(Samples.NOW));
            return after(
                    begun,
                    new WholeEdit.PutDraft(draft.site(), draft.look()),
                    new WholeEdit.SendMessagesTo(List.of("a@tolver.example")));
        }

        private List<String> rules(String trade, String region, UnaryOperator<TypedSheet> more) {
            return snags(keptAs(trade, region, more)).stream()
                    .filter(snag -> snag.level() == Snag.Level.MUST)
                    .map(Snag::rule)
                    .toList();
        }

        @ParameterizedTest
        @CsvSource({
            "dentist, GB, 1",
            "dentist, DE, 1",
            "dentist, US, 0",
            "solicitor, GB, 1",
            "gas engineer, FR, 0",
            "chimney sweep, GB, 0",
            "falconer, GB, 0"
        })
        void dependsOnTheTradeAndTheCountry(String trade, String region, int missing) {
            assertThat(rules(trade, region, sheet -> sheet).stream().filter("regulated-line-missing"::equals))
                    .hasSize(missing);
        }

        /** Nobody asks that the number stands there: people look it up, and a page without it is published. */
        @ParameterizedTest
        @CsvSource({"gas engineer, GB", "physiotherapist, GB", "architect, GB", "childminder, GB", "gas engineer, IE"})
        void isAdvisedWhereItIsOnlyLookedUp(String trade, String region) {
            State kept = keptAs(trade, region, sheet -> sheet);
            assertThat(snags(kept))
                    .filteredOn(snag -> snag.rule().equals("regulated-line-missing"))
                    .extracting(Snag::level)
                    .containsExactly(Snag.Level.SHOULD);
        }

        @Test
        void isThereAsALineAMembershipOrAQualificationWithItsNumber() {
            assertThat(rules("dentist", "GB", sheet -> sheet.with(Line.LEGAL_LINES, "Registered, number 12345")))
                    .isEmpty();
            assertThat(rules(
                            "dentist",
                            "GB",
                            sheet -> sheet.with(Line.MEMBERSHIP_BODY, "Register of Dentists")
                                    .with(Line.MEMBERSHIP_NUMBER, "12345")))
                    .isEmpty();
            assertThat(rules(
                            "dentist",
                            "GB",
                            sheet -> sheet.withRows(List.of(new TypedRow(
                                    "credential", "c", Map.of("body", "Register of Dentists", "number", "12345"))))))
                    .isEmpty();
            assertThat(rules("dentist", "GB", sheet -> sheet.with(Line.MEMBERSHIP_BODY, "Register of Dentists")))
                    .as("without its number")
                    .containsExactly("regulated-line-missing");
        }
    }

    @Test
    void aPictureInTheOpeningSaysWhatItShows() {
        String file = "ab".repeat(32) + " jpeg 800x600 1";
        TypedRow silent = new TypedRow("picture", "p", Map.of("file", file, "use", "opening"));
        State pictured = after(site, new SheetEdit.PutRow(silent, ""));
        assertThat(Snags.of(pictured, pictured.reading(Samples.NOW)))
                .extracting(Snag::rule)
                .containsExactly("picture-without-words");
        State described = after(pictured, new SheetEdit.SetLine("picture/p/alternative", "A brush going up a flue"));
        assertThat(Snags.of(described, described.reading(Samples.NOW))).isEmpty();
    }
}
