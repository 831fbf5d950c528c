package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** From the tie to the tree in the ground: by keys, with lengths, through a frost, on the fewest walks. */
class CareTest extends DemoScreenTest {

    private static void clock(Page page, int days) {
        page.request()
                .post(
                        lantern.address() + "/api/demo-clock",
                        RequestOptions.create().setData(Map.of("days", days)));
    }

    private static Locator key(Page page, String words) {
        return page.locator("fieldset button").filter(new Locator.FilterOptions().setHasText(words));
    }

    private static void seen(Page page, String key, String sentence) {
        page.keyboard().press(key);
        assertThat(page.getByText(Pattern.compile(sentence)).first()).isVisible();
    }

    @Test
    void aWholeLifeByKeysFromMadeToPlantedOut() {
        Page page = desk(lantern);
        page.navigate("/graft/TO-26-001");
        assertThat(key(page, "green")).isVisible();
        seen(page, "g", "TO-26-001: green");
        clock(page, 25);
        page.reload();
        assertThat(page.getByText("Silent so far:")).isVisible();
        seen(page, "p", "TO-26-001: pushed");
        clock(page, 14);
        page.reload();
        assertThat(key(page, "leafed")).isVisible();
        page.keyboard().press("q");
        seen(page, "l", "TO-26-001: leafed");
        assertThat(page.getByText(Pattern.compile("60 mm long")).first()).isVisible();
        clock(page, 21);
        page.reload();
        assertThat(key(page, "firm flush")).isVisible();
        page.keyboard().press("k");
        seen(page, "h", "TO-26-001: first flush firm");
        assertThat(page.getByText("Stake it, away from the roots")).isVisible();
        clock(page, 45);
        page.reload();
        assertThat(key(page, "second wave")).isVisible();
        page.keyboard().press("f");
        seen(page, "w", "TO-26-001: second wave");
        assertThat(page.getByText(Pattern.compile("300 mm long")).first()).isVisible();
        clock(page, 60);
        page.reload();
        assertThat(key(page, "planted")).isVisible();
        seen(page, "w", "TO-26-001: second wave");
        seen(page, "o", "TO-26-001: planted out");
        assertThat(page.getByText("No visit is planned.")).isVisible();
        page.keyboard().press("t");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("becomes a tree");
        axeClean(page);
        dialog.getByText("its wood, as a mother tree").click();
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("It is the tree")).first()).isVisible();
        assertThat(page.getByText(Pattern.compile("First fruit about")).first()).isVisible();
        clock(page, -165);
        page.reload();
        assertThat(page.locator("header").getByText("Thu 14 May")).isVisible();
    }

    @Test
    void aPictureStandsOnTheSheetByItsHealingDayBesideAnothersAndIsTakenAway() {
        Page page = desk(lantern);
        page.navigate("/graft/TE-26-007");
        photograph(page, "leaf.png", png(300, 200));
        Locator small = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("TE-26-007, Thu 14 May"));
        assertThat(small.or(page.locator("section[aria-label=Pictures] img")).first())
                .isVisible();
        page.navigate("/graft/TE-26-008");
        photograph(page, "note.txt", "no picture".getBytes(StandardCharsets.UTF_8));
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("JPEG, PNG or WebP");
        photograph(page, "tall.png", png(200, 300));
        assertThat(page.locator("section[aria-label=Pictures] img")).hasCount(1);
        page.getByLabel("Another graft, by its code").fill("te 26 7");
        page.keyboard().press("Enter");
        assertThat(page.locator("section[aria-label=Pictures] img")).hasCount(2);
        axeClean(page);
        page.locator("section[aria-label=Pictures] img").first().click();
        assertThat(page.getByRole(AriaRole.DIALOG).locator("img")).isVisible();
        axeClean(page);
        button(page, "Take it away").click();
        assertThat(page.locator("section[aria-label=Pictures] img")).hasCount(0);
    }

    private static void photograph(Page page, String name, byte[] file) {
        page.locator("section[aria-label=Pictures] input[type=file]")
                .setInputFiles(new FilePayload(name, name.endsWith("png") ? "image/png" : "text/plain", file));
    }

    private static byte[] png(int wide, int high) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB), "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void anAnswerThatDoesNotFitIsAskedBackAndTheDeadAreAskedWhatIsFound() {
        Page page = desk(lantern);
        page.navigate("/graft/BO-25-002");
        assertThat(key(page, "more").or(button(page, "more"))).isVisible();
        page.keyboard().press("n");
        Locator asked = page.getByRole(AriaRole.ALERTDIALOG);
        assertThat(asked).containsText("Only nothing yet now?");
        axeClean(page);
        page.keyboard().press("Escape");
        assertThat(asked).hasCount(0);
        page.navigate("/graft/TE-26-006");
        assertThat(key(page, "dead")).isVisible();
        seen(page, "d", "TE-26-006: dead");
        Locator find = page.getByLabel("What do you find?");
        find.getByText("black at the cut").click();
        find.getByText("mould under the film").click();
        axeClean(page);
        button(page, "That is what I find").click();
        assertThat(page.getByText(Pattern.compile(", black at the cut, mould under the film"))
                        .first())
                .isVisible();
        assertThat(find).hasCount(0);
    }

    @Test
    void anApproachGraftIsTestedAndSevered() {
        Page page = desk(lantern);
        page.navigate("/graft/BO-25-003");
        assertThat(key(page, "callus all round")).isVisible();
        page.keyboard().press("v");
        assertThat(key(page, "scion fresh, twig limp")).isVisible();
        button(page, "The twig is tied: start its hour").click();
        assertThat(page.getByRole(AriaRole.TIMER)).hasText("0 min");
        page.keyboard().press("x");
        assertThat(page.getByRole(
                        AriaRole.IMG, new Page.GetByRoleOptions().setName("First cut: the scion plant below")))
                .isVisible();
        axeClean(page);
        page.keyboard().press("t");
        Locator asked = page.getByRole(AriaRole.ALERTDIALOG);
        Locator severed = page.getByText(Pattern.compile("^, severed")).first();
        assertThat(asked.or(severed).first()).isVisible();
        if (asked.isVisible()) {
            page.keyboard().press("Enter");
        }
        assertThat(severed).isVisible();
        assertThat(page.getByText("Root what was cut off the scion plant as a spare"))
                .isVisible();
    }

    @Test
    void aWalkIsDraggedToAnotherDayAndTakenBack() {
        Page page = desk(lantern);
        page.navigate("/rounds/walks");
        assertThat(page.locator("h1")).hasText(Pattern.compile("\\d walks? in two weeks"));
        axeClean(page);
        Locator walk = page.getByLabel(Pattern.compile("^Walk of .* minutes")).first();
        walk.dragTo(page.locator("ol li").nth(5));
        Locator moved = page.getByLabel("Moved");
        assertThat(moved).containsText(Pattern.compile("would be late|nothing would be late"));
        button(page, "Walk then").click();
        assertThat(page.getByText(Pattern.compile("The walk of .* moved to")).first())
                .isVisible();
        assertThat(page.getByText("no walk").first()).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("no walk")).hasCount(0);
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowRight");
        assertThat(moved).isVisible();
        page.keyboard().press("Escape");
        assertThat(moved).hasCount(0);
        page.getByLabel(Pattern.compile("^Put the chosen walk on ")).last().click();
        assertThat(moved).isVisible();
    }

    @Test
    void aFrostForetoldStandsFirstOnTodayWithItsSleeves() {
        Page page = phone(lantern);
        byte[] frost = "date,min,max\n2026-05-16,-1.5,9\n".getBytes(StandardCharsets.UTF_8);
        String said = page.request()
                .post(
                        lantern.address() + "/api/weather/file?overlap=FILE",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/octet-stream")
                                .setData(frost))
                .text();
        long act = Long.parseLong(said.replaceAll(".*\"actId\":(\\d+).*", "$1"));
        page.navigate("/today");
        Locator before = page.getByLabel("Before the weather");
        assertThat(before).containsText("Frost is foretold: put a padded sleeve over the union before dusk");
        assertThat(before).containsText(Pattern.compile("so \\d+ sleeves"));
        Assertions.assertThat(before.boundingBox().y)
                .isLessThan(page.locator("h1").boundingBox().y);
        axeClean(page);
        page.request().post(lantern.address() + "/api/acts/" + act + "/undo");
        page.reload();
        assertThat(page.locator("h1")).isVisible();
        assertThat(before).hasCount(0);
    }

    @Test
    void aRoundOnPaperIsTypedInAndWhatCannotBeReadStaysWithItsReason() {
        Page page = desk(lantern);
        page.navigate("/rounds");
        button(page, "Type it in").click();
        Locator lines = page.getByLabel("The lines");
        lines.fill("HA-26-003 g\nHA-26-002 q\nXX-99-001 n\n");
        button(page, "Write it down").click();
        assertThat(lines).hasValue("HA-26-002 q\nXX-99-001 n");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“q” is none of the letters");
        axeClean(page);
        lines.fill("HA-26-002 s pale\n");
        button(page, "Write it down").click();
        assertThat(lines).hasCount(0);
        page.navigate("/graft/HA-26-002");
        assertThat(page.getByText(Pattern.compile("· pale")).first()).isVisible();
    }

    @Test
    void aRoundLeftInTheMiddleComesBackWhereItWasInItsOrder() {
        Page page = desk(lantern);
        page.navigate("/rounds");
        Locator now = page.locator("section h2.code");
        assertThat(now).isVisible();
        choose(list(page, "In which order"), "code");
        page.locator("h1").click();
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("ArrowDown");
        }
        String code = now.textContent();
        page.navigate("/today");
        page.navigate("/rounds");
        assertThat(now).hasText(code);
        List<String> codes = page.locator("ol li .code").allTextContents();
        Assertions.assertThat(codes).isSorted();
        choose(list(page, "In which order"), "walk");
    }
}
