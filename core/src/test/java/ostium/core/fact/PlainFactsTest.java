package ostium.core.fact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ostium.core.base.Reading;

/** The readers of single facts, by tables of cases. */
class PlainFactsTest {
    private static String outcome(Reading<?> reading) {
        if (reading instanceof Reading.Refused<?> refused) {
            return "refused: " + refused.reason();
        }
        return reading instanceof Reading.Unclear<?> unclear
                ? "asked: " + unclear.question()
                : String.valueOf(reading.value().orElseThrow());
    }

    @Nested
    class MailAddress {
        @ParameterizedTest(name = "{0}")
        @CsvSource(delimiter = '|', textBlock = """
                ada@ashlatch.example            | ada@ashlatch.example
                mailto:Ada@Ashlatch.Example     | Ada@ashlatch.example
                <ada@ashlatch.example>.         | ada@ashlatch.example
                ada@bücher.example              | ada@bücher.example
                """)
        void isTrimmedOfWhatSurroundsIt(String typed, String kept) {
            assertThat(EmailAddress.read(typed).value().orElseThrow().value()).isEqualTo(kept);
        }

        @ParameterizedTest(name = "{0}")
        @CsvSource({
            "ada",
            "ada@",
            "@ashlatch.example",
            "ada@ashlatch",
            "a b@c.example",
            "ada@-x.example",
            "a..b@c.example"
        })
        void isRefusedWhereNoMailCouldArrive(String typed) {
            assertThat(EmailAddress.read(typed).value()).isEmpty();
        }

        @Test
        void withASlipInACommonDomainIsPointedOutAndNotCorrected() {
            Reading<EmailAddress> reading = EmailAddress.read("ada@gmial.com");
            assertThat(reading.value().orElseThrow().value()).isEqualTo("ada@gmial.com");
            assertThat(reading.remarks())
                    .containsExactly(new Reading.Remark("Did you mean gmail.com?", "ada@gmail.com"));
        }

        @Test
        void inAnotherScriptHasAnAsciiForm() {
            assertThat(EmailAddress.read("ada@bücher.example")
                            .value()
                            .orElseThrow()
                            .ascii())
                    .isEqualTo("ada@xn--bcher-kva.example");
        }
    }

    @Nested
    class APrice {
        @ParameterizedTest(name = "{0} in {1} is {2}")
        @CsvSource(delimiter = '|', textBlock = """
                65              | GB | £65
                £65.50          | GB | £65.50
                £65.00          | GB | £65
                from 95         | GB | from £95
                95+             | GB | from £95
                £40–60          | GB | £40–60
                40 to 60        | GB | £40–60
                £30 an hour     | GB | £30 an hour
                30/hour         | GB | £30 an hour
                12 per room     | GB | £12 a room
                1,250           | GB | £1250
                $18             | US | $18
                from 18         | US | from $18
                €40             | GB | €40
                40 EUR          | GB | €40
                £12.50pp        | GB | £12.50 a person
                50p             | GB | £0.50
                £1,200 inc VAT  | GB | £1200
                ab 1.200 €      | DE | from €1200
                45 Euro/Std.    | DE | €45 an hour
                entre 20 et 30 €| FR | €20–30
                35 € TTC        | FR | €35
                on request      | GB | on request
                Free            | GB | free
                """)
        void isReadInTheWaysPeopleWriteIt(String typed, String region, String said) {
            assertThat(Price.read(typed, region).value().orElseThrow().say()).isEqualTo(said);
        }

        @ParameterizedTest(name = "{0} is refused")
        @CsvSource({"cheap", "-5", "60-40", "65 pounds sterling please", "12.345"})
        void isRefusedWhereNoAmountCanBeMeant(String typed) {
            assertThat(Price.read(typed, "GB")).isInstanceOf(Reading.Refused.class);
        }

        @Test
        void neverHasAnAmountWhereItsKindHasNone() {
            assertThatThrownBy(() -> new Price(Price.Kind.FREE, new Money(java.math.BigDecimal.ONE, "GBP"), null, ""))
                    .isInstanceOf(IllegalArgumentException.class);
        }
    }

    @Nested
    class ATime {
        @ParameterizedTest(name = "{0} is {1} minutes, said {2}")
        @CsvSource({
            "45,45,45 min",
            "45 min,45,45 min",
            "1 h 30,90,90 min",
            "1.5 hours,90,90 min",
            "2h,120,2 h",
            "150,150,2 h 30"
        })
        void isReadInMinutesOrHours(String typed, int minutes, String said) {
            assertThat(Minutes.read(typed).value()).contains(minutes);
            assertThat(Minutes.say(minutes)).isEqualTo(said);
        }

        @ParameterizedTest(name = "{0} is refused")
        @CsvSource({"0", "a while", "-5", "9999"})
        void isRefusedOutsideItsBounds(String typed) {
            assertThat(Minutes.read(typed)).isInstanceOf(Reading.Refused.class);
        }
    }

    @Nested
    class APlace {
        @ParameterizedTest(name = "{0}")
        @CsvSource(delimiter = '|', textBlock = """
                3 Net Loft, Quillhaven QH1 2NL            | GB | 3 Net Loft          | Quillhaven  |    | QH1 2NL
                3 Net Loft, Quillhaven, qh12nl            | GB | 3 Net Loft          | Quillhaven  |    | QH1 2NL
                Quillhaven                                | GB |                     | Quillhaven  |    |
                Flat 2, 9 Sail Street, Tolver QH4 1AA     | GB | Flat 2, 9 Sail Street | Tolver    |    | QH4 1AA
                18 Wharf Street, Port Merrow, ME 04101    | US | 18 Wharf Street     | Port Merrow | ME | 04101
                """)
        void isReadStreetFirstAndPostalCodeLast(
                String typed, String region, String street, String town, String district, String postcode) {
            Place place = Place.read(typed, region).value().orElseThrow();
            assertThat(List.of(place.street(), place.town(), place.district(), place.postcode()))
                    .containsExactly(nothing(street), nothing(town), nothing(district), nothing(postcode));
        }

        private String nothing(String value) {
            return value == null ? "" : value;
        }

        @Test
        void showsNoMoreThanItsOwnerWants() {
            Place whole =
                    Place.read("3 Net Loft, Quillhaven QH1 2NL", "GB").value().orElseThrow();
            Place town = new Place(whole.street(), whole.town(), "", whole.postcode(), "GB", Place.Visibility.TOWN);
            Place hidden = new Place(whole.street(), whole.town(), "", whole.postcode(), "GB", Place.Visibility.HIDDEN);
            assertThat(whole.lines()).containsExactly("3 Net Loft", "Quillhaven QH1 2NL");
            assertThat(town.lines()).containsExactly("Quillhaven");
            assertThat(town.say("street")).isEmpty();
            assertThat(hidden.lines()).isEmpty();
        }
    }

    @Nested
    class ALink {
        @ParameterizedTest(name = "{0}")
        @CsvSource(delimiter = '|', textBlock = """
                https://www.instagram.com/ashlatchsweeps/?igsh=abc  | instagram | https://www.instagram.com/ashlatchsweeps/
                m.facebook.com/ashlatch.care                        | facebook  | https://www.facebook.com/ashlatch.care
                instagram @ashlatchsweeps                           | instagram | https://www.instagram.com/ashlatchsweeps/
                insta: ashlatchsweeps                               | instagram | https://www.instagram.com/ashlatchsweeps/
                youtube.com/@ashlatch                               | youtube   | https://www.youtube.com/@ashlatch
                https://twitter.com/ashlatch                        | x         | https://x.com/ashlatch
                guild.example/members/117                           | web       | https://guild.example/members/117
                """)
        void becomesOneAddressWhateverWasPasted(String typed, String network, String url) {
            Link link = Networks.shipped().read(typed).value().orElseThrow();
            assertThat(List.of(link.network(), link.url())).containsExactly(network, url);
        }

        @ParameterizedTest(name = "{0}: {1}")
        @CsvSource(delimiter = '|', textBlock = """
                https://www.facebook.com/     | refused: This is the front page of Facebook, not yours. Paste the link to your own page.
                @ashlatch                     | asked: Which site is “@ashlatch” on?
                nosuchnet @ashlatch           | refused: We do not know “nosuchnet”. Paste the whole link.
                not a link at all             | refused: This is not a link. Paste the address of the page.
                """)
        void isAskedAboutOrRefusedForTheRightReason(String typed, String expected) {
            assertThat(outcome(Networks.shipped().read(typed))).isEqualTo(expected);
        }
    }

    @Nested
    class AllFacts {
        @Test
        void keepOneOfAnId() {
            Facts facts = Facts.none("GB")
                    .with(Fact.typed("name", new FactValue.Name("One")))
                    .with(Fact.typed("name", new FactValue.Name("Two")));
            assertThat(facts.say("name", "")).contains("Two");
            assertThatThrownBy(() -> new Facts(
                            "GB", List.of(facts.list().get(0), facts.list().get(0))))
                    .hasMessageContaining("name");
        }

        @Test
        void doNotSayWhatIsHidden() {
            Fact<FactValue.Name> hidden =
                    new Fact<>("name", new FactValue.Name("Quiet"), Fact.State.HIDDEN, Fact.Origin.TYPED);
            Facts facts = Facts.none("GB").with(hidden);
            assertThat(facts.say("name", "")).isEmpty();
            assertThat(facts.one(FactValue.Name.class)).isEmpty();
        }

        @Test
        void sayPlacesAsAPersonWould() {
            Area area = new Area(List.of("Quillhaven", "Tolver", "Upper Marl"));
            assertThat(area.say("")).contains("Quillhaven, Tolver and Upper Marl");
            assertThat(area.say("rest")).contains("Tolver and Upper Marl");
            assertThat(area.say("count")).contains("three");
            assertThat(area.say("no such facet")).isEmpty();
        }
    }

    @Test
    void aPriceInAnotherCountrysMoneyIsTakenAndPointedOut() {
        Reading<Price> dollars = Price.read("from $65", "GB");
        assertThat(dollars.value().map(Price::say)).contains("from $65");
        assertThat(((Reading.Understood<Price>) dollars).remarks())
                .extracting(Reading.Remark::message, Reading.Remark::instead)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(
                        "This is in US dollars; prices of your country are in pounds.", "from £65"));
        assertThat(((Reading.Understood<Price>) Price.read("$65", "US").map(price -> price)).remarks())
                .isEmpty();
    }
}
