package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Kept means kept: what is said of the words typed is true, and no word is lost. */
class KeepingTest {
    private BrowserContext context;
    private Page page;
    private Owner owner;

    @BeforeEach
    void aWindow() {
        context = Chromium.context(Chromium.Screen.LAPTOP);
        page = context.newPage();
        owner = new Owner(page);
    }

    @AfterEach
    void close() {
        context.close();
    }

    private static Locator keptLine(Page page) {
        return page.locator("p.kept");
    }

    private static Locator headline(Page page) {
        return page.getByLabel("Opening: headline");
    }

    /** A kept draft; answers the address of its manuscript. */
    private String manuscript(String name) {
        Owner.at(page, "/")
                .says("trade", "chimney sweep")
                .says("name", name)
                .says("telephone", "0117 496 0142")
                .waitsUntilKept()
                .taps("Lay out the page")
                .keepsTheDraft();
        return page.url();
    }

    private int sites() {
        String all = (String) page.evaluate("async () => (await fetch('/api/sites')).text()");
        return JsonMapper.shared().readTree(all).size();
    }

    @Test
    void aFactIsKeptByOneRequest() {
        page.navigate(manuscript("One Request Sweeps").replace("/page", ""));
        owner.opensFact("Telephone");
        Locator telephone = page.locator("#telephone");
        telephone.waitFor();
        List<String> asked = new ArrayList<>();
        page.onRequest(request -> {
            if (request.url().contains("/api/")) {
                asked.add(request.method() + " " + request.url().replaceAll(".*/", ""));
            }
        });
        telephone.fill("0117 496 0177");
        owner.waitsUntilKept();
        assertThat(asked).containsExactly("POST edits");
        page.reload();
        assertThat(owner.fact("Telephone")).containsText("0117 496 0177");
    }

    @Nested
    class WhileTheConnectionIsAway {
        @Test
        void aNewSheetSaysThatNothingIsKeptAndIsOneSiteAfterwards() {
            Owner.at(page, "/");
            context.setOffline(true);
            owner.says("name", "Tunnel Sweeps").says("telephone", "0117 496 0142");
            assertThat(keptLine(page)).containsText("Not kept yet: the connection is away");
            context.setOffline(false);
            owner.waitsUntilKept();
            page.reload();
            assertThat(page.locator("#name")).hasValue("Tunnel Sweeps");
            assertThat(page.locator("#telephone")).hasValue("0117 496 0142");
            assertThat(sites()).isEqualTo(1);
        }

        @Test
        void wordsTypedBeforeTheWindowIsClosedAreThereInTheNext() {
            Owner.at(page, "/").says("name", "Closed Sweeps").waitsUntilKept();
            context.setOffline(true);
            owner.says("telephone", "0117 496 0177");
            assertThat(keptLine(page)).containsText("Not kept yet");
            String address = page.url();
            page.close();
            context.setOffline(false);
            Page next = context.newPage();
            next.navigate(address);
            assertThat(next.locator("#telephone")).hasValue("0117 496 0177");
            assertThat(keptLine(next)).hasText("Kept a moment ago");
            Page fresh = context.newPage();
            fresh.navigate(address);
            assertThat(fresh.locator("#telephone")).hasValue("0117 496 0177");
        }

        @Test
        void aPressOnFactsShowsWhatWasLastKnownAndNeverAnEmptySheet() {
            String manuscript = manuscript("Last Known Sweeps");
            String facts = manuscript.replace("/page", "");
            page.navigate(facts);
            owner.fact("Telephone").waitFor();
            page.navigate(manuscript);
            headline(page).waitFor();
            page.waitForFunction("() => performance.getEntriesByType('resource').some(e => /Enquiries/.test(e.name))");
            context.setOffline(true);
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Facts"))
                    .click();
            assertThat(owner.fact("Telephone")).containsText("0117 496 0142");
            assertThat(keptLine(page)).containsText("You see what was last known");
            context.setOffline(false);
            assertThat(keptLine(page)).hasText("All of it is kept");
            assertThat(sites()).isEqualTo(1);
        }

        @Test
        void aScreenOfASiteNeverSeenHereSaysSoAndOpensByItself() {
            String manuscript = manuscript("Never Seen Sweeps");
            page.evaluate("() => indexedDB.deleteDatabase('ostium')");
            page.navigate(Chromium.editor() + "/account");
            page.waitForFunction("() => performance.getEntriesByType('resource').some(e => /Enquiries/.test(e.name))");
            page.route("**/api/sites/**", com.microsoft.playwright.Route::abort);
            page.evaluate(
                    "path => { history.pushState({}, '', path); dispatchEvent(new PopStateEvent('popstate')) }",
                    manuscript);
            assertThat(page.getByText("This screen opens by itself once it is back."))
                    .isVisible();
            page.unrouteAll();
            assertThat(headline(page)).isVisible();
        }
    }

    @Nested
    class SignedOutInAnotherWindow {
        @Test
        void theWordsWaitAndASignInHereKeepsThem() {
            manuscript("Signed Out Sweeps");
            String email = JsonMapper.shared()
                    .readTree((String) page.evaluate("async () => (await fetch('/api/session')).text()"))
                    .path("email")
                    .asString();
            Page other = context.newPage();
            other.navigate(Chromium.editor() + "/account");
            new Owner(other).taps("Sign out");
            other.waitForURL("**/sign-in");

            headline(page).fill("Typed while signed out");
            assertThat(keptLine(page)).hasText("You are signed out.");
            assertThat(headline(page)).hasText("Typed while signed out");
            owner.taps("Sign in here").says("email", email).says("password", "a long password");
            page.keyboard().press("Enter");
            assertThat(keptLine(page)).hasText("Kept a moment ago");
            page.reload();
            assertThat(headline(page)).hasText("Typed while signed out");
        }

        @Test
        void aScreenOpenedThenAsksForASignInAndIsThereAfterIt() {
            String address = manuscript("Opened Later Sweeps");
            String email = JsonMapper.shared()
                    .readTree((String) page.evaluate("async () => (await fetch('/api/session')).text()"))
                    .path("email")
                    .asString();
            context.clearCookies();
            page.navigate(address);
            assertThat(page.getByText("Sign in, and you are where you were.")).isVisible();
            owner.says("email", email).says("password", "a long password").taps("Sign in");
            assertThat(headline(page)).isVisible();
        }
    }

    @Nested
    class WhatCannotBeKept {
        @Test
        void staysWhereItWasTypedWithTheReasonOverAReloadAndUndoTakesItBack() {
            manuscript("Long Sweeps");
            String before = headline(page).textContent();
            headline(page).fill("x".repeat(230));
            assertThat(keptLine(page)).containsText("Something is not kept.");
            assertThat(page.getByText("At most 200 characters, please").first()).isVisible();
            page.onDialog(dialog -> dialog.accept());
            page.reload();
            assertThat(headline(page)).hasText("x".repeat(230));
            owner.taps("Undo");
            assertThat(headline(page)).hasText(before);
            assertThat(page.getByText("Taken back: words that were not kept.")).isVisible();
        }

        /** The section was taken out elsewhere while somebody wrote in it: the words are not lost, and say why they wait. */
        @Test
        void areWordsInASectionThatIsGoneAndTheyAreStillThere() {
            String address = manuscript("Gone Sweeps");
            // It does not hear of the other window before the words are typed.
            page.route("**/revision", com.microsoft.playwright.Route::abort);
            Page second = context.newPage();
            second.navigate(address);
            headline(second).waitFor();
            second.getByLabel("Enquiry form: heading").click();
            new Owner(second).taps("Remove").waitsUntilKept();
            page.getByLabel("Enquiry form: heading").fill("Words of mine");
            assertThat(page.getByText("Your words, kept aside: what they were written in was taken off the page"))
                    .isVisible();
            assertThat(page.getByText("Words of mine")).isVisible();
            page.reload();
            assertThat(page.getByText("Words of mine")).isVisible();
            owner.taps("Let them go");
            assertThat(page.getByText("Words of mine")).hasCount(0);
        }

        @Test
        void isOneLineOfTheFactsAndEveryOtherIsKept() {
            String facts = manuscript("Met Sweeps").replace("/page", "");
            page.navigate(facts);
            owner.opensFact("Telephone");
            Page second = context.newPage();
            second.navigate(facts);
            new Owner(second)
                    .opensFact("Telephone")
                    .says("telephone", "0117 496 0111")
                    .waitsUntilKept();
            owner.says("telephone", "0117 496 0222");
            assertThat(page.getByText("Somebody else has changed this too.")).isVisible();
            assertThat(page.locator(".stop")).containsText("Theirs: “0117 496 0111”");
            owner.opensFact("You answer").says("promise", "the same day");
            second.reload();
            assertThat(new Owner(second).fact("You answer")).containsText("the same day");
            owner.taps("Keep yours");
            owner.waitsUntilKept();
            second.reload();
            assertThat(new Owner(second).fact("Telephone")).containsText("0117 496 0222");
        }
    }

    @Test
    void aStepBackIsSaidAndGoneTo() {
        manuscript("Told Sweeps " + UUID.randomUUID());
        headline(page).fill("Told of");
        owner.waitsUntilKept();
        page.getByLabel("Enquiry form: heading").click();
        owner.taps("Undo");
        assertThat(page.getByText("Taken back: words in Opening.")).isVisible();
        assertThat(headline(page)).isFocused();
    }
}
