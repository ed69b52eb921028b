package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** From a pasted signature to the public page: nothing of its hours is lost on the way, and nothing is guessed. */
class PastedHoursTest {
    private static final String SIGNATURE = """
            Mornings Sweeps
            chimney sweep in Quillhaven
            0117 496 0142
            Mon-Thu 8.30-5, Fri 8-10, Sat mornings 9 till 12.30, Sun when the tide allows
            """;

    @ParameterizedTest
    @EnumSource(Chromium.Screen.class)
    void aSignatureIsAskedAboutPublishedAndRight(Chromium.Screen screen) {
        try (BrowserContext context = Chromium.context(screen)) {
            Page page = context.newPage();
            Owner owner = Owner.at(page, "/").pastes(SIGNATURE);
            assertThat(page.getByText("“Sun when the tide allows” beside it could not be read."))
                    .isVisible();
            Locator take = page.getByText("Take all");
            take.click();
            Locator meaning = page.locator(".chip-leaf", new Page.LocatorOptions().setHasText("Fri 8am–10am"));
            assertThat(meaning).isVisible();
            meaning.click();
            owner.waitsUntilKept().taps("Lay out the page");
            owner.keepsTheDraft();
            String name = "pasted-hours-" + screen.name().toLowerCase(java.util.Locale.ROOT);
            owner.publishes(name);
            page.navigate(Chromium.site(name));
            Locator saturday = page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Sat"));
            assertThat(page.locator("body")).containsText("12:30");
            assertThat(page.locator("body")).not().containsText("Sat closed");
            if (saturday.count() > 0) {
                assertThat(saturday.first()).containsText("9");
            }
        }
    }
}
