package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The bench without a plan: a sentence, the lot's sticks, the stocks; a tap grafts. */
class BenchTrayTest extends DemoScreenTest {

    @Test
    void aTapGraftsWithTheStickInHandAndWhatIsUsedGoesHollowUntilItIsTakenBack() {
        Page page = desk(lantern);
        page.navigate("/bench");
        Locator sticks = page.getByRole(AriaRole.RADIOGROUP);
        pick(page, "Variety", "harbourm");
        choose(list(page, "Technique"), "whip");
        Locator stick = sticks.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("stick of 7.1 mm"));
        stick.click();
        assertThat(stick).hasAttribute("aria-checked", "true");
        assertThat(page.getByText("its ring is the share that meets the stick of 7.1 mm"))
                .isVisible();
        Locator stocks = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Free stocks"));
        Locator first = stocks.getByRole(AriaRole.BUTTON).first();
        assertThat(first).hasAttribute("title", Pattern.compile("\\d+ % meets"));
        String code = first.locator(".code").textContent();
        first.click();
        assertThat(page.getByText(Pattern.compile("^Logged HA-26-\\d+$"))).isVisible();
        assertThat(stocks.getByText(Pattern.compile("^HA \\d+$"))).isVisible();
        assertThat(stick).hasCount(0);
        assertThat(sticks.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("used")))
                .isDisabled();
        assertThat(page.getByText("5 sticks, 20 buds from HA-M1")).isVisible();
        axeClean(page);
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: One Harbourmaster")).isVisible();
        assertThat(stocks.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(code)))
                .isVisible();
        assertThat(stocks.getByText(Pattern.compile("^HA \\d+$"))).hasCount(0);
        assertThat(stick).isVisible();
    }

    @Test
    void whatTheFarmDoesWhereGrowersDisagreeIsSaidOnceAndStandsAtTheBench() {
        Page page = desk(lantern);
        page.navigate("/rules");
        page.locator("summary", new Page.LocatorOptions().setHasText("Feeding")).click();
        chooseCalled(list(page, "Feeding: On this farm"), "generous after take");
        assertThat(page.getByText("Feeding on this farm: generous after take").first())
                .isVisible();
        assertThat(page.locator("summary", new Page.LocatorOptions().setHasText("Feeding")))
                .containsText("generous after take chosen for the farm");
        axeClean(page);
        page.navigate("/bench");
        pick(page, "Variety", "tollk");
        choose(list(page, "Technique"), "veneer");
        page.getByText("Schools followed: the farm's habit").click();
        assertThat(list(page, "Feeding")).hasAttribute("data-chosen", "after-take");
        choose(list(page, "Feeding"), "after-flush");
        assertThat(page.getByText("Schools followed: nothing until the first flush is firm"))
                .isVisible();
        page.navigate("/rules");
        assertThat(page.locator("h1")).isVisible();
        page.keyboard().press("u");
        assertThat(page.locator("summary", new Page.LocatorOptions().setHasText("Feeding")))
                .containsText("unless you choose otherwise");
    }

    @Test
    void theSentenceIsSpokenWithKeysOnlyAndSaysWhyAChoiceIsRefused() {
        Page page = desk(lantern);
        page.navigate("/bench");
        assertThat(list(page, "Variety")).isVisible();
        page.keyboard().press("v");
        assertThat(list(page, "Variety")).isFocused();
        page.keyboard().type("tollk");
        page.keyboard().press("Enter");
        page.keyboard().press("t");
        assertThat(page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^T-bud: not here, \\w+"))))
                .hasAttribute("aria-disabled", "true");
        page.keyboard().type("veneer");
        page.keyboard().press("Enter");
        assertThat(list(page, "Technique")).hasText("veneer");
        page.keyboard().press("d");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(list(page, "Made on")).hasText("yesterday");
        page.keyboard().press("d");
        page.keyboard().press("End");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("On which day")).isVisible();
        Locator stocks = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Free stocks"));
        stocks.getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByText("Say first on which day.")).isVisible();
        page.getByLabel("On which day").fill("2 d ago");
        page.getByLabel("On which day").press("Tab");
        stocks.getByRole(AriaRole.BUTTON).first().focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("^Logged TO-26-\\d+$"))).isVisible();
        axeClean(page);
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: One Tollkeeper")).isVisible();
    }
}
