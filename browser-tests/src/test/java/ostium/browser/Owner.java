package ostium.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

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
        page.locator("#" + field).fill(words);
        return this;
    }

    Owner taps(String button) {
        button(button).first().click();
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

    /** Waits until all that was typed is kept. */
    Owner waitsUntilKept() {
        page.getByText("Kept a moment ago").waitFor();
        return this;
    }
}
