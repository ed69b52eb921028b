package ostium.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Pattern;
import ostium.app.TestDatabase;

/** What an owner does, in the owner's words. */
final class Owner {
    final Page page;

    Owner(Page page) {
        this.page = page;
    }

    static Owner at(Page page, String path) {
        page.navigate(Chromium.editor() + path);
        return new Owner(page);
    }

    Owner says(String field, String words) {
        Locator line = page.locator("#" + field);
        line.waitFor();
        waitsForTheDialog();
        line.fill(words);
        return this;
    }

    /**
     * A dialog takes the focus a frame after it is seen, and what is typed before would land in its first field. No hand is
     * that quick, but a test is.
     */
    Owner waitsForTheDialog() {
        page.waitForFunction("() => [...document.querySelectorAll('[role=dialog][data-state=open]')]"
                + ".every((dialog) => dialog.contains(document.activeElement))");
        return this;
    }

    Owner taps(String button) {
        button(button).first().click();
        return this;
    }

    /** Opens a row of the facts sheet by what it is called. */
    Owner opensFact(String label) {
        fact(label).click();
        return this;
    }

    /** A row of the facts sheet, as long as it is closed. */
    Locator fact(String label) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label + ": ")));
    }

    /** A day of the drawn week, with what is said of it. */
    Locator day(String name, String hours) {
        return page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + "\\s*, " + hours + "$")));
    }

    /** Pastes words into the box for what an owner has, and waits for what was found. */
    Owner pastes(String words) {
        page.locator("#paste").fill(words);
        taps("Read it");
        page.locator("#found-heading").waitFor();
        return this;
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Owner signsIn(String email, String password) {
        page.navigate(Chromium.editor() + "/sign-in");
        says("email", email).says("password", password).taps("Sign in");
        page.waitForURL("**/sites**");
        return this;
    }

    /** Ada, of the demo data. */
    Owner signsInAsAda() {
        signsIn("ada@ashlatch.example", "quillhaven");
        page.navigate(Chromium.editor() + "/sites");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ashlatch Chimney Care"))
                .click();
        page.waitForURL("**/enquiries");
        return this;
    }

    /** Keeps the draft that is shown, with a new account, from the keys; {@link JourneyTest} presses the button. */
    Owner keepsTheDraft() {
        return keepsTheDraft(UUID.randomUUID() + "@quill.example");
    }

    /** The same with an address of one's own, which is shown to be theirs; {@link MailedLinksTest} opens the mail. */
    Owner keepsTheDraft(String email) {
        taps("Keep this one");
        says("account-name", "Ada Ashlatch").says("account-email", email).says("account-password", "a long password");
        page.locator("#account-password").press("Enter");
        page.getByLabel("Opening: headline").waitFor();
        TestDatabase.confirm(email);
        return this;
    }

    /** Publishes a kept draft for the first time, and stays on the screen for publishing. */
    Owner publishes(String address) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Publish"))
                .first()
                .click();
        page.waitForURL("**/publish");
        says("address", address).taps("Make it public");
        page.getByText("Your page is public at").waitFor();
        return this;
    }

    /** Waits until all that was typed is kept. */
    Owner waitsUntilKept() {
        page.getByText("Kept a moment ago").waitFor();
        return this;
    }
}
