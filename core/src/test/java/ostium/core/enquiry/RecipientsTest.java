package ostium.core.enquiry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ostium.core.door.Doors;
import ostium.core.door.Route;

/** Who is told of a message. */
class RecipientsTest {
    private static final String FORM = "f1";
    private static final Doors ALL = Doors.none().withMessagesTo(List.of("ada@ashlatch.example"));

    private static Recipients told(Map<String, String> answers, Route... routes) {
        return Recipients.of(ALL.withRoutes(FORM, List.of(routes)), FORM, answers, "GB");
    }

    private static Route route(String field, String answer, String... to) {
        return new Route(field, answer, List.of(to));
    }

    @Test
    void isWhomAllMessagesGoToWhereNothingElseIsSaid() {
        assertThat(told(Map.of("service", "Sweep")))
                .isEqualTo(new Recipients(List.of("ada@ashlatch.example"), List.of()));
    }

    @Test
    void isSomebodyElseForTheAnswerThatIsSaidAndNobodyElseForAnother() {
        Route repairs = route("service", "Repair", "Ben@Ashlatch.example");
        assertThat(told(Map.of("service", "Repair"), repairs).mails()).containsExactly("ben@ashlatch.example");
        assertThat(told(Map.of("service", "Sweep"), repairs).mails()).containsExactly("ada@ashlatch.example");
        assertThat(told(Map.of(), repairs).mails()).containsExactly("ada@ashlatch.example");
    }

    @Test
    void isFoundByEachOfSeveralAnswers() {
        Route nests = route("wants", "Nest", "nests@ashlatch.example");
        assertThat(told(Map.of("wants", "Sweep, Nest, Repair"), nests).mails())
                .containsExactly("nests@ashlatch.example");
        assertThat(told(Map.of("wants", "Sweep, Nests"), nests).mails()).containsExactly("ada@ashlatch.example");
    }

    @Test
    void isEverybodyWhoseAnswerItIsOnceEach() {
        Recipients both = told(
                Map.of("service", "Repair", "urgent", "Yes"),
                route("service", "Repair", "ben@ashlatch.example", "07700 900461"),
                route("urgent", "Yes", "ben@ashlatch.example", "cat@ashlatch.example", "+44 7700 900461"));
        assertThat(both.mails()).containsExactly("ben@ashlatch.example", "cat@ashlatch.example");
        assertThat(both.texts()).containsExactly("+447700900461");
    }

    /** A text is a word that something has come; the words themselves always go somewhere by mail. */
    @Test
    void isTextedBesideTheMailAndNeverInItsPlace() {
        assertThat(told(Map.of(), route("", "", "07700 900461")))
                .isEqualTo(new Recipients(List.of("ada@ashlatch.example"), List.of("+447700900461")));
    }

    @Test
    void isForEveryMessageOnlyWhereNoAnswerSaysOtherwise() {
        Route all = route("", "", "office@ashlatch.example", "07700 900461");
        Route repairs = route("service", "Repair", "ben@ashlatch.example");
        assertThat(told(Map.of("service", "Sweep"), all, repairs).mails()).containsExactly("office@ashlatch.example");
        assertThat(told(Map.of("service", "Repair"), all, repairs))
                .isEqualTo(new Recipients(List.of("ben@ashlatch.example"), List.of("+447700900461")));
    }

    @Test
    void isAsUsualForAFormThatHasNoRoutesOrIsNotKnown() {
        Doors doors = ALL.withRoutes(FORM, List.of(route("", "", "office@ashlatch.example")));
        assertThat(Recipients.of(doors, "other", Map.of(), "GB").mails()).containsExactly("ada@ashlatch.example");
        assertThat(Recipients.of(doors, null, Map.of(), "GB").mails()).containsExactly("ada@ashlatch.example");
    }

    @Test
    void canBeAMailAddressOrANumberThatTakesTexts() {
        assertThat(List.of("ada@ashlatch.example", "07700 900461", "+1 212 555 0123"))
                .allMatch(words -> Recipients.isOne(words, "GB"));
        assertThat(List.of("", "Ben", "ben@", "0117 496 0142", "x".repeat(5_000)))
                .noneMatch(words -> Recipients.isOne(words, "GB"));
    }

    /** Whoever may be told of anything, so that they can be asked, and named when somebody goes. */
    @Test
    void areAllThatAreSetForAnyAnswer() {
        Doors doors = ALL.withRoutes(
                FORM,
                List.of(
                        route("service", "Repair", "Ben@Ashlatch.example", "07700 900461"),
                        route("", "", "ben@ashlatch.example", "ada@ashlatch.example")));
        assertThat(Recipients.mailsOf(doors)).containsExactly("ada@ashlatch.example", "ben@ashlatch.example");
        assertThat(Recipients.numbersOf(doors, "GB")).containsExactly("+447700900461");
    }
}
