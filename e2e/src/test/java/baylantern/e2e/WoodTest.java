package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Wood and Lineage, on the demo farm: sticks, lots, the ledger, a recall. */
class WoodTest extends DemoScreenTest {

    private static Locator region(Page page, String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    // The entry's name goes on with what is wrong with it.
    private static Locator sticks(Page page) {
        return page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Sticks")));
    }

    @Test
    void aStickIsJudgedInTheOrchard() {
        Page page = phone(lantern);
        page.navigate("/wood/check");
        pick(page, "A stick of", "HA-26-W02");
        button(page, "swelling").click();
        button(page, "slightly wrinkled").click();
        assertThat(region(page, "Its grade")).containsText("usable, with an action");
        assertThat(region(page, "Its grade")).containsText("First: recut and soak 30 min.");
        axeClean(page);
        button(page, "deeply wrinkled").click();
        assertThat(region(page, "Its grade")).containsText("leave it");
        assertThat(region(page, "Its grade")).containsText("the cambium is dead or dying");
        button(page, "Keep this stick").click();
        assertThat(page.getByText("1 kept")).isVisible();
        page.navigate("/wood/lot/HA-26-W02");
        assertThat(page.getByText("3 sticks looked at.")).isVisible();
        page.navigate("/wood/check?plant=TO-M1");
        button(page, "leaves dark, firm").click();
        assertThat(region(page, "Its grade")).containsText("pinch the tip and wait, about");
    }

    @Test
    void aLotIsCollectedGraftedAndItsLedgerTells() {
        Page page = desk(lantern);
        page.navigate("/today");
        assertThat(page.getByText("Wood running out")).isVisible();
        page.keyboard().press("3");
        assertThat(button(page, "AS-26-W02")).isVisible();
        assertThat(page.getByText("Needed by the plans")).isVisible();
        page.keyboard().press("c");
        pick(page, "From", "ternlight te-m1");
        sticks(page).fill("2.5");
        button(page, "Collect it").click();
        assertThat(page.getByText("Give a whole number").first()).isVisible();
        sticks(page).fill("5");
        page.getByLabel("Thickness of a stick").fill("7.4");
        page.keyboard().press("Enter");
        page.keyboard().type("8.1\n");
        button(page, "Ask the calliper").click();
        assertThat(page.getByText(Pattern.compile("7.4 · 8.1 · \\d"))).isVisible();
        button(page, "Collect it").click();
        // What others took back keeps its number, so which one comes next is not said here.
        Locator sheet = page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(Pattern.compile("^Lot TE-26-W\\d+$")));
        assertThat(sheet).containsText("5 of 5 sticks left");
        String lot = sheet.locator("h2").first().textContent();

        page.navigate("/bench");
        pick(page, "Variety", "ternlight");
        choose(list(page, "Technique"), "cleft");
        chooseNth(list(page, "Wood"), 2);
        assertThat(page.getByText("5 sticks, 20 buds from TE-M1")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("AV-124"))
                .click();
        String logged = page.getByText(Pattern.compile("Logged TE-26-\\d+")).textContent();
        String graft = logged.replaceAll(".*(TE-26-\\d+).*", "$1");
        page.navigate("/wood/lot/" + lot);
        assertThat(sheet).containsText("4 of 5 sticks left, 16 buds");
        assertThat(sheet).containsText("grafted");
        sticks(page).fill("9");
        button(page, "Give away").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("4 sticks, 16 buds left");
        button(page, "Unwrapped it").click();
        assertThat(sheet).containsText("It lies unwrapped");
        page.keyboard().press("u");
        assertThat(sheet).not().containsText("It lies unwrapped");
        page.navigate("/graft/" + graft);
        assertThat(page.getByText(graft).first()).isVisible();
    }

    @Test
    void aRecallIsSeenHeldAndKeepsItsWoodOffTheBench() {
        Page page = desk(lantern);
        page.navigate("/lineage");
        assertThat(heading(page, "held under recall")).isVisible();
        pick(page, "Look around a plant or source", "grey quay");
        assertThat(page.getByText("came of it")).isVisible();
        axeClean(page);
        button(page, "Enter a test").click();
        page.getByText("positive", new Page.GetByTextOptions().setExact(true)).click();
        button(page, "See what must be held").click();
        assertThat(page.getByText("Nothing is written yet.")).isVisible();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("GQ-26-W02")))
                .isVisible();
        axeClean(page);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Hold all")))
                .click();
        assertThat(page.locator("h1")).containsText("GQ-M1 tested positive");
        axeClean(page);

        page.navigate("/bench");
        pick(page, "Variety", "grey quay");
        list(page, "Wood").click();
        assertThat(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("^GQ-26-W02"))))
                .hasAttribute("aria-disabled", "true");
        page.navigate("/wood/lot/GQ-26-W02");
        assertThat(region(page, "Lot GQ-26-W02")).containsText("GQ-26-W02 is held: it descends from GQ-M1");
        page.navigate("/graft/PL-26-001");
        assertThat(page.getByText("isolate it, cut nothing from it").first()).isVisible();

        page.navigate("/lineage");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("GQ-M1 positive"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Release all")))
                .click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Say why");
        assertThat(page.getByLabel("Why it may be released")).isFocused();
        page.getByLabel("Why it may be released").fill("retested clear by the authority");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Release all")))
                .click();
        assertThat(page.locator("h1")).containsText("all released");
        page.navigate("/lineage");
        assertThat(heading(page, "held under recall")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back").first()).isVisible();
    }

    @Test
    void everyPartIsCleanAndReachedByKeys() {
        Page page = desk(lantern);
        page.navigate("/wood");
        assertThat(button(page, "AS-26-W02")).isVisible();
        page.keyboard().press("ArrowDown");
        assertThat(page.getByText("Ledger ·")).isVisible();
        axeClean(page);
        page.keyboard().press("Escape");
        assertThat(page.getByText("Ledger ·")).hasCount(0);
        page.navigate("/wood/cleaning");
        assertThat(page.getByText("50 ml of it and 450 ml of water")).isVisible();
        assertThat(page.getByText("Never with ammonia or acids")).isVisible();
        page.navigate("/wood");
        assertThat(button(page, "AS-26-W02")).isVisible();
        page.keyboard().press("0");
        assertThat(heading(page, "held under recall")).isVisible();
        axeClean(page);
        page.navigate("/lineage/PLANT-5");
        assertThat(page.getByText("came of it")).isVisible();
        page.keyboard().press("t");
        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Members around TE-M1")))
                .isVisible();
        page.keyboard().press("t");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/lineage/LOT-\\d+"));
        Page small = phone(lantern);
        small.navigate("/wood");
        assertThat(small.locator("h1")).isVisible();
        axeClean(small);
    }
}
