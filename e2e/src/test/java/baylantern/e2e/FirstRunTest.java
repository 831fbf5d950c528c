package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From an empty farm south of the equator to its first lamp and its first graft, and through a pulled plug. */
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

    private static Locator lamp(Page page) {
        return page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("Pale Buoy on Bench stocks.*stock lit, wood lit")));
    }

    @Test
    void fromNothingToTheFirstLampAndTheFirstGraft() {
        Page page = desk(lantern);
        Touches touches = Touches.of(page);
        page.navigate("/");
        assertThat(heading(page, "Where do you graft, and what?")).isVisible();
        axeClean(page);
        Assertions.assertThat(touches.since("before anything")).isZero();
        sheet(page);
        begin(page);
        assertThat(lamp(page)).isVisible();
        Assertions.assertThat(touches.since("first lamp")).isLessThanOrEqualTo(16);
        assertThat(page.getByText("Gull Steps <b>Ő</b>", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByText("To light the first lamp")).hasCount(0);
        axeClean(page);
        lamp(page).click();
        assertThat(page.getByText("Bench stocks are most likely swelling", new Page.GetByTextOptions().setExact(false)))
                .isVisible();

        page.close();
        lantern.pullThePlug();
        lantern.start();
        Page again = desk(lantern);
        Touches more = Touches.of(again);
        again.navigate("/bench");
        firstGraft(again);
        secondGraft(again, more, more.since("first graft"));
    }

    private static void sheet(Page page) {
        page.getByLabel("Name of the farm or garden").fill("Gull Steps <b>Ő</b>");
        page.getByLabel("Latitude, degrees").fill("99");
        page.getByLabel("Longitude, degrees").fill("12,5");
        page.getByLabel("Time zone").fill("UTC");
        page.getByLabel("Who grafts here").fill("Ingmar");
        button(page, "avocado").click();
        page.getByLabel("Varieties you graft").fill("Pale Buoy");
        page.getByLabel("the avocado stocks").first().fill("AV-1 8.2\nAV-2 thick");
        button(page, "swelling: the avocado stocks").click();
        page.getByLabel("the avocado mothers").first().fill("PB-M1");
        button(page, "swelling: the avocado mothers").click();
        begin(page);
        assertThat(page.getByText("from −90 to 90 degrees").first()).isVisible();
        page.getByLabel("Latitude, degrees").fill("-28.5");
        begin(page);
        assertThat(page.getByText("Nothing was written yet; what you typed stays."))
                .isVisible();
        assertThat(page.getByText("is not a diameter").first()).isVisible();
        page.reload();
        page.getByLabel("the avocado stocks").first().fill("AV-1 8.2\nAV-2 9");
        assertThat(page.getByLabel("Name of the farm or garden")).hasValue("Gull Steps <b>Ő</b>");
    }

    // A hand waits until the page stands still; a press that meets a moving one would be counted twice.
    private static void begin(Page page) {
        settled(page);
        button(page, "Begin this farm").click();
    }

    private static void firstGraft(Page page) {
        assertThat(list(page, "Variety")).containsText("Pale Buoy");
        choose(list(page, "Technique"), "whip");
        page.getByLabel("Stick in hand, mm").fill("5");
        Locator stock = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("AV-1"));
        assertThat(stock).hasAttribute("title", Pattern.compile("Mind: The ratio of scion to stock"));
        axeClean(page);
        page.reload();
        assertThat(page.getByLabel("Stick in hand, mm")).hasValue("5");
        stock.click();
        assertThat(page.getByText("Logged PB-")).isVisible();
    }

    // A touch just before the count may be told with the next: the two grafts are judged together.
    private static void secondGraft(Page page, Touches touches, int first) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("AV-2"))
                .click();
        assertThat(page.getByText(Pattern.compile("Logged PB-\\d+-002"))).isVisible();
        Assertions.assertThat(first + touches.since("second graft of a run")).isLessThanOrEqualTo(6);
        page.keyboard().press("1");
        assertThat(page.getByText("Nothing wants a look today").first()).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("Last done: ")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: One Pale Buoy whip graft logged"))
                .isVisible();
    }

    /** What was begun is taken back whole, the sheet stands as it was typed, and a farm without a look is taught to look. */
    @Test
    void aBeginningTakenBackLeavesTheSheetAsItWas() throws Exception {
        Lantern other = Lantern.empty();
        try {
            Page page = desk(other);
            page.navigate("/");
            page.getByLabel("Name of the farm or garden").fill("Lower Quay");
            page.getByLabel("Latitude, degrees").fill("21");
            page.getByLabel("Longitude, degrees").fill("-158");
            button(page, "fig").click();
            page.getByLabel("the fig stocks").first().fill("FI-1");
            button(page, "Begin this farm").click();
            assertThat(page.getByText("Lower Quay has begun")).isVisible();
            page.keyboard().press("2");
            assertThat(heading(page, "Begin with one look at one tree")).isVisible();
            page.keyboard().press("u");
            page.keyboard().press("u");
            assertThat(page.getByLabel("Name of the farm or garden")).hasValue("Lower Quay");
            assertThat(page.getByLabel("the fig stocks").first()).hasValue("FI-1");
        } finally {
            other.close();
        }
    }
}
