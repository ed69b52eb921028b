package ostium.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Pictures and files: given, described, cut with the keyboard, seen by visitors, and taken back. */
class PicturesTest {
    private static final Path DEMO = Path.of("../demo");
    private static final Path STRINGS = DEMO.resolve("piano-strings.jpg");

    private static Owner owner(Page page, String name) {
        Owner owner = Owner.at(page, "/")
                .says("trade", "piano tuner")
                .says("name", name)
                .says("telephone", "0117 496 0388")
                .says("hours", "Tue-Fri 10-6");
        owner.taps("Tuning").waitsUntilKept().taps("Lay out the page");
        page.waitForURL("**/page");
        owner.keepsTheDraft();
        page.navigate(page.url().replaceFirst("/(page|manuscript)$", ""));
        page.locator("button.opener").first().waitFor();
        return owner;
    }

    private static void gives(Page page, String use, Path... files) {
        page.locator("#give-" + use).setInputFiles(files);
    }

    @Test
    void aPhotographIsGivenDescribedCutAndPublished() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            List<String> complaints = Chromium.complaints(page);
            Owner owner = owner(page, "Pictured Pianos");
            String facts = page.url();
            owner.opensFact("At the opening");
            assertThat(page.locator("#give-opening-limits")).containsText("20 MB and 50 million pixels");
            gives(page, "opening", STRINGS);
            Locator alternative = page.locator("[id$=alternative]");
            assertThat(alternative).isFocused();
            assertThat(page.getByText("What does it show? Say it")).isVisible();
            alternative.fill("A tuning lever on the pins of a grand piano");
            assertThat(page.locator(".print img")).isVisible();

            owner.taps("Cut and change");
            assertThat(page.locator(".stage img")).isVisible();
            page.getByText("Square", new Page.GetByTextOptions().setExact(true)).click();
            page.locator(".stage [role=button]").focus();
            page.keyboard().press("ArrowRight");
            page.keyboard().press("+");
            page.locator(".frame button").focus();
            page.keyboard().press("ArrowUp");
            assertThat(page.locator(".frame button")).containsText("45 % from the top");
            assertThat(Axe.findings(page)).isEmpty();
            owner.taps("Use it so").waitsUntilKept();
            assertThat(page.locator(".picture .acts")).containsText("970 × 970");
            assertThat(page.locator(".making")).hasCount(0);
            owner.taps("Done with At the opening");
            assertThat(owner.fact("At the opening")).containsText("in 1 place");

            page.navigate(facts + "/publish");
            owner.says("address", "pictured-pianos").taps("Make it public");
            page.getByText("Your page is public at").waitFor();
            page.navigate(Chromium.site("pictured-pianos"));
            Locator picture = page.getByAltText("A tuning lever on the pins of a grand piano");
            assertThat(picture).isVisible();
            assertThat((Integer) picture.evaluate("image => image.naturalWidth"))
                    .isPositive();
            assertThat((String) picture.evaluate("image => image.currentSrc")).endsWith(".webp");
            assertThat((String) picture.evaluate("image => getComputedStyle(image).objectPosition"))
                    .isEqualTo("50% 45%");
            assertThat(Axe.findings(page)).isEmpty();
            assertThat(complaints).isEmpty();
        }
    }

    @Test
    void aLogoLosesItsMarginAndItsGroundAndComesBack() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = owner(page, "Logo Pianos");
            owner.opensFact("Logo");
            gives(page, "logo", DEMO.resolve("wren-logo.png"));
            Locator size = page.locator(".picture .acts");
            assertThat(size).containsText("438 × 34");
            owner.taps("Cut and change");
            assertThat(page.getByText("As cut")).isVisible();
            page.getByText("Take it away", new Page.GetByTextOptions().setExact(true))
                    .click();
            owner.taps("Use it so").waitsUntilKept();
            // The print of before stands there until the one that was made is fetched.
            page.waitForCondition(() -> alphaOfCorner(page) == 0);
            assertThat(page.locator(".making")).hasCount(0);

            owner.taps("Cut and change");
            page.getByText("As it is", new Page.GetByTextOptions().setExact(true))
                    .click();
            page.getByText("Keep it", new Page.GetByTextOptions().setExact(true))
                    .click();
            owner.taps("Use it so").waitsUntilKept();
            assertThat(size).containsText("900 × 700");
            page.waitForCondition(() -> alphaOfCorner(page) == 255);
            assertThat(page.locator(".making")).hasCount(0);
        }
    }

    private static int alphaOfCorner(Page page) {
        return (Integer) page.locator(".print img").evaluate("""
                async image => {
                  await image.decode();
                  const canvas = document.createElement('canvas');
                  canvas.width = image.naturalWidth;
                  canvas.height = image.naturalHeight;
                  const context = canvas.getContext('2d');
                  context.drawImage(image, 0, 0);
                  return context.getImageData(image.naturalWidth - 1, 0, 1, 1).data[3];
                }""");
    }

    @Test
    void whatIsTurnedAwaySaysWhyAndTheRestIsTaken() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.PHONE)) {
            Page page = context.newPage();
            Owner owner = owner(page, "Sorted Pianos");
            owner.opensFact("Of your work");
            page.locator("#give-work").setInputFiles(new FilePayload[] {
                new FilePayload("van.jpg", "image/jpeg", "PK\3\4 and more".getBytes(StandardCharsets.UTF_8)),
                new FilePayload(
                        "logo.svg",
                        "image/svg+xml",
                        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><script>1</script></svg>"
                                .getBytes(StandardCharsets.UTF_8)),
                new FilePayload("strings.jpg", "image/jpeg", bytes("piano-strings.jpg"))
            });
            Locator sent = page.locator(".sent");
            assertThat(sent).containsText("ZIP archive, though its name ends in “.jpg”");
            assertThat(sent).containsText("contains a program (“script”)");
            assertThat(sent.locator("li").nth(2)).containsText("Taken.");
            assertThat(page.locator(".picture")).hasCount(1);
            assertThat(Axe.findings(page)).isEmpty();

            page.locator(".picture select").selectOption("opening");
            owner.waitsUntilKept();
            assertThat(page.locator(".picture")).hasCount(0);
            assertThat(owner.fact("At the opening")).containsText("Strings");
        }
    }

    @Test
    void aPictureTooSmallForTheOpeningIsTakenAndSaidToBeSmall() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            owner(page, "Small Pianos").opensFact("At the opening");
            page.locator("#give-opening").setInputFiles(new FilePayload("thumb.png", "image/png", png(60, 40)));
            assertThat(page.getByText("This is small for the opening")).isVisible();
        }
    }

    private static byte[] png(int width, int height) {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", png);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return png.toByteArray();
    }

    @Test
    void thePictureGivenTwiceStandsTwiceAndTheRowStillCloses() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = owner(page, "Twice Pianos");
            owner.opensFact("Of your work");
            gives(page, "work", STRINGS);
            assertThat(page.locator(".picture")).hasCount(1);
            gives(page, "work", STRINGS);
            assertThat(page.locator(".sent")).containsText("Taken.");
            page.keyboard().press("Escape");
            assertThat(owner.fact("Of your work")).isFocused();
        }
    }

    @Test
    void aPdfDroppedOrPastedAnywhereOnTheSheetIsTaken() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = owner(page, "Listed Pianos");
            page.evaluate("""
                    base64 => {
                      const bytes = Uint8Array.from(atob(base64), each => each.charCodeAt(0));
                      const data = new DataTransfer();
                      data.items.add(new File([bytes], 'price-list.pdf', { type: 'application/pdf' }));
                      document.body.dispatchEvent(
                        new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
                    }""", Base64.getEncoder().encodeToString(bytes("price-list.pdf")));
            assertThat(page.locator("[id^=document-][id$=answer]")).hasText("PDF, 1 page, 25 KB");
            assertThat(page.getByLabel("What it is called on the page")).hasValue("Price list");
            owner.waitsUntilKept();

            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Page").setExact(true))
                    .first()
                    .click();
            FrameLocator shopfront = page.frameLocator("iframe");
            assertThat(shopfront.locator(".files a")).hasText("Price list");
            assertThat(shopfront.locator(".files small")).hasText("PDF, 1 page, 25 KB");
        }
    }

    private static byte[] bytes(String name) {
        try (InputStream in = java.nio.file.Files.newInputStream(DEMO.resolve(name))) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void aPressOnThePictureOfThePageChangesIt() {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            Page page = context.newPage();
            Owner owner = owner(page, "Pressed Pianos");
            page.navigate(page.url() + "/page");
            Locator dialog = page.getByRole(AriaRole.DIALOG);
            page.frameLocator("iframe")
                    .locator(".beside > .pic, .across .shot, .across .orn")
                    .first()
                    .click();
            assertThat(dialog).containsText("Change the picture at the opening");
            gives(page, "opening", STRINGS);
            dialog.locator("[id$=alternative]").fill("A tuning lever on the pins of a grand piano");
            page.keyboard().press("Escape");
            assertThat(page.frameLocator("iframe")
                            .locator("img[alt^='A tuning lever']")
                            .first())
                    .isVisible();
            owner.taps("Change the picture");
            assertThat(dialog.locator("[id$=alternative]")).hasValue("A tuning lever on the pins of a grand piano");
        }
    }
}
