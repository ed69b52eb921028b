package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.util.Map;
import java.util.UUID;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ostium.app.Browserlike;
import ostium.app.StandInMails;

/** An owner opens the link for a new address where nobody is signed in: the telephone, mostly. */
class NewAddressTest {

    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void signsInWithTheOldOneFirst(Chromium.Screen screen) {
        String old = UUID.randomUUID() + "@quill.example";
        String next = UUID.randomUUID() + "@quill.example";
        Browserlike owner = Browserlike.fresh();
        owner.signUp(old);
        owner.call("PUT", "/api/account/email", Map.of("current", "a long password", "email", next));
        try (BrowserContext context = Chromium.context(screen)) {
            Page page = context.newPage();
            page.navigate(Chromium.editor() + StandInMails.linkTo(next));
            assertThat(page.getByText("Sign in with the address you have had so far"))
                    .isVisible();
            Assertions.assertThat(Axe.findings(page)).isEmpty();
            page.getByLabel("E-mail").fill(old);
            page.getByLabel("Password").fill("a long password");
            page.getByLabel("Password").press("Enter");
            assertThat(page.getByText("From now on you sign in with your new address."))
                    .isVisible();
            assertThat(page.locator("#account")).isFocused();
        }
    }
}
