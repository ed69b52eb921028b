package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.booking.BookableService;
import ostium.core.booking.BookingQuestion;
import ostium.core.booking.BookingRules;
import ostium.core.booking.Resource;
import ostium.core.booking.StartingRules;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** How bookings are taken is an edit like any other: limited, stored, and taken back. */
class SetBookingTest {
    private static final State STATE = State.begun(Samples.sheet("ashlatch"));
    private static final BookingRules RULES = StartingRules.of(Samples.brief("ashlatch"));

    private static Applied sets(BookingRules rules) {
        return new WholeEdit.SetBooking(rules, false).apply(STATE);
    }

    private static BookingRules with(UnaryOperator<ObjectNode> change) {
        ObjectNode tree = (ObjectNode) JsonMapper.shared().valueToTree(RULES);
        return JsonMapper.shared().treeToValue(change.apply(tree), BookingRules.class);
    }

    @Test
    void isKeptAndTakenBack() {
        Applied applied = sets(RULES);
        assertThat(applied.state().doors().bookingRules()).hasValue(RULES);
        State back = applied.inverse().apply(applied.state()).state();
        assertThat(back.doors()).isEqualTo(STATE.doors());
    }

    @Test
    void isStoredAndReadAgain() {
        State state = sets(RULES).state();
        assertThat(Stored.readState(Stored.write(state))).isEqualTo(state);
    }

    @Test
    void startsAsTheTradeSuggests() {
        assertThat(RULES.travels()).as("a sweep comes to people").isTrue();
        assertThat(RULES.atOnce()).isFalse();
        assertThat(StartingRules.of(Samples.brief("bellkite")).travels()).isFalse();
        assertThat(RULES.services()).extracting(BookableService::service).allMatch(id -> id.startsWith("service/"));
    }

    @Test
    void hasLimitsThatAreSaid() {
        refuses(with(tree -> tree.put("notice", -1)), "notice");
        refuses(with(tree -> tree.put("daysAhead", 0)), "1 to 365 days");
        refuses(with(tree -> tree.put("grid", 7)), "steps in the list");
        refuses(with(tree -> tree.put("hours", "when it rains")), "");
        refuses(with(tree -> tree.put("costs", "x".repeat(201))), "200 characters");
        refuses(
                with(tree -> tree.set(
                        "questions",
                        JsonMapper.shared().valueToTree(Collections.nCopies(7, new BookingQuestion("Why?", false))))),
                "6 questions");
        refuses(
                with(tree -> tree.set(
                        "resources",
                        JsonMapper.shared()
                                .valueToTree(List.of(new Resource("a", Resource.Kind.ROOM, "", "", List.of()))))),
                "Give a name");
        refuses(
                with(tree -> tree.set(
                        "services",
                        JsonMapper.shared().valueToTree(List.of(new BookableService("service/sweep", null, 0, 0, 0))))),
                "people can come at once");
    }

    private static void refuses(BookingRules rules, String words) {
        assertThatThrownBy(() -> sets(rules)).isInstanceOf(EditRefused.class).hasMessageContaining(words);
    }
}
