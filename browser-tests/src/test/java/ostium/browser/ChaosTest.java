package ostium.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A bad day: an owner goes from screen to screen and types, while the connection is cut and slow, the session ends and the
 * window is reloaded, at random. What was called kept is there in a fresh window, whatever happened.
 *
 * <p>{@code -Dostium.chaos.seeds=10 -Dostium.chaos.actions=300} plays ten long days, from the seed
 * {@code ostium.chaos.first} on; one short one is played otherwise.
 */
@Tag("long")
class ChaosTest {
    private static final int ACTIONS = Integer.getInteger("ostium.chaos.actions", 150);
    private static final List<String> LINES = List.of("promise", "person", "founded");
    private static final List<String> TEXTS =
            List.of("Opening: headline", "Enquiry form: heading", "Enquiry form: words of the button");

    static IntStream seeds() {
        int first = Integer.getInteger("ostium.chaos.first", 1);
        return IntStream.range(first, first + Integer.getInteger("ostium.chaos.seeds", 1));
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void whatWasCalledKeptIsThere(int seed) {
        try (BrowserContext context = Chromium.context(Chromium.Screen.LAPTOP)) {
            new Day(context, seed).play();
        }
    }

    /** One day, by its seed. */
    private static final class Day {
        private final BrowserContext context;
        private final Random random;
        private final Page page;
        private final CDPSession wire;
        private final Owner owner;
        private final String email = UUID.randomUUID() + "@quill.example";
        private final List<String> complaints = new ArrayList<>();
        private final List<String> did = new ArrayList<>();
        /** What was typed last in each place, and what of it was called kept. */
        private final Map<String, String> typed = new TreeMap<>();

        private final Map<String, String> kept = new TreeMap<>();
        private String site = "";
        private boolean away;
        private int number;

        Day(BrowserContext context, int seed) {
            this.context = context;
            this.random = new Random(seed);
            this.page = context.newPage();
            this.owner = new Owner(page);
            this.wire = context.newCDPSession(page);
            page.addInitScript(
                    "addEventListener('focusin', event => (window.hadFocus = event.target.outerHTML.slice(0, 200)))");
            page.onPageError(complaints::add);
            page.onDialog(dialog -> dialog.accept());
            page.onConsoleMessage(message -> {
                // A frame that could not be loaded hears nothing; it is drawn anew once it can.
                boolean ofTheWire = message.text().contains("net::ERR_")
                        || message.text().contains("Failed to execute 'postMessage'")
                        || message.text().contains("the server responded with a status of");
                if (!ofTheWire && List.of("error", "warning").contains(message.type())) {
                    complaints.add(message.text());
                }
            });
        }

        void play() {
            begin();
            for (int i = 0; i < ACTIONS; i++) {
                act();
                look();
            }
            end();
        }

        private void begin() {
            Owner.at(page, "/")
                    .says("trade", "chimney sweep")
                    .says("name", "Chaos Sweeps")
                    .says("telephone", "0117 496 0142")
                    .waitsUntilKept()
                    .taps("Lay out the page");
            owner.keepsTheDraft(email);
            site = page.url().replaceAll(".*/sites/([^/]+).*", "$1");
            network(false, 0);
        }

        private void act() {
            signInWhereAsked();
            int dice = random.nextInt(100);
            if (dice < 45) {
                type();
            } else if (dice < 65) {
                go();
            } else if (dice < 73) {
                network(true, 0);
            } else if (dice < 88) {
                network(false, random.nextInt(3) == 0 ? 400 : 0);
            } else if (dice < 93) {
                context.clearCookies(new BrowserContext.ClearCookiesOptions().setName("ostium_session"));
                did.add("signed out elsewhere");
            } else if (!away) {
                did.add("reload");
                page.reload();
            }
        }

        private void type() {
            String words = "Words number " + (++number);
            if (page.url().endsWith("/page")) {
                String label = TEXTS.get(random.nextInt(TEXTS.size()));
                Locator text = page.getByLabel(label);
                if (text.count() == 1) {
                    fills(text, label, words);
                }
            } else if (page.url().endsWith(site)) {
                String line = LINES.get(random.nextInt(LINES.size()));
                Locator field = page.locator("#" + line);
                if (field.count() == 0) {
                    Locator row = page.locator("[data-fact='" + line + "']");
                    if (row.count() == 0) {
                        return;
                    }
                    if (!presses(row.locator("button").first())) {
                        return;
                    }
                }
                if (field.count() == 1) {
                    String said = line.equals("founded") ? String.valueOf(1950 + number % 70) : words;
                    fills(field, line, said);
                }
            }
        }

        /** The screen may change under the hand on a slow connection: then nothing was typed. */
        private void fills(Locator field, String place, String words) {
            try {
                field.fill(words, new Locator.FillOptions().setTimeout(3_000));
            } catch (TimeoutError gone) {
                assertThat(field.count()).as("%s can be typed in", place).isZero();
                return;
            }
            note(place, words);
        }

        private void note(String place, String words) {
            typed.put(place, words);
            kept.remove(place);
            did.add(place + " ← " + words);
        }

        private void go() {
            String name = List.of("Facts", "Page", "Look", "Enquiries").get(random.nextInt(4));
            Locator link = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
            if (link.count() > 0 && presses(link.first())) {
                did.add("to " + name);
            }
        }

        /** Whether it could be pressed: the screen may ask for the sign-in meanwhile. */
        private boolean presses(Locator control) {
            try {
                control.click(new Locator.ClickOptions().setTimeout(3_000));
                return true;
            } catch (TimeoutError gone) {
                assertThat(control.count())
                        .as("what stands there can be pressed")
                        .isZero();
                return false;
            }
        }

        private void network(boolean cut, int latency) {
            away = cut;
            did.add(cut ? "cut" : "connected, " + latency + " ms");
            JsonObject conditions = new JsonObject();
            conditions.addProperty("offline", cut);
            conditions.addProperty("latency", latency);
            conditions.addProperty("downloadThroughput", -1);
            conditions.addProperty("uploadThroughput", -1);
            wire.send("Network.enable");
            wire.send("Network.emulateNetworkConditions", conditions);
        }

        /** A signed-out owner signs in where the screen says so, as long as there is a connection. */
        private void signInWhereAsked() {
            if (away) {
                return;
            }
            Locator here = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in here"));
            if (here.count() > 0) {
                here.first().click();
                page.locator("#email").waitFor();
            }
            if (page.locator("#email:visible").count() == 1
                    && page.locator("#password:visible").count() == 1) {
                did.add("signs in");
                owner.says("email", email).says("password", "a long password");
                page.keyboard().press("Enter");
                page.waitForFunction("() => !document.querySelector('#password')");
            }
        }

        /** What the screen says of keeping is taken at its word; the focus is somewhere sensible. */
        private void look() {
            Object status =
                    page.evaluate("() => [...document.querySelectorAll('p.kept')].map(e => e.textContent.trim())");
            if (((List<?>) status)
                    .stream()
                            .anyMatch(said -> List.of("Kept a moment ago", "All of it is kept")
                                    .contains(said))) {
                kept.putAll(typed);
            }
            try {
                page.waitForFunction(
                        "() => !window.hadFocus || document.activeElement !== document.body",
                        null,
                        new Page.WaitForFunctionOptions().setTimeout(5_000));
            } catch (TimeoutError lost) {
                throw new AssertionError(
                        "the focus is lost after:\n" + String.join("\n", did) + "\non " + page.url() + " it was at "
                                + page.evaluate("window.hadFocus") + ", which shows now\n"
                                + page.locator("body").innerText(),
                        lost);
            }
        }

        private void end() {
            network(false, 0);
            page.navigate(Chromium.editor() + "/sites/" + site + "/page");
            try {
                page.waitForCondition(() -> {
                    signInWhereAsked();
                    return page.getByLabel(TEXTS.get(0)).count() == 1
                            && List.of("Kept a moment ago", "All of it is kept")
                                    .contains(page.locator("p.kept").innerText());
                });
            } catch (TimeoutError notKept) {
                throw new AssertionError(
                        "it is never called kept after:\n" + String.join("\n", did) + "\non " + page.url() + "\n"
                                + page.locator("body").innerText(),
                        notKept);
            }
            kept.putAll(typed);
            assertThat(fresh()).as(String.join("\n", did)).containsAllEntriesOf(kept);
            assertThat(complaints).as(String.join("\n", did)).isEmpty();
            JsonNode sites = read("/api/sites");
            assertThat(sites.size()).isEqualTo(1);
        }

        /** What a fresh window shows. */
        private Map<String, String> fresh() {
            Map<String, String> shown = new TreeMap<>();
            JsonNode sheet = read("/api/sites/" + site).at("/sheet/lines");
            LINES.forEach(line -> shown.put(line, sheet.path(line).asString()));
            Page window = context.newPage();
            window.navigate(Chromium.editor() + "/sites/" + site + "/page");
            window.getByLabel(TEXTS.get(0)).waitFor();
            TEXTS.forEach(label ->
                    shown.put(label, window.getByLabel(label).innerText().strip()));
            window.close();
            return shown;
        }

        private JsonNode read(String path) {
            return JsonMapper.shared()
                    .readTree((String) page.evaluate("path => fetch(path).then(r => r.text())", path));
        }
    }
}
