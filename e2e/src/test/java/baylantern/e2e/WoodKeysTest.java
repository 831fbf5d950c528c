package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Wood and Lineage without a mouse, on paper, and by lamplight. */
class WoodKeysTest extends DemoScreenTest {

    // Goes on with Tab until what is wanted has the focus.
    private static void tabTo(Page page, Locator wanted) {
        for (int i = 0; i < 60; i++) {
            if (Boolean.TRUE.equals(wanted.evaluate("e => e === document.activeElement"))) {
                return;
            }
            page.keyboard().press("Tab");
        }
        assertThat(wanted).isFocused();
    }

    @Test
    void aLotIsCollectedWithKeysAlone() {
        Page page = desk(lantern);
        page.navigate("/wood");
        assertThat(button(page, "AS-26-W02")).isVisible();
        page.keyboard().press("c");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        Locator from = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("From"));
        tabTo(page, from);
        page.keyboard().type("Harbour");
        tabTo(page, page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Sticks")));
        page.keyboard().type("4");
        Locator thickness =
                page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Thickness")));
        tabTo(page, thickness);
        page.keyboard().type("900");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("0.5 to 60 mm");
        page.keyboard().press("Control+A");
        page.keyboard().type("6,5");
        page.keyboard().press("Enter");
        assertThat(page.getByText("6.5 mm")).isVisible();
        tabTo(page, button(page, "Collect it"));
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/wood/lot/HA-26-W03"));
        assertThat(page.getByText("4 of 4 sticks left, 16 buds")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("There is no lot HA-26-W03").first()).isVisible();
    }

    @Test
    void theRecallsListIsPrintedWithoutTheFrame() {
        Page page = desk(lantern);
        page.navigate("/lineage/recall/2");
        assertThat(page.getByText("Descends from it ·")).isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.getByText("PL-26-W02").first()).isVisible();
        assertThat(page.getByRole(AriaRole.NAVIGATION).first()).isHidden();
        assertThat(button(page, "Print the list")).isHidden();
        assertThat(page.locator("h1")).containsText("PL-M1 tested suspect");
    }

    @Test
    void theLineageIsWalkedWithArrowsAndReadAsATable() {
        Page page = desk(lantern);
        page.navigate("/lineage/PLANT-11");
        assertThat(page.getByText("came of it")).isVisible();
        page.keyboard().press("ArrowLeft");
        assertThat(heading(page, "Saro clean-stock scheme")).isVisible();
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/lineage/SOURCE-1"));
        assertThat(page.locator("h1")).containsText("Saro clean-stock scheme");
        page.keyboard().press("Escape");
        assertThat(heading(page, "held under recall")).isVisible();
    }
}
