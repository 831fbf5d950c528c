package baylantern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From an empty farm to the first graft, its visits and its first answer. */
class FirstRunTest extends ScreenTest {

    private static Lantern lantern;

    @BeforeAll
    static void start() {
        lantern = Lantern.empty();
    }

    @AfterAll
    static void stop() {
        lantern.close();
    }

    @Test
    void fromNothingToTheFirstGraft() {
        Page page = desk(lantern);
        page.navigate("/");
        assertThat(heading(page, "Where do you graft?")).isVisible();
        axeClean(page);
        page.getByLabel("Name of the farm or garden").fill("Gull Steps <b>Ő</b>");
        page.getByLabel("Latitude, degrees").fill("99");
        page.getByLabel("Longitude, degrees").fill("12,5");
        page.getByLabel("Time zone").fill("UTC");
        button(page, "That is the place").click();
        assertThat(page.getByText("−90 to 90")).isVisible();
        assertThat(page.getByLabel("Name of the farm or garden")).hasValue("Gull Steps <b>Ő</b>");
        page.getByLabel("Latitude, degrees").fill("-28.5");
        button(page, "That is the place").click();

        page.getByLabel("Species").selectOption("avocado");
        page.getByLabel("Variety", new Page.GetByLabelOptions().setExact(true)).fill("Pale Buoy");
        button(page, "Add this variety").click();
        assertThat(page.getByText("PB", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        button(page, "Go on").click();

        page.getByLabel("A line each").fill("AV-1 8.2\nAV-2 9");
        page.getByLabel("Species").selectOption("avocado");
        page.getByLabel("Place").fill("Bench");
        button(page, "Add these plants").click();
        button(page, "Go on with 2 plants").click();
        page.getByLabel("Name").fill("Ingmar");
        button(page, "Add").click();
        assertThat(page.getByText("Ingmar")).isVisible();
        button(page, "To the bench").click();

        page.getByLabel("Variety").selectOption("1");
        page.getByLabel("Technique").selectOption("whip");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("AV-1"))
                .click();
        page.getByLabel("Scion diameter for AV-1").fill("5");
        assertThat(page.getByText("Mind:")).isVisible();
        axeClean(page);
        page.reload();
        assertThat(page.getByLabel("Scion diameter for AV-1")).hasValue("5");
        button(page, "Log this graft").click();
        assertThat(page.getByText("Logged PB-")).isVisible();

        page.keyboard().press("Escape");
        page.locator("h1").click();
        page.keyboard().press("1");
        assertThat(heading(page, "Nothing wants a look today")).isVisible();
        assertThat(page.getByText("Gull Steps <b>Ő</b>")).isVisible();
        page.keyboard().press("?");
        assertThat(page.getByText("take back the last thing you did")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("u");
        assertThat(page.getByText("Last done: ")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: One Pale Buoy whip graft logged"))
                .isVisible();
        assertThat(heading(page, "Today shows what your grafts need")).isVisible();
    }
}
