package ostium.browser;

import com.microsoft.playwright.Page;
import java.util.UUID;

/** Hands that never leave the keyboard. */
record Keyboard(Page page) {
    Keyboard tabsTo(String name) {
        for (int i = 0; i < 250; i++) {
            Object here = page.evaluate("() => { const e = document.activeElement;"
                    + " return e.getAttribute('aria-label') || e.textContent.replace(/\\s+/g, ' ').trim() }");
            if (name.equals(here)) {
                return this;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("no way to “" + name + "” by Tab");
    }

    /** Within a toolbar, which Tab passes by in one step. */
    Keyboard arrowsTo(String name) {
        for (int i = 0; i < 20; i++) {
            if (name.equals(page.evaluate("() => document.activeElement.textContent.trim()"))) {
                return this;
            }
            page.keyboard().press("ArrowRight");
        }
        throw new AssertionError("no way to “" + name + "” by arrow keys");
    }

    Keyboard tabsToField(String id) {
        for (int i = 0; i < 80; i++) {
            if (id.equals(page.evaluate("document.activeElement.id"))) {
                return this;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("no way to #" + id + " by Tab");
    }

    Keyboard presses(String key) {
        page.keyboard().press(key);
        return this;
    }

    Keyboard types(String words) {
        page.keyboard().type(words);
        return this;
    }

    /** All of it at one go, as dictated: no pause between two keys makes two steps back of it. */
    Keyboard writes(String words) {
        page.keyboard().insertText(words);
        return this;
    }

    /** Fills in who an account is for, and sends it; its mail address. */
    String signsUp() {
        String email = UUID.randomUUID() + "@quill.example";
        tabsToField("account-name").types("Ada Ashlatch");
        tabsToField("account-email").types(email);
        tabsToField("account-password").types("a long password").presses("Enter");
        return email;
    }
}
