package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.UUID;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ostium.app.Browserlike;
import ostium.app.StandInMails;

/** An owner opens the link of a mail where nobody is signed in: at the telephone, mostly. */
class MailedLinksTest {
    private static final String PASSWORD = "a long password";

    /** Signs in on the screen of a link; what the link does is done then, and the way on has the cursor. */
    private static void signsIn(
            Chromium.Screen screen, String link, String email, String asked, String done, String on) {
        try (BrowserContext context = Chromium.context(screen)) {
            Page page = context.newPage();
            page.navigate(Chromium.editor() + link);
            assertThat(page.getByText(asked)).isVisible();
            Assertions.assertThat(Axe.findings(page)).isEmpty();
            page.getByLabel("E-mail").fill(email);
            page.getByLabel("Password").fill(PASSWORD);
            page.getByLabel("Password").press("Enter");
            assertThat(page.getByText(done)).isVisible();
            assertThat(page.getByRole(AriaRole.MAIN).getByText(on)).isFocused();
        }
    }

    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void forANewAddressOneSignsInWithTheOldOneFirst(Chromium.Screen screen) {
        String old = UUID.randomUUID() + "@quill.example";
        String next = UUID.randomUUID() + "@quill.example";
        Browserlike owner = Browserlike.fresh();
        owner.signUp(old);
        owner.call("PUT", "/api/account/email", Map.of("current", PASSWORD, "email", next));
        signsIn(
                screen,
                StandInMails.linkTo(next),
                old,
                "Sign in with the address you have had so far",
                "From now on you sign in with your new address.",
                "Your account");
    }

    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void thatAnAddressIsTheirsCountsOnceTheyAreSignedIn(Chromium.Screen screen) {
        String email = UUID.randomUUID() + "@quill.example";
        Browserlike.fresh().signUpUnconfirmed(email);
        signsIn(
                screen,
                "/confirm-address/" + StandInMails.askedToken(email, 1),
                email,
                "Sign in, and the link counts for your account.",
                "Thank you. The address is yours",
                "Your sites");
    }
}
