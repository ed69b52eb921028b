package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ostium.app.StandInMails;

/** Whoever is not signed in is told so where they are, and comes to what they asked for. */
class SignedOutTest {
    private BrowserContext context;
    private Page page;

    @BeforeEach
    void aWindow() {
        context = Chromium.context(Chromium.Screen.LAPTOP);
        page = context.newPage();
    }

    @AfterEach
    void close() {
        context.close();
    }

    @Test
    void theListOfSitesAsksForASignInAndShowsThemAfterIt() {
        page.navigate(Chromium.editor() + "/sites");
        assertThat(page.getByText("Sign in to see your sites")).isVisible();
        new Owner(page).says("email", "nell@corrin.example").says("password", "quillhaven");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Ashlatch Chimney Care").first()).isVisible();
    }

    @Test
    void aLinkIsSentToNobodyWhereNoAddressWasTyped() {
        page.navigate(Chromium.editor() + "/forgotten");
        new Owner(page).taps("Send me a link");
        assertThat(page.locator("[aria-invalid=true]")).isFocused();
        assertThat(page.locator("#main")).not().containsText("is on its way");
    }

    @Test
    void anAddressThereIsNotIsAScreenThatLeadsOn() {
        for (String path : new String[] {"/nowhere", "/sites/", "/sites/00000000-0000-4000-8000-000000000000/page"}) {
            page.navigate(Chromium.editor() + path);
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                    .isVisible();
            assertThat(page.locator("header .sign")).isVisible();
        }
    }

    /** Somebody who has an account signs in where the invitation is open, and goes on there. */
    @Test
    void anInvitationIsAnsweredWithAnAccountThereIs() {
        String helper = "helper-" + System.nanoTime() + "@quill.example";
        keeps(page, "Inviting Sweeps", "inviting-" + helper);
        page.navigate(page.url().replace("/page", "/people"));
        page.locator("#ask-for-help-email").fill(helper);
        new Owner(page).taps("Ask them");
        page.getByText("Asked. They have a mail with a link.").waitFor();
        try (BrowserContext elsewhere = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page other = elsewhere.newPage();
            keeps(other, "Helping Sweeps", helper);
            elsewhere.clearCookies();
            other.navigate(Chromium.editor() + StandInMails.linkTo(helper));
            Owner helping = new Owner(other).taps("I have an account");
            helping.says("email", helper).says("password", "a long password").taps("Sign in");
            helping.taps("I will help");
            other.waitForURL("**/page");
            assertThat(other.locator("header .sign")).hasText("Inviting Sweeps");
        }
    }

    private static void keeps(Page page, String name, String email) {
        Owner owner = Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", name)
                .says("telephone", "0117 496 0142")
                .waitsUntilKept()
                .taps("Lay out the page");
        owner.keepsTheDraft(email);
    }

    /** Whoever signs in to the one site they have, which is not public yet, goes on with it. */
    @Test
    void aSignInToOneSiteThatIsNotPublicGoesOnWithIt() {
        String email = "one-" + System.nanoTime() + "@quill.example";
        keeps(page, "Only Sweeps", email);
        context.clearCookies();
        Owner owner = new Owner(page);
        page.navigate(Chromium.editor() + "/sign-in");
        owner.says("email", email).says("password", "a long password").taps("Sign in");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("Facts").setExact(true)))
                .isVisible();
    }
}
