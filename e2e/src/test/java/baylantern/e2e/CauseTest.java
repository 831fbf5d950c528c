package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Why grafts failed: by keys, by taps, for a whole day; and how long grafts take to push. */
class CauseTest extends DemoScreenTest {

    private static Locator why(Page page) {
        return page.getByLabel("Why it failed");
    }

    @Test
    void aCauseIsFoundByItsSignsByKeysConfirmedAndTakenBack() {
        Page page = desk(lantern);
        page.navigate("/takes");
        assertThat(page.getByText(Pattern.compile("grafts took"))).isVisible();
        page.keyboard().press("8");
        assertThat(page.getByText(Pattern.compile("\\d+ failed, not explained")))
                .isVisible();
        assertThat(why(page).getByText("Look for this first:")).isVisible();
        axeClean(page);
        page.keyboard().press("y");
        assertThat(why(page).locator("button[aria-pressed=true]")).hasCount(1);
        assertThat(why(page).getByText(Pattern.compile("^For it: ")).first()).isVisible();
        // While the weights are on their way no second answer is taken: nobody has seen yet what it would be about.
        assertThat(button(page, "It will never be known")).isEnabled();
        page.keyboard().press("n");
        assertThat(why(page).locator("button[aria-label*=': not there']")).hasCount(1);
        assertThat(button(page, "It will never be known")).isEnabled();
        // What is explained leaves the pile, and the next failure comes up.
        Locator pile = page.getByText(Pattern.compile("\\d+ failed, not explained"));
        String before = pile.textContent();
        page.keyboard().press("c");
        assertThat(pile).not().hasText(before);
        page.keyboard().press("u");
        assertThat(pile).hasText(before);
    }

    @Test
    void aWholeDayIsTakenAsKnownAndStandsInItsYear() {
        Page page = desk(lantern);
        page.navigate("/causes");
        page.getByLabel("Failures").getByText("5 Kittiwake").first().click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText("of 5 most likely");
        why(page)
                .getByRole(
                        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("All 5 of this day")))
                .click();
        assertThat(why(page).getByText("taken as known:")).isVisible();
        assertThat(page.getByText("each count is trees lost")).isVisible();
        assertThat(page.getByLabel("Failures").getByText("5 Kittiwake")).hasCount(0);
        axeClean(page);
    }

    @Test
    void aFigureIsMadeOnesOwnByKeysWithWhatItChangesAndGoesBack() {
        Page page = desk(lantern);
        page.navigate("/rules");
        Locator best =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^heals best at")));
        assertThat(best).hasText(Pattern.compile("27"));
        best.focus();
        page.keyboard().press("Enter");
        Locator form = page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^heals best at")));
        assertThat(form).isFocused();
        form.fill("45");
        assertThat(page.getByText(Pattern.compile("Growers give 25"))).isVisible();
        form.fill("29");
        assertThat(page.getByText(Pattern.compile("It changes: .*visits move"))).isVisible();
        axeClean(page);
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Your own figures")).containsText("One figure is your own");
        assertThat(best).hasText(Pattern.compile("29"));
        // Who closes the form goes on where it was opened.
        assertThat(best).isFocused();
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Back to 27")))
                .click();
        assertThat(best).hasText(Pattern.compile("27"));
        assertThat(page.getByLabel("Your own figures")).hasCount(0);
    }

    @Test
    void aNumberOfARowMadeOnesOwnIsGoneToWhereItStands() {
        Page page = desk(lantern);
        page.navigate("/rules");
        Locator opens = page.locator("summary", new Page.LocatorOptions().setHasText("how often each sign is seen"));
        opens.press("Enter");
        Locator row = page.getByRole(
                        AriaRole.TABLE, new Page.GetByRoleOptions().setName("Figures: how often each sign is seen"))
                .locator("tr[id]")
                .first();
        String most = row.locator("td").nth(1).textContent().replaceAll(".* to ", "");
        row.getByRole(AriaRole.BUTTON).press("Enter");
        page.getByRole(AriaRole.TEXTBOX).and(page.locator(":focus")).fill(most);
        assertThat(page.getByText(Pattern.compile("changes[:.]"))).isVisible();
        axeClean(page);
        page.keyboard().press("Enter");
        assertThat(row).containsText("Yours since");
        opens.press("Enter");
        assertThat(row).hasCount(0);
        page.getByLabel("Your own figures").getByRole(AriaRole.LINK).press("Enter");
        assertThat(row).isInViewport();
        row.getByRole(AriaRole.BUTTON).press("Enter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Back to ")))
                .press("Enter");
        assertThat(page.getByLabel("Your own figures")).hasCount(0);
    }

    @Test
    void theSeasonsLetterSaysWhatTookAndWhatToDoAndEachLineOpensToItsGrafts() {
        Page page = desk(lantern);
        page.navigate("/takes/letter");
        assertThat(heading(page, "What was learned")).isVisible();
        chooseCalled(list(page, "Season"), "summer 2025");
        Locator title = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
        assertThat(title).containsText("summer 2025");
        // The hot week of that August was known for what it did.
        assertThat(page.getByText(Pattern.compile("made in 2025 failed of this: dried out")))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("^Against dried out: "))).isVisible();
        axeClean(page);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("\\d+ of \\d+, likely")))
                .first()
                .click();
        assertThat(page.getByLabel(Pattern.compile("^Grafts of "))).isVisible();
        page.goBack();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        assertThat(heading(page, "Next season")).isVisible();
        assertThat(button(page, "Print, or keep as PDF")).isHidden();
    }

    @Test
    void aQuestionIsAskedInThreeTouchesAndOneKindIsSetAgainstAnother() {
        Page page = desk(lantern);
        page.navigate("/takes");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("By anything"))
                .click();
        Locator groups = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Groups"));
        assertThat(groups).isVisible();
        pick(page, "By", "age of the wood");
        groups.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^under 3 days")))
                .click();
        assertThat(list(page, "Set it against")).isVisible();
        page.keyboard().press("ArrowDown");
        assertThat(page).hasURL(Pattern.compile("open=1"));
        page.keyboard().press("ArrowUp");
        assertThat(page).hasURL(Pattern.compile("open=0"));
        // The address changes a moment before the sheet does.
        assertThat(page.getByLabel("Grafts of under 3 days")).isVisible();
        choose(list(page, "Set it against"), "3");
        Locator against = page.getByLabel("One against the other");
        assertThat(against.getByText(Pattern.compile("In \\d+ of 100 such records")))
                .isVisible();
        assertThat(against.getByText(Pattern.compile("With all that is on record besides taken out")))
                .isVisible();
        axeClean(page);
    }

    @Test
    void whatBringsMoreStandsAsALadderWithItsBelief() {
        Page page = desk(lantern);
        page.navigate("/takes/gains");
        assertThat(page.getByText(Pattern.compile("Foretelling \\d+ grafts of days it was not told of")))
                .isVisible();
        assertThat(page.getByText("In your hand", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^age of the wood, under 7 days"))))
                .isVisible();
        axeClean(page);
    }

    @Test
    void aGroupTellsHowLongItTakesToPush() {
        Page page = desk(lantern);
        page.navigate("/takes");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^mango")))
                .click();
        Locator push = page.getByLabel("How long they take to push");
        assertThat(push.getByText(Pattern.compile("have pushed by healing day \\d+, \\d+ to \\d+")))
                .isVisible();
        axeClean(page);
        push.getByText("in days of the calendar").click();
        assertThat(push.getByText(Pattern.compile("have pushed by day \\d+"))).isVisible();
    }
}
