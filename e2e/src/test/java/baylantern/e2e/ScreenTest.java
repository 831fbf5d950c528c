package baylantern.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** A browser on the real application. Every test fails on an error in the console or a request that leaves the machine. */
abstract class ScreenTest {

    /** Long enough for a cold server on a busy machine; nothing waits longer than it must. */
    static final double PATIENCE_MS = 120_000;

    private static final Playwright PLAYWRIGHT = playwright();

    /** One browser for the whole run; each test has devices of its own in it. */
    private static final Desks DESKS = new Desks(browser());

    /** A page has a dozen colours and names them thousands of times: each is read once. */
    private static final String AXE_COLOURS = """
            () => {
              const colour = axe.commons.color.Color.prototype;
              const read = colour.parseString;
              const known = new Map();
              colour.parseString = function (text) {
                const was = known.get(text);
                if (was) {
                  [this.r, this.g, this.b, this.alpha] = was;
                  return this;
                }
                const answer = read.call(this, text);
                known.set(text, [this.r, this.g, this.b, this.alpha]);
                return answer;
              };
            }
            """;

    /** Only what is wrong is gathered: naming every node that is right costs most of the time. */
    private static final String AXE = """
            ([tags, more]) => axe.run({
              runOnly: tags, rules: Object.fromEntries(more.map(rule => [rule, { enabled: true }])),
              resultTypes: ["violations"], selectors: false
            }).then(found =>
              found.violations.map(v => v.id + ": " + v.nodes.slice(0, 3).map(n => n.html).join(" ")))
            """;

    private static final String AXE_RULES = """
            rules => axe.run({ runOnly: { type: "rule", values: rules }, selectors: false }).then(found =>
              found.violations.flatMap(v => v.nodes.map(n => n.html.slice(0, 140) + " " + n.failureSummary.split("\\n")[1])))
            """;

    private static final String SETTLED = """
            () => new Promise((stands) => {
              let quiet = 0;
              const look = () => {
                const coming = window.underWay > 0 || document.body.innerText.includes("Fetching ");
                quiet = coming ? 0 : quiet + 1;
                if (quiet > 3) stands(true); else setTimeout(look, 40);
              };
              look();
            })
            """;

    private static final Set<String> LOOKED_THROUGH = new HashSet<>();

    /** What stood on the screen when a test failed is told with it. */
    @RegisterExtension
    final TestExecutionExceptionHandler tells = (test, why) -> {
        throw new AssertionError(why.getMessage() + "\n" + whatStood(), why);
    };

    final List<String> faults = new ArrayList<>();

    private static Playwright playwright() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        return playwright;
    }

    private static Browser browser() {
        return browserType()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(chromium())
                        // Devices that trust the farm; that it is trusted rightly is tried where the farm is shared.
                        .setArgs(quietly("--ignore-certificate-errors")));
    }

    static BrowserType browserType() {
        return PLAYWRIGHT.chromium();
    }

    /** How the browser is started, so that it asks nothing of anybody by itself. */
    static List<String> quietly(String... more) {
        List<String> words = new ArrayList<>(List.of(
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync"));
        words.addAll(List.of(more));
        return words;
    }

    static Path chromium() {
        // Without a window of its own the same browser has less to do.
        return Stream.of("chromium-headless-shell", "chromium", "chromium-browser", "google-chrome")
                .map("/usr/bin/"::concat)
                .map(Path::of)
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Chromium is missing; ./lantern test says how to get it"));
    }

    Page desk(Lantern lantern) {
        return open(lantern, 1280, 800, "day");
    }

    /** Somebody comes in on a handset by a code, and it takes along what a day away needs. */
    Page letIn(Handset handset, Lantern farm, String person, String name) {
        Page owner = desk(farm);
        owner.navigate("/farm/phones");
        Page phone = handset.page();
        phone.navigate("/");
        SharingTest.comeIn(phone, SharingTest.layOpen(owner, person), name);
        owner.close();
        handset.hasTakenAlong();
        return phone;
    }

    Page phone(Lantern lantern) {
        return open(lantern, 390, 844, "day");
    }

    Page open(Lantern lantern, int width, int height, String theme) {
        return open(lantern.address(), width, height, theme);
    }

    Page open(String address, int width, int height, String theme) {
        Page page = DESKS.open(new Desks.Kind(address, width, height), theme);
        page.setDefaultTimeout(PATIENCE_MS);
        page.onConsoleMessage(message -> {
            // A page whose farm was shut goes on listening for it.
            boolean listens = message.location().contains("/api/changes");
            if (message.type().equals("error") && !message.text().contains("status of 4") && !listens) {
                faults.add("console: " + message.text());
            }
        });
        page.onPageError(error -> faults.add("page: " + error));
        // A farm that is started again has another address; this page still asks at the first.
        page.onRequest(request -> {
            if (!request.url().startsWith(address) && !request.url().startsWith("data:")) {
                faults.add("outside: " + request.url());
            }
        });
        return page;
    }

    /** Every page there is when a test ends. */
    Stream<Page> pages() {
        return DESKS.pages().stream();
    }

    private String whatStood() {
        return pages().map(this::whatStood).collect(Collectors.joining("\n"));
    }

    // A page that cannot tell any more hides nothing of what went wrong.
    private String whatStood(Page page) {
        try {
            return "stood at " + page.url() + " " + faults + "\n"
                    + page.evaluate(
                            "() => [...document.querySelectorAll('[role=dialog], [role=status], [aria-live], main')]"
                                    + ".map(part => part.innerText.slice(0, 900)).join('\\n')");
        } catch (PlaywrightException gone) {
            return "a page that is gone: " + gone.getMessage();
        }
    }

    @AfterEach
    void nothingWentWrongUnseen() {
        DESKS.done();
        assertThat(faults).isEmpty();
    }

    /** Goes to another page as a link does, without loading the application anew. */
    static void go(Page page, String path) {
        page.evaluate(
                "(path) => { history.pushState({}, '', path); dispatchEvent(new PopStateEvent('popstate', { state: {} })); }",
                path);
        settled(page);
    }

    /** Waits until nothing is being fetched any more. */
    static void settled(Page page) {
        page.evaluate(SETTLED);
    }

    /**
     * Looks through the page as it stands for what would shut somebody out; a state looked through once is not again.
     *
     * @param more rules besides those for everybody
     */
    static void axeClean(Page page, String... more) {
        // Asked once and awaited there: polling would evaluate text in the page, which its security policy forbids.
        page.evaluate("() => Promise.allSettled(document.getAnimations().map(a => a.finished)).then(() => true)");
        String state = page.evaluate("() => [innerWidth, document.body.innerHTML].join()")
                .toString()
                .replaceAll("radix-[^\"]*|«[^»]*»|_r_[^\"]*", "");
        Object theme = page.evaluate("() => document.documentElement.dataset.theme");
        if (!LOOKED_THROUGH.add(theme + state + List.of(more))) {
            return;
        }
        // What was looked through in the other theme can differ from it in its colours only.
        String rules = LOOKED_THROUGH.add(state) ? "wcag2a wcag2aa wcag21a wcag21aa wcag22aa" : "cat.color";
        withAxe(page);
        assertThat((List<?>) page.evaluate(AXE, List.of(rules.split(" "), more)))
                .as(page.url())
                .isEmpty();
    }

    private static void withAxe(Page page) {
        if (page.evaluate("() => typeof axe").equals("undefined")) {
            page.evaluate(AxeBuilder.getAxeScript());
            page.evaluate(AXE_COLOURS);
        }
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** What is read in the sun stands out seven to one (WCAG 2.2, 1.4.6). */
    static final String IN_THE_SUN = "color-contrast-enhanced";

    /** What is read aloud says what stands there (WCAG 2.2, 2.5.3). */
    static final String READ_ALOUD = "label-content-name-mismatch";

    /** What of a page goes against these rules. */
    static List<?> against(Page page, List<String> rules) {
        withAxe(page);
        return (List<?>) page.evaluate(AXE_RULES, rules);
    }

    /** Finds one of many by typing a part of it. */
    static void pick(Page page, String label, String part) {
        Locator box = page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName(label).setExact(true))
                .and(page.locator("input"))
                .first();
        box.fill(part);
        box.press("Enter");
    }

    /** A list to choose from. A label around it would count its words to its own; its name does not. */
    static Locator list(Page page, String name) {
        return page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    /** Chooses what a list keeps under a word of ours. */
    static void choose(Locator list, String value) {
        list.click();
        list.page().locator("li[data-value='" + value + "']").click();
    }

    /** Chooses what stands in a list under these words. */
    static void chooseCalled(Locator list, String words) {
        list.click();
        list.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(words))
                .first()
                .click();
        Seen.assertThat(list).containsText(words);
    }

    /** Chooses one of a list, counted from 0. */
    static void chooseNth(Locator list, int nth) {
        list.click();
        list.page().getByRole(AriaRole.OPTION).nth(nth).click();
    }

    static Locator heading(Page page, String name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }
}
