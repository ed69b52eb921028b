package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.util.UUID;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import ostium.app.StandInMails;

/** An address that messages are to go to says yes first, on whatever telephone its mail is read. */
class RecipientTest {
    private final String office = UUID.randomUUID() + "@quill.example";

    @Test
    void saysYesByTheLinkInTheMail() {
        try (BrowserContext desk = Chromium.context(Chromium.Screen.LAPTOP);
                BrowserContext phone = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = desk.newPage();
            Owner.at(page, "/")
                    .says("trade", "chimney sweep")
                    .says("name", "Asked Sweeps")
                    .says("telephone", "0117 496 0142")
                    .taps("Chimney sweep")
                    .says("services-0-price", "65")
                    .waitsUntilKept()
                    .taps("Lay out the page");
            page.waitForURL("**/page");
            Owner owner = new Owner(page).keepsTheDraft();
            page.locator("#messages-to").fill(office);
            page.locator("#messages-to").blur();
            assertThat(page.getByText(office + " has not said yes yet.")).isVisible();
            Assertions.assertThat(Axe.findings(page)).isEmpty();
            owner.taps("Ask again");
            assertThat(page.getByText(office + " has had a mail already. Wait an hour"))
                    .isVisible();

            Page mail = phone.newPage();
            mail.navigate(Chromium.editor() + "/recipient/" + StandInMails.askedToken(office, 1));
            assertThat(mail.locator("h1")).hasText("Messages of Asked Sweeps");
            Assertions.assertThat(Axe.findings(mail)).isEmpty();
            new Owner(mail).taps("Let them come");
            assertThat(mail.getByText("From now on the messages of Asked Sweeps come to " + office))
                    .isVisible();
            mail.reload();
            assertThat(mail.getByText("This link is not good any more.")).isVisible();

            page.evaluate("() => dispatchEvent(new Event('focus'))");
            assertThat(page.getByText(office + " has not said yes yet.")).isHidden();
        }
    }
}
