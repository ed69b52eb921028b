package ostium.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import ostium.core.Samples;
import ostium.core.base.Seed;
import ostium.core.door.Route;
import ostium.core.draft.Draft;
import ostium.core.draft.Drafter;
import ostium.core.enquiry.SectionForms;
import ostium.core.site.Section;

/** Who an owner can say is told of messages, and what is refused. */
class SetRoutesTest {
    private static final Draft DRAFT = Drafter.draft(Samples.brief("ashlatch"), new Seed(1));
    private static final Section SECTION = SectionForms.in(DRAFT.site()).get(0);
    private static final State STATE = new State(Samples.sheet("ashlatch"), DRAFT.site(), DRAFT.look(), DRAFT.doors());

    private static Applied set(Route... routes) {
        return new WholeEdit.SetRoutes(SECTION.id(), List.of(routes)).apply(STATE);
    }

    private static Route to(String... to) {
        return new Route("service", "Chimney sweep", List.of(to));
    }

    private static void refused(String words, Route... routes) {
        assertThatThrownBy(() -> set(routes)).isInstanceOf(EditRefused.class).hasMessageContaining(words);
    }

    @Test
    void isKeptStoredAndTakenBackExactly() {
        Applied applied = set(to("ben@ashlatch.example", "07700 900461"));
        assertThat(applied.state().doors().routes(SECTION.id()))
                .containsExactly(to("ben@ashlatch.example", "07700 900461"));
        assertThat(Stored.readState(Stored.write(applied.state()))).isEqualTo(applied.state());
        assertThat(applied.inverse().apply(applied.state()).state()).isEqualTo(STATE);
    }

    @Test
    void isNothingVisitorsSeeSoNothingWaitsToBePublished() {
        State told = set(to("ben@ashlatch.example")).state();
        assertThat(told.doors().forms()).isEqualTo(STATE.doors().forms());
        assertThat(told.site()).isEqualTo(STATE.site());
    }

    /** The owner has chosen an answer and not yet said whom; or the form has lost its answer since. */
    @Test
    void canStandUnfinished() {
        assertThat(set(to(), new Route("gone", "Gone", List.of())).state()).isNotNull();
    }

    @Test
    void namesWhatIsNoRecipient() {
        refused("“Ben” is neither a mail address nor a mobile number", to("Ben"));
        refused("“0117 496 0142” is neither", to("0117 496 0142"));
    }

    @Test
    void isSoManyAndNoMore() {
        refused("At most 10 rules", Collections.nCopies(11, to()).toArray(Route[]::new));
        refused("At most 5 addresses", new Route("", "", Collections.nCopies(6, "ben@ashlatch.example")));
        refused("At most 100 characters", new Route("service", "x".repeat(101), List.of()));
    }

    @Test
    void isOnlyOfASectionWithAFormForMessages() {
        assertThatThrownBy(() -> new WholeEdit.SetRoutes("nowhere", List.of()).apply(STATE))
                .isInstanceOf(EditRefused.class);
        String other = DRAFT.site()
                .sections()
                .map(Section::id)
                .filter(id -> !id.equals(SECTION.id()))
                .findFirst()
                .orElseThrow();
        assertThatThrownBy(() -> new WholeEdit.SetRoutes(other, List.of()).apply(STATE))
                .isInstanceOf(EditRefused.class);
    }
}
