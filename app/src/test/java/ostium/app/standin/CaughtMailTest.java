package ostium.app.standin;

import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What the mail stand-in takes is shown, the newest of it; the rest is not held. */
class CaughtMailTest {
    private final CaughtMail mail = new CaughtMail("");

    @BeforeEach
    void begin() throws Exception {
        mail.begin();
    }

    @AfterEach
    void end() {
        mail.stop();
    }

    private void sends(String subject) {
        GreenMailUtil.sendTextEmail(
                "ada@ashlatch.example",
                "no-reply@ostium.example",
                subject,
                "How is the flue?",
                new ServerSetup(mail.port(), "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    }

    @Test
    void aMailIsShownAndTheServerBehindItHoldsNone() {
        sends("first");
        sends("second");
        assertThat(mail.caught()).extracting(CaughtMail.Caught::subject).containsExactly("second", "first");
        assertThat(mail)
                .extracting("server", InstanceOfAssertFactories.type(GreenMail.class))
                .extracting(server -> server.getReceivedMessages().length)
                .isEqualTo(0);
    }

    @Test
    void aServerThatWasDownTakesMailAgainAndShowsWhatCameBefore() {
        sends("before");
        mail.stop();
        mail.start();
        sends("after");
        assertThat(mail.caught()).extracting(CaughtMail.Caught::subject).containsExactly("after", "before");
    }
}
