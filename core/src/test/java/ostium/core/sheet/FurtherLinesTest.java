package ostium.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.Samples;
import ostium.core.fact.Fact;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;
import ostium.core.fact.Place;
import ostium.core.fact.Point;
import ostium.core.fact.Telephone;
import ostium.core.sheet.TypedSheet.TypedRow;

/** Lines and rows beyond the first handful: what they become, and what stands beneath them. */
class FurtherLinesTest {
    private static final TypedSheet SHEET = TypedSheet.empty("GB", 1)
            .with(Line.TRADE, "chimney sweep")
            .with(Line.NAME, "Ashlatch")
            .with(Line.TELEPHONE, "0117 496 0142");

    private static SheetReading read(TypedSheet sheet) {
        return Samples.read(sheet);
    }

    private static Facts facts(TypedSheet sheet) {
        return read(sheet).brief().facts();
    }

    private static FieldAnswer answer(TypedSheet sheet, String field) {
        return read(sheet).answers().get(field);
    }

    @Nested
    class Reaching {
        @ParameterizedTest
        @CsvSource({"the same number, +441174960142", "same, +441174960142", "07700 900142, +447700900142"})
        void textsGoToTheSameNumberOrAnother(String typed, String number) {
            assertThat(facts(SHEET.with(Line.TEXTS, typed)).one(FactValue.TextNumber.class))
                    .map(texts -> texts.number().e164())
                    .contains(number);
        }

        @Test
        void theSameNumberAsNoneIsRefused() {
            TypedSheet sheet = SHEET.with(Line.TELEPHONE, "").with(Line.TEXTS, "the same number");
            assertThat(answer(sheet, "texts").state()).isEqualTo(FieldAnswer.State.REFUSED);
            assertThat(facts(sheet).one(FactValue.TextNumber.class)).isEmpty();
        }

        @Test
        void whoIsCalledFromAbroadShowsTheNumberSo() {
            Facts facts = facts(SHEET.with(Line.CALLERS_ABROAD, "yes"));
            assertThat(facts.say("telephone", "")).contains("+44 117 496 0142");
            assertThat(facts.say("telephone", "national")).contains("0117 496 0142");
            assertThat(facts(SHEET).say("telephone", "")).contains("0117 496 0142");
        }

        @Test
        void aFurtherNumberIsNeverTheTelephone() {
            TypedSheet sheet = SHEET.with(Line.TELEPHONE, "")
                    .withRows(
                            List.of(new TypedRow("phone", "w", Map.of("name", "Workshop", "number", "0117 496 0556"))));
            assertThat(facts(sheet).one(Telephone.class)).isEmpty();
            assertThat(facts(sheet).say("phone/w", "name")).contains("Workshop");
            TypedSheet wrong = SHEET.withRows(List.of(new TypedRow("phone", "w", Map.of("number", "12"))));
            assertThat(answer(wrong, "phone/w").state()).isEqualTo(FieldAnswer.State.REFUSED);
        }
    }

    @Nested
    class Seeing {
        @Test
        void aHiddenFactIsKnownAndNotSaid() {
            Facts facts = facts(SHEET.withHidden(List.of("telephone")));
            assertThat(facts.byId("telephone")).map(Fact::state).contains(Fact.State.HIDDEN);
            assertThat(facts.say("telephone", "")).isEmpty();
            assertThat(facts.one(Telephone.class)).isEmpty();
            assertThat(facts.given("telephone", Telephone.class)).isEmpty();
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {"| 3 Net Loft, Quillhaven QH1 2NL", "town | Quillhaven", "hidden | ''"})
        void aPlaceIsShownAsFarAsTheOwnerSays(String shown, String said) {
            TypedSheet sheet = SHEET.with(Line.PLACE, "3 Net Loft, Quillhaven QH1 2NL")
                    .with(Line.PLACE_SHOWN, shown == null ? "" : shown);
            assertThat(facts(sheet)
                            .one(Place.class)
                            .flatMap(place -> place.say(""))
                            .orElse(""))
                    .isEqualTo(said);
        }

        @Test
        void wordsOfACustomerNeedANameAndAPermission() {
            TypedSheet sheet = SHEET.withRows(List.of(
                    new TypedRow("testimonial", "a", Map.of("words", "Good.", "who", "Piet", "permission", "yes")),
                    new TypedRow("testimonial", "b", Map.of("words", "Good.", "who", "Oona")),
                    new TypedRow("testimonial", "c", Map.of("words", "Good.", "permission", "yes")),
                    new TypedRow("testimonial", "d", Map.of("who", "Nobody"))));
            assertThat(facts(sheet).all(FactValue.Testimonial.class))
                    .extracting(Fact::id)
                    .containsExactly("testimonial/a");
            assertThat(answer(sheet, "testimonial/b").remark()).contains("may you show it");
            assertThat(answer(sheet, "testimonial/c").remark()).contains("who said it");
            assertThat(answer(sheet, "testimonial/d").state()).isEqualTo(FieldAnswer.State.EMPTY);
        }
    }

    @Nested
    class When {
        @Test
        void eachDayWithOtherHoursIsAnsweredByItself() {
            TypedSheet sheet =
                    SHEET.with(Line.EXCEPTIONS, "3 Dec 2026 closed (guild meeting)\n\nsometime closed\n25 Dec closed");
            assertThat(answer(sheet, "exceptions.0").says()).isEqualTo("3 Dec 2026 closed (guild meeting)");
            assertThat(answer(sheet, "exceptions.1").state()).isEqualTo(FieldAnswer.State.EMPTY);
            assertThat(answer(sheet, "exceptions.2").state()).isEqualTo(FieldAnswer.State.REFUSED);
            assertThat(answer(sheet, "exceptions.3").state()).isEqualTo(FieldAnswer.State.ASKED);
            assertThat(answer(sheet, "exceptions.3").choices()).hasSize(2);
            assertThat(facts(sheet).one(FactValue.Special.class))
                    .hasValueSatisfying(special -> assertThat(special.all()).hasSize(1));
        }

        @Test
        void aHolidayOnAWeekendAsksAboutTheDayOffForItUntilItIsAnswered() {
            TypedSheet sheet = SHEET.with(Line.EXCEPTIONS, "Boxing Day closed");
            FieldAnswer asked = answer(sheet, "exceptions.0");
            assertThat(asked.says()).isEqualTo("Boxing Day closed");
            assertThat(asked.remark())
                    .isEqualTo("Saturday 26 December 2026 is on a weekend; Monday 28 December 2026 is a day off for it."
                            + " Closed then too?");
            assertThat(asked.choices()).containsExactly("Boxing Day closed\n28 Dec 2026 closed");
            TypedSheet answered = SHEET.with(Line.EXCEPTIONS, asked.choices().get(0));
            assertThat(answer(answered, "exceptions.0").remark()).isEmpty();
            assertThat(answer(answered, "exceptions.1").says()).isEqualTo("28 Dec 2026 closed");
        }

        @Test
        void hoursOfOtherKindsAreNeverTheVisitingHours() {
            Facts facts =
                    facts(SHEET.with(Line.HOURS_TELEPHONE, "Mon-Fri 8-6").with(Line.HOURS_WORKING, "Tue-Thu 9-12"));
            assertThat(facts.one(FactValue.Hours.class)).isEmpty();
            assertThat(facts.openingTimes()).isEmpty();
            assertThat(facts.all(FactValue.HoursFor.class))
                    .extracting(fact -> fact.value().use())
                    .containsExactly(FactValue.HoursFor.Use.TELEPHONE, FactValue.HoursFor.Use.WORKING);
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "GB | Quillhaven | Europe/London",
                    "IE | Dublin 2 | Europe/Dublin",
                    "US | Port Merrow, ME 04199 | America/New_York",
                    "US | Phoenix, AZ 85001 | America/Phoenix",
                    "AU | Perth WA 6000 | Australia/Perth",
                    "NZ | Wellington 6011 | Pacific/Auckland",
                    "DE | 18055 Rostock | Europe/Berlin",
                })
        void theZoneComesFromThePlace(String country, String place, String zone) {
            assertThat(facts(SHEET.withRegion(country).with(Line.PLACE, place)).zone())
                    .isEqualTo(ZoneId.of(zone));
        }

        @Test
        void aZoneThatIsSaidCountsAndOneOfAnotherCountryIsAskedAbout() {
            TypedSheet texas = SHEET.withRegion("US").with(Line.ZONE, "America/Chicago");
            assertThat(facts(texas).zone()).isEqualTo(ZoneId.of("America/Chicago"));
            FieldAnswer answer = answer(SHEET.withRegion("US").with(Line.ZONE, "Europe/Paris"), "zone");
            assertThat(answer.state()).isEqualTo(FieldAnswer.State.ASKED);
            assertThat(answer.choices()).contains("America/Denver");
        }
    }

    @Nested
    class Proof {
        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "2027-06 | 2027-06",
                    "June 2027 | 2027-06",
                    "until June 2027 | 2027-06",
                    "Jun 2027 | 2027-06",
                    "30 June 2027 | 2027-06",
                    "06/2027 | 2027-06",
                    "30/06/2027 | 2027-06",
                    "2027-06-30 | 2027-06",
                    "Juni 2027 | 2027-06",
                    "juin 2027 | 2027-06",
                    "junio 2027 | 2027-06",
                })
        void theMonthOfACredentialIsReadInAnyForm(String typed, String month) {
            TypedSheet sheet = SHEET.with(Line.MEMBERSHIP_BODY, "Guild").with(Line.MEMBERSHIP_UNTIL, typed);
            assertThat(facts(sheet).one(FactValue.Membership.class))
                    .map(FactValue.Membership::until)
                    .contains(month);
        }

        @ParameterizedTest
        @CsvSource({"soon", "13/2027", "2027", "June"})
        void aMonthThatIsNoneIsRefused(String typed) {
            TypedSheet sheet = SHEET.with(Line.MEMBERSHIP_BODY, "Guild").with(Line.MEMBERSHIP_UNTIL, typed);
            assertThat(answer(sheet, "membership").state()).isEqualTo(FieldAnswer.State.REFUSED);
        }

        @Test
        void whatHasRunOutIsSaidAndNotShown() {
            TypedSheet sheet = SHEET.withRows(List.of(
                    new TypedRow("credential", "old", Map.of("body", "Old licence", "until", "2020-01")),
                    new TypedRow("credential", "new", Map.of("body", "New licence", "until", "2099-01"))));
            assertThat(answer(sheet, "credential/old").remark()).contains("run out");
            assertThat(read(sheet).brief().memberships())
                    .extracting(fact -> fact.value().body())
                    .containsExactly("New licence");
        }
    }

    @Test
    void aLineThatIsTooLongIsKeptAndRefusedAtItsEnd() {
        TypedSheet sheet = SHEET.with(Line.SHORT_NAME, "x".repeat(25));
        FieldAnswer answer = answer(sheet, "short-name");
        assertThat(answer.state()).isEqualTo(FieldAnswer.State.REFUSED);
        assertThat(answer.says()).contains("24").contains("25");
        assertThat(sheet.line(Line.SHORT_NAME)).hasSize(25);
    }

    @Test
    void aPointIsSaidWithHowExactItIs() {
        assertThat(answer(SHEET.with(Line.POINT, "49.7001, -7.4002"), "point").says())
                .endsWith("exact to the house");
        assertThat(answer(SHEET.with(Line.POINT, "49.7, -7.4"), "point").says()).endsWith("the town only");
        assertThat(facts(SHEET.with(Line.POINT, "0, 0")).one(Point.class)).isEmpty();
    }

    @Test
    void ownWordsStandInTheirOrderAndTheWayInIsNoneOfThem() {
        TypedSheet sheet = SHEET.with(Line.WORDS_BEGAN, "Began.")
                .with(Line.WORDS, "Apart.")
                .with(Line.WORDS_DOES, "Sweeps.")
                .with(Line.WORDS_FINDING, "Ring the bell.");
        assertThat(read(sheet).brief().ownWords())
                .extracting(fact -> fact.value().words())
                .containsExactly("Sweeps.", "Apart.", "Began.");
    }
}
