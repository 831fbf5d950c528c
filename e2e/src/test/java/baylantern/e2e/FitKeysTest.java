package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Fit without a mouse, on paper, in inches and by lamplight. */
class FitKeysTest extends DemoScreenTest {

    private static Locator cut(Page page, String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Cut list"))
                .getByText(name)
                .locator("..");
    }

    @Test
    void theStickIsLaidCutAndTurnedWithKeysAlone() {
        Page page = desk(lantern);
        page.navigate("/today");
        assertThat(page.locator("h1")).isVisible();
        page.keyboard().press("4");
        assertThat(page.locator("[data-meets]").first()).isVisible();
        assertThat(cut(page, "Wedge, two single strokes")).containsText("37.5 mm");
        page.keyboard().press("m");
        page.keyboard().press("m");
        page.keyboard().press("n");
        assertThat(cut(page, "Wedge, two single strokes")).containsText("38.5 mm");
        String height = cut(page, "Stock, height").textContent();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        assertThat(cut(page, "Stock, height")).not().hasText(height);
        assertThat(page.getByText("cut where it suits best")).isVisible();
        page.keyboard().press("Shift+ArrowLeft");
        assertThat(cut(page, "Scion off the middle")).containsText(Pattern.compile("left"));
        page.keyboard().press("b");
        page.keyboard().press("w");
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^plain wedge"))))
                .hasAttribute("aria-pressed", "true");
        page.keyboard().press("w");
        page.keyboard().press("?");
        assertThat(page.getByText("lay it where most meets")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByText("lay it where most meets")).hasCount(0);
        page.keyboard().press("c");
        assertThat(page.getByText("It types where you were last, and presses Enter."))
                .isVisible();
        page.keyboard().press("c");
        assertThat(page.getByText("It types where you were last, and presses Enter."))
                .hasCount(0);
    }

    @Test
    void theBenchCardIsPrintedWithItsDrawingsAndWithoutTheForms() {
        Page page = desk(lantern);
        page.navigate("/fit");
        assertThat(page.locator("[data-meets]").first()).isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(cut(page, "Stock, height")).isVisible();
        assertThat(page.locator("[data-meets]").first()).isVisible();
        assertThat(page.getByText("Blade away from you")).isVisible();
        assertThat(page.getByLabel(Pattern.compile("^Stick, mm"))).isHidden();
        assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stations")))
                .isHidden();
        assertThat(page.getByText("Technique for this pair")).isHidden();
    }

    @Test
    void inInchesTheSameStickMeetsAsMuch() {
        Page page = desk(lantern);
        page.navigate("/fit");
        assertThat(page.locator("[data-meets]").first()).isVisible();
        page.navigate("/farm");
        choose(list(page, "Lengths"), "decimal");
        page.evaluate("() => localStorage.removeItem('bay-lantern-fit')");
        page.navigate("/fit");
        assertThat(page.locator("h1")).containsText(Pattern.compile("\\d\\.\\d{3} in of cambium meets"));
        assertThat(cut(page, "Wedge, two single strokes")).containsText("1.476 in");
        page.getByLabel(Pattern.compile("^Stick, in")).fill("1/4");
        assertThat(page.getByText("stick 0.250 in")).isVisible();
    }

    /** What was typed in one unit is the same length when the device reads in another. */
    @Test
    void aSizeTypedInMillimetresIsTheSameInInches() {
        Page page = desk(lantern);
        page.navigate("/fit");
        assertThat(page.locator("[data-meets]").first()).isVisible();
        page.getByLabel(Pattern.compile("^Stick, mm")).fill("7.6");
        assertThat(page.getByText("stick 7.6 mm")).isVisible();
        page.navigate("/farm");
        choose(list(page, "Lengths"), "decimal");
        page.navigate("/fit");
        assertThat(page.getByLabel(Pattern.compile("^Stick, in"))).hasValue("0.299");
        assertThat(page.getByText("stick 0.299 in")).isVisible();
        page.getByLabel(Pattern.compile("^Stick, in")).fill("5/16");
        assertThat(page.getByText("stick 0.313 in")).isVisible();
        page.navigate("/farm");
        choose(list(page, "Lengths"), "mm");
        page.navigate("/fit");
        assertThat(page.getByLabel(Pattern.compile("^Stick, mm"))).hasValue("7.9");
    }

    @Test
    void whatFitRestsOnStandsUnderRules() {
        Page page = desk(lantern);
        page.navigate("/rules");
        choose(list(page, "Species"), "jackfruit");
        Locator fit = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Figures of fit"));
        assertThat(fit.getByText("lines meet within")).isVisible();
        assertThat(fit).containsText("0.35 mm");
        assertThat(page.getByText("approach grafting often works where others fail"))
                .isVisible();
        axeClean(page);
    }

    @Test
    void aStemIsMeasuredAtTheBenchAndRemembered() {
        Page page = desk(lantern);
        page.navigate("/fit");
        assertThat(page.locator("[data-meets]").first()).isVisible();
        page.getByText(Pattern.compile("^\\+\\d more$")).click();
        page.getByLabel("Thickness of reading 1").fill("10.9");
        Locator top = page.getByLabel(Pattern.compile("^Tip of the stem at"));
        top.fill("560");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep these for the stem"))
                .click();
        assertThat(page.getByText(Pattern.compile("^AV-\\d+ measured$"))).isVisible();
        page.evaluate("() => localStorage.removeItem('bay-lantern-fit')");
        page.reload();
        assertThat(page.getByLabel(Pattern.compile("^Stem, mm"))).hasValue("10.9");
        page.getByText(Pattern.compile("^\\+\\d more$")).click();
        top.fill("20");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("longer than the stem");
        assertThat(page.locator("[data-meets]").first()).isVisible();
        page.evaluate("() => document.activeElement.blur()");
        page.keyboard().press("u");
        assertThat(page.getByText(Pattern.compile("Taken back: AV-\\d+ measured")))
                .isVisible();
        assertThat(page.url()).contains("/fit");
    }
}
