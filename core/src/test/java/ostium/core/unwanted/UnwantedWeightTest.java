package ostium.core.unwanted;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is set aside as no customer's, why, and how an owner's word counts next time. */
class UnwantedWeightTest {
    private static final Optional<Duration> A_MINUTE = Optional.of(Duration.ofMinutes(1));
    private static final Optional<Duration> A_SECOND = Optional.of(Duration.ofSeconds(1));

    private static final String PITCH =
            "We offer backlinks and guest posts. See https://rank.example/plans for prices.";

    private static Sending says(String words) {
        return new Sending(false, A_MINUTE, words, Optional.of("dora@tolver.example"), 0, 0, 0);
    }

    private static UnwantedWeight weight(Sending sending) {
        return UnwantedWeight.of(sending, Judgements.NONE);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "Please call me back.",
                "Two chimneys, one with a stove. Could you come before Christmas?",
                "Photographs are at https://pictures.example/album/17 if that helps.",
                "Our casino on Wharf Road has four open fires. Dust is a worry, there are carpets.",
                "The listing https://homes.example/42 says the flue was lined. www.homes.example has the plan.",
                "I run a marketing agency in Tolver and our office stove smokes.",
                "Schornstein rußt, bitte um Rückruf. Grüße",
                "Ma cheminée fume depuis hier, pouvez-vous passer ?",
                "!!! HELP !!! smoke !!! in !!! the !!! room !!!"
            })
    void aCustomersMessageIsNotSetAside(String words) {
        assertThat(weight(says(words)).isUnwanted()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                PITCH,
                "Dear business owner, we place sponsored posts. More: https://a.example https://b.example",
                "<a href=\"https://pills.example\">cheap pills</a> for you",
                "[url=https://win.example]lottery[/url] you have won",
                "SEO, link building, domain authority: reply YES for a quote. www.first.example",
                "Suchmaschinenoptimierung und Linkaufbau, mehr Kunden gewinnen: https://oben.example"
            })
    void aPitchIsSetAside(String words) {
        UnwantedWeight weight = weight(says(words));
        assertThat(weight.isUnwanted()).isTrue();
        assertThat(weight.reasons()).isNotEmpty();
    }

    @Test
    void noSignACustomerCouldGiveByChanceIsEnoughAlone() {
        String plain = "The stove in the front room smokes when the wind is from the west.";
        assertThat(weight(new Sending(false, A_SECOND, plain, Optional.empty(), 0, 0, 0))
                        .isUnwanted())
                .isFalse();
        assertThat(weight(new Sending(false, A_MINUTE, plain, Optional.empty(), 9, 0, 0))
                        .isUnwanted())
                .isFalse();
        assertThat(weight(new Sending(false, A_MINUTE, plain, Optional.empty(), 0, 0, 9))
                        .isUnwanted())
                .isFalse();
        assertThat(weight(new Sending(false, A_MINUTE, plain, Optional.empty(), 0, 1, 0))
                        .isUnwanted())
                .isFalse();
        assertThat(weight(says("http://a http://b http://c http://d http://e")).isUnwanted())
                .isFalse();
        assertThat(weight(says(String.join(". ", "SEO", "backlinks", "casino", "lottery", "crypto", "forex")))
                        .isUnwanted())
                .isFalse();
    }

    @Test
    void aTrapAndTheSameWordsAllOverAreEnoughAlone() {
        String plain = "We have a special offer for your company, valid for this week only.";
        assertThat(weight(new Sending(true, A_MINUTE, plain, Optional.empty(), 0, 0, 0)))
                .extracting(UnwantedWeight::isUnwanted, UnwantedWeight::reasons)
                .containsExactly(true, List.of("It fills in a field that people cannot see."));
        assertThat(weight(new Sending(false, A_MINUTE, plain, Optional.empty(), 0, 3, 0)))
                .extracting(UnwantedWeight::isUnwanted, UnwantedWeight::reasons)
                .containsExactly(true, List.of("The same words came to other businesses."));
    }

    @Test
    void theHeaviestReasonIsSaidFirst() {
        assertThat(weight(new Sending(false, A_SECOND, PITCH, Optional.empty(), 0, 0, 3))
                        .reasons())
                .containsExactly(
                        "It says “backlinks”, “guest posts”.",
                        "It was sent within three seconds of opening the page.",
                        "It is one of 4 from there within an hour.",
                        "It has a link.");
    }

    @Test
    void theSameWordsAreFoundHoweverTheyAreTyped() {
        String key = UnwantedWeight.wordsKey("Grow your café today: we promise more guests, every week!");
        assertThat(UnwantedWeight.wordsKey("GROW your cafe   today — we promise more guests every week"))
                .isEqualTo(key)
                .isNotEmpty();
        assertThat(UnwantedWeight.wordsKey("Grow your café today: we promise more guests, every day!"))
                .isNotEqualTo(key);
        assertThat(UnwantedWeight.wordsKey("Please call me back tomorrow, thank you."))
                .as("people who do not know each other write this")
                .isEmpty();
    }

    private static Judgements.Judged customer(String words) {
        return new Judgements.Judged(words, Optional.empty(), true);
    }

    private static Judgements.Judged other(String words) {
        return new Judgements.Judged(words, Optional.empty(), false);
    }

    private static final List<Judgements.Judged> CUSTOMERS = List.of(
            customer("Two chimneys need sweeping before winter, please tell me a day."),
            customer("The stove smokes since the storm. Could you look at the cowl?"),
            customer("How much is a camera survey of a flue, and is it included in the sweep?"),
            customer("Birds nest in our pot again. When can you come to Tolver?"),
            customer("We need a certificate for the insurance after your sweep, thank you."),
            customer("Please sweep the flue of the open fire. Dust sheets would be good."));

    private static Judgements.Judged pitch(int number) {
        return other("Our ladders and vans fleet leasing deal number " + number
                + " saves contractors money, ask our leasing desk about fleet terms.");
    }

    private static Judgements after(int pitches) {
        List<Judgements.Judged> judged = new ArrayList<>(CUSTOMERS);
        IntStream.range(0, pitches).forEach(number -> judged.add(pitch(number)));
        return Judgements.of(judged);
    }

    private static final String NEXT =
            "Ask our desk for leasing terms: fleet vans and ladders, a deal that saves contractors money.";

    @Test
    void whatTheOwnerSetsAsideCountsNextTimeTheMoreTheOftener() {
        List<Integer> points = IntStream.rangeClosed(0, 4)
                .mapToObj(
                        pitches -> UnwantedWeight.of(says(NEXT), after(pitches)).points())
                .toList();
        assertThat(points).isSorted();
        assertThat(points.get(0)).as("nothing was set aside yet").isZero();
        assertThat(points.get(1)).as("once is not enough alone").isBetween(1, 4);
        assertThat(UnwantedWeight.of(says(NEXT), after(4)).isUnwanted()).isTrue();
        assertThat(UnwantedWeight.of(says(NEXT), after(4)).reasons())
                .containsExactly("It reads like what you have set aside.");
        for (Judgements.Judged customer : CUSTOMERS) {
            assertThat(UnwantedWeight.of(says(customer.words()), after(4)).points())
                    .isNegative();
        }
    }

    @Test
    void wordsThatStandEverywhereExcuseNothing() {
        String pitch = "Please tell us when you need more leads after your sweep, the offer is at www.leads.example";
        assertThat(UnwantedWeight.of(says(pitch), after(0)).points())
                .as("nothing was set aside that could be told from this")
                .isEqualTo(weight(says(pitch)).points());
        Judgements.Judged everywhere = other("Please tell us when you need the offer after your sweep.");
        List<Judgements.Judged> judged = new ArrayList<>(CUSTOMERS);
        judged.add(everywhere);
        assertThat(Judgements.of(judged).points("the")).isZero();
    }

    @Test
    void wordsSayNothingBeforeThereAreCustomersToHoldThemAgainst() {
        Judgements onlyPitches = Judgements.of(
                IntStream.range(0, 9).mapToObj(UnwantedWeightTest::pitch).toList());
        assertThat(UnwantedWeight.of(says(NEXT), onlyPitches).isUnwanted()).isFalse();
    }

    @Test
    void aWrongJudgementThatIsPutRightCountsNextTime() {
        Sending sending = new Sending(false, A_SECOND, PITCH, Optional.of("dora@tolver.example"), 0, 0, 0);
        assertThat(weight(sending).isUnwanted()).isTrue();
        Judgements putRight =
                Judgements.of(List.of(new Judgements.Judged(PITCH, Optional.of("dora@tolver.example"), true)));
        assertThat(UnwantedWeight.of(sending, putRight).isUnwanted()).isFalse();
        Sending trapped = new Sending(true, A_MINUTE, "Me again.", Optional.of("dora@tolver.example"), 0, 0, 0);
        assertThat(UnwantedWeight.of(trapped, putRight).isUnwanted())
                .as("a browser filled the field in for a customer")
                .isFalse();
    }

    @Test
    void aSenderIsWhatWasSaidOfThemLast() {
        Optional<String> sender = Optional.of("hello@first-page.example");
        Judgements.Judged aside = new Judgements.Judged("One.", sender, false);
        Judgements.Judged taken = new Judgements.Judged("Two.", sender, true);
        Sending next = new Sending(false, A_MINUTE, "Three.", sender, 0, 0, 0);
        assertThat(UnwantedWeight.of(next, Judgements.of(List.of(aside, taken))))
                .extracting(UnwantedWeight::isUnwanted, UnwantedWeight::reasons)
                .containsExactly(true, List.of("You have set this sender aside before."));
        assertThat(UnwantedWeight.of(next, Judgements.of(List.of(taken, aside))).isUnwanted())
                .isFalse();
    }

    @Test
    void anyTextIsWeighed() {
        Random random = new Random(16);
        for (int round = 0; round < 2_000; round++) {
            String words = random.ints(random.nextInt(300), 0, 0x2FFFF)
                    .filter(Character::isDefined)
                    .mapToObj(Character::toString)
                    .collect(Collectors.joining());
            Sending sending = new Sending(
                    random.nextBoolean(),
                    Optional.of(Duration.ofMillis(random.nextInt(9_000))),
                    words,
                    Optional.of(words),
                    random.nextInt(9),
                    random.nextInt(9),
                    random.nextInt(9));
            UnwantedWeight weight = UnwantedWeight.of(sending, after(random.nextInt(4)));
            assertThat(weight.reasons().isEmpty() && weight.isUnwanted())
                    .as("set aside without a reason: %s", words)
                    .isFalse();
        }
    }
}
