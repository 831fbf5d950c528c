package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;

/** What every screen stands on: small first load, few reads after a write, keys that say what they do, addresses that do. */
class FootingTest extends DemoScreenTest {

    private static final int MOST_SCRIPT_BYTES = 120_000;
    private static final int WORTH_PACKING_BYTES = 200;

    /** What of a page came over the line, and not from what was kept. */
    private static final String ASKED_FOR = """
            () => performance.getEntriesByType("resource").filter(one => one.transferSize > 0).map(one => one.name)
            """;

    private static final String NOTES_WHEN_IT_STOOD = """
            new MutationObserver((_, sees) => {
              if (!document.querySelector("main h1")) return;
              window.stood = performance.now();
              sees.disconnect();
            }).observe(document, { childList: true, subtree: true });
            """;

    private static final String ASKED_FOR_BEFORE_IT_STOOD = """
            () => performance.getEntriesByType("resource").filter(one => one.startTime < window.stood).map(one => one.name)
            """;

    private static final String LATER_PARTS = """
            () => performance.getEntriesByType("resource").some(one => one.name.includes("InStep"))
            """;

    private static int zipped(byte[] script) {
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            try (GZIPOutputStream zip = new GZIPOutputStream(bytes)) {
                zip.write(script);
            }
            return bytes.size();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void theFirstScreenFetchesLittleScript() {
        Page page = desk(lantern);
        page.addInitScript(NOTES_WHEN_IT_STOOD);
        List<Response> scripts = new ArrayList<>();
        page.onResponse(response -> {
            if (response.url().endsWith(".js")) {
                scripts.add(response);
            }
        });
        page.navigate("/today");
        assertThat(page.getByRole(AriaRole.MAIN).getByRole(AriaRole.HEADING).first())
                .isVisible();
        // What is fetched once it stands is another matter, and comes sooner or later.
        List<?> before = (List<?>) page.evaluate(ASKED_FOR_BEFORE_IT_STOOD);
        int bytes = List.copyOf(scripts).stream()
                .filter(script -> before.contains(script.url()))
                .mapToInt(r -> zipped(r.body()))
                .sum();
        System.out.println("first load: " + bytes + " bytes of script, zipped");
        assertThat(bytes).isBetween(30_000, MOST_SCRIPT_BYTES);
        assertThat(List.copyOf(scripts))
                .filteredOn(script -> script.body().length > WORTH_PACKING_BYTES)
                .allSatisfy(script ->
                        assertThat(script.headerValue("content-encoding")).isEqualTo("gzip"));
        // What has come once is not asked for again, and what names it is.
        page.reload();
        assertThat(page.getByRole(AriaRole.MAIN).getByRole(AriaRole.HEADING).first())
                .isVisible();
        settled(page);
        assertThat((List<?>) page.evaluate(ASKED_FOR))
                .map(String::valueOf)
                .isNotEmpty()
                .noneMatch(name -> name.contains("/assets/"));
    }

    @Test
    void aPageOfWhichNothingCouldBeHadSaysSoAndIsTriedAgain() {
        Page page = desk(lantern);
        page.route(
                "**/api/takes?*",
                r -> r.fulfill(new Route.FulfillOptions()
                        .setContentType("application/json")
                        .setStatus(500)
                        .setBody("{\"detail\":\"The takes cannot be told now.\"}")));
        page.navigate("/takes");
        Locator main = page.getByRole(AriaRole.MAIN);
        Locator said = main.getByText("The takes cannot be told now.");
        assertThat(said).isVisible();
        assertThat(main.getByText("The rest stands.")).isHidden();
        assertThat(main.getByText("This page cannot be had now.")).isVisible();
        axeClean(page);
        assertThat(said.boundingBox().x).as("in its frame").isGreaterThan(main.boundingBox().x + 20);
        page.unrouteAll();
        button(page, "Try again").click();
        assertThat(said).hasCount(0);
        assertThat(page.getByText("The range holds the true rate nine times in ten."))
                .isVisible();
        // What went wrong here was seen.
        faults.clear();
    }

    /** The farm's own computer keeps no parts for later: with the farm away what stands goes on standing. */
    @Test
    void whatIsFetchedWhileTheFarmIsAwayComesOnceItAnswers() {
        Page page = desk(lantern);
        page.route("**/assets/Today-*", Route::abort);
        page.navigate("/today");
        assertThat(page.getByText("Fetching this page")).isVisible();
        page.unrouteAll();
        assertThat(heading(page, "Walk, in order")).isVisible();
        page.waitForFunction(LATER_PARTS);
        page.route("**/assets/**", Route::abort);
        page.route(Pattern.compile(":\\d+/$"), Route::abort);
        page.keyboard().press(",");
        assertThat(page.getByText("The farm does not answer. What was asked for comes once it does."))
                .isVisible();
        assertThat(heading(page, "Walk, in order")).isVisible();
        // Who goes on wants the other page, not what was asked for before.
        page.keyboard().press("7");
        page.waitForURL("**/takes");
        assertThat(page.getByText("The farm does not answer.")).hasCount(1);
        page.unrouteAll();
        assertThat(page.getByText("The range holds the true rate nine times in ten."))
                .isVisible();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        // Another version took its place: the parts that this page knows of are gone.
        page.route("**/assets/**", r -> r.fulfill(new Route.FulfillOptions().setStatus(404)));
        page.keyboard().press("4");
        assertThat(page.getByText("The farm runs a newer version.")).isVisible();
        assertThat(page.getByText("The range holds the true rate nine times in ten."))
                .isVisible();
        page.unrouteAll();
        button(page, "Open anew").click();
        assertThat(page.getByText("Cut here")).isVisible();
        // What was not to be had was told by the browser too.
        faults.clear();
    }

    @Test
    void aPartThatFailsSaysSoAndTheRestStands() {
        Page page = desk(lantern);
        page.route(
                "**/api/windows/lamps",
                r -> r.fulfill(new Route.FulfillOptions().setStatus(500).setBody("{}")));
        page.route(
                "**/api/flush/look-next",
                r -> r.fulfill(new Route.FulfillOptions()
                        .setContentType("application/json")
                        .setBody("[{}]")));
        page.navigate("/today");
        Locator main = page.getByRole(AriaRole.MAIN);
        assertThat(main.getByText("Cannot be reckoned now: the lamps. The rest stands."))
                .isVisible();
        assertThat(main.getByText("What to look at next cannot be shown now. The rest stands."))
                .isVisible();
        assertThat(heading(page, "Walk, in order")).isVisible();
        assertThat(heading(page, "want a look today")).isVisible();
        page.unroute("**/api/windows/lamps");
        button(page, "Try again").first().click();
        assertThat(main.getByText("Cannot be reckoned now")).hasCount(0);
        assertThat(main.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Reasons"))
                        .first())
                .isVisible();
        // What is laid over the table, too.
        page.route(
                "**/assets/Find-*.js",
                r -> r.fulfill(new Route.FulfillOptions()
                        .setContentType("text/javascript")
                        .setBody("export const Find = () => { throw new Error('amiss'); };")));
        page.keyboard().press(",");
        assertThat(page.getByText("What was asked for cannot be shown now. The rest stands."))
                .isVisible();
        assertThat(heading(page, "Walk, in order")).isVisible();
        // What went wrong here was seen.
        faults.clear();
    }

    @Test
    void aLookReadsTheRoundAndWhatIsToCome() {
        Page page = desk(lantern);
        // What comes only once the first screen stands is not counted.
        page.waitForRequest(request -> request.url().contains("/api/changes"), () -> page.navigate("/rounds"));
        Locator count = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("to look at"));
        assertThat(count).isVisible();
        settled(page);
        List<String> reads = new ArrayList<>();
        page.onRequest((Request request) -> {
            if (request.url().contains("/api/")) {
                reads.add(request.method() + " "
                        + request.url()
                                .replaceAll(".*/api/", "")
                                .replaceAll("\\?.*", "")
                                .replaceAll("grafts/[^/]+/waiting", "grafts/waiting"));
            }
        });
        page.waitForResponse(
                r -> r.url().contains("/api/season/visits"),
                () -> page.locator("fieldset button").first().click());
        settled(page);
        assertThat(new HashSet<>(reads))
                .containsExactlyInAnyOrder(
                        "POST looks", "GET rounds", "GET season/visits", "GET grafts/waiting", "GET waiting");
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: ")).isVisible();
    }

    @Test
    void theHelpNamesTheKeysThatWorkHere() {
        Page page = desk(lantern);
        for (String[] station : new String[][] {
            {"/takes", "open the grafts of the group"},
            {"/wood", "collect or receive a lot"},
            {"/flush", "think about a graft day"},
            {"/rounds", "mark it, to answer several at once"},
            {"/bench", "log what is listed"}
        }) {
            page.navigate(station[0]);
            assertThat(page.getByRole(AriaRole.MAIN).getByRole(AriaRole.HEADING).first())
                    .isVisible();
            page.keyboard().press("?");
            Locator help = page.getByRole(AriaRole.DIALOG);
            assertThat(help.getByText(station[1])).isVisible();
            assertThat(help.getByText("take back the last thing you did")).isVisible();
            page.keyboard().press("Escape");
            assertThat(help).isHidden();
        }
    }

    @Test
    void enterDoesWhatTheLinkThatHasTheFocusSays() {
        Page page = desk(lantern);
        page.navigate("/rounds");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("to look at")))
                .isVisible();
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Rules"))
                .focus();
        page.keyboard().press("Enter");
        page.waitForURL("**/rules");
    }

    @Test
    void aReasonOnTheScreenNamesItsMeasureInMillimetresWhereTheyAreRead() {
        Page page = desk(lantern);
        page.navigate("/fit");
        assertThat(page.locator("[data-meets]").first()).isVisible();
        pick(page, "On the stem", "loose stem");
        choose(list(page, "Stick from"), "");
        page.getByLabel("Stem, mm").fill("8");
        page.getByLabel("Stick, mm").fill("20");
        assertThat(page.getByText("A scion of 20 mm is too thick").first()).isVisible();
        Page other = desk(lantern);
        other.navigate("/rules");
        assertThat(other.getByText("cut flush when the scion is 75 to 100 mm")).isVisible();
    }

    @Test
    void whatStillAnswersTheQuestionBeforeSaysSoUntilTheAnswerIsThere() throws IOException {
        Page page = desk(lantern);
        Matcher lot = Pattern.compile("\"code\":\"([^\"]+)\"")
                .matcher(lantern.get("/api/lots").body());
        assertThat(lot.find()).isTrue();
        page.navigate("/wood/check?lot=" + lot.group(1));
        Locator looks = page.locator("fieldset");
        looks.nth(0).getByRole(AriaRole.BUTTON).last().click();
        Locator grade = page.getByLabel("Its grade");
        assertThat(grade).hasAttribute("aria-busy", "false");
        HeldBack answer = new HeldBack(page, "/api/stick-checks/judge");
        looks.nth(1).getByRole(AriaRole.BUTTON).last().click();
        assertThat(grade).hasAttribute("aria-busy", "true");
        Locator before = page.getByText("till then these figures are of before");
        assertThat(before).isVisible();
        axeClean(page);
        assertThat(answer.count()).isEqualTo(1);
        answer.letThrough();
        assertThat(grade).hasAttribute("aria-busy", "false");
        assertThat(before).hasCount(0);
    }

    @Test
    void aFitThatIsStillReckonedIsNotTakenToTheBench() {
        Page page = desk(lantern);
        page.navigate("/fit");
        Locator taken = button(page, "Take it to the Bench");
        assertThat(taken).isEnabled();
        HeldBack answer = new HeldBack(page, "/api/fit");
        page.getByLabel("Stick, mm").fill("6.6");
        assertThat(taken).isDisabled();
        assertThat(page.getByText("till then these figures are of before")).isVisible();
        answer.letThrough();
        assertThat(taken).isEnabled();
        assertThat(page.getByText(Pattern.compile("stick 6.6 mm on"))).isVisible();
    }

    @Test
    void anAddressThatLeadsNowhereSaysSo() {
        Page page = desk(lantern);
        page.navigate("/fit/trees");
        assertThat(heading(page, "There is no such page")).isVisible();
        assertThat(page.getByText("is not a part of Fit.")).isVisible();
        axeClean(page);
        page.getByRole(AriaRole.MAIN)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Fit"))
                .click();
        page.waitForURL("**/fit");
    }

    @Test
    void whatWasDoneStandsInAListAndIsNamedBeforeItGoesFromAnotherStation() {
        Page page = desk(lantern);
        page.navigate("/flush/AV-127");
        assertThat(page.getByLabel("Tree AV-127")).isVisible();
        page.keyboard().press("n");
        page.keyboard().press("m");
        assertThat(page.getByText("AV-127: mature")).isVisible();
        page.navigate("/done");
        Locator back =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take back: AV-127: mature"));
        assertThat(back).isVisible();
        axeClean(page);
        page.keyboard().press("u");
        assertThat(page.getByText("Last done: AV-127: mature")).isVisible();
        assertThat(back).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: AV-127: mature")).isVisible();
        assertThat(back).hasCount(0);
    }

    @Test
    void aBoxIsLeftByEscapeAndTheLettersWorkAgain() {
        Page page = desk(lantern);
        page.navigate("/trees");
        Locator box = page.getByRole(AriaRole.TEXTBOX).first();
        box.click();
        page.keyboard().type("2");
        assertThat(page).hasURL(Pattern.compile("/trees"));
        page.keyboard().press("Escape");
        page.keyboard().press("2");
        assertThat(page).hasURL(Pattern.compile("/flush"));
    }

    @Test
    void theSecondStartBuildsNothingAndSaysHowLongItTook() throws IOException {
        File home = new File(System.getProperty("lantern.home"));
        Path classes = Files.createTempFile("classes", ".log");
        ProcessBuilder start = new ProcessBuilder(
                        "./lantern", "start", "--port", "0", "--data", lantern.data + "-second")
                .directory(home);
        start.environment().put("JDK_JAVA_OPTIONS", "-Xlog:class+load:file=" + classes);
        Process process = start.start();
        try (BufferedReader said =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            String first = said.readLine();
            System.out.println("second start: " + first);
            assertThat(first).matches("Bay Lantern is lit after \\d+\\.\\d s: open http://127\\.0\\.0\\.1:\\d+/");
            List<String> loaded = Files.readAllLines(classes);
            assertThat(loaded.stream().filter(line -> line.contains("shared objects file (top)")))
                    .as("classes come as they were kept at the build, not read anew")
                    .hasSizeGreaterThan(loaded.size() / 2);
        } finally {
            process.destroy();
            process.onExit().join();
        }
    }
}
