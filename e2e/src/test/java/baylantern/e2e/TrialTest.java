package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A question asked as a trial, with the mouse and by keys; what one found stands under Rules. */
class TrialTest extends DemoScreenTest {

    private static Locator form(Page page) {
        return page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("A new trial"));
    }

    private static Locator size(Page page) {
        return form(page).getByText(Pattern.compile("^\\d+ grafts$"));
    }

    private Page asking() {
        Page page = desk(lantern);
        page.navigate("/takes/gains");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Trials"))
                .click();
        assertThat(heading(page, "One trial runs")).isVisible();
        button(page, "Ask a new question").click();
        assertThat(size(page)).isVisible();
        return page;
    }

    @Test
    void aQuestionIsAskedWithItsSizeBegunAndTakenBack() {
        Page page = asking();
        chooseCalled(list(page, "Species"), "citrus");
        chooseCalled(list(page, "What is tried"), "bud shield");
        assertThat(list(page, "Second way")).containsText("thick");
        Locator usual = page.getByLabel("usually take, %");
        Locator points = page.getByLabel("it matters from, points");
        usual.fill("60");
        points.fill("20");
        assertThat(size(page)).hasText("130 grafts");
        points.fill("10");
        assertThat(size(page)).hasText(Pattern.compile("^[4-6]\\d\\d grafts$"));
        // What cannot be says so at once, and nothing is begun.
        points.fill("much");
        assertThat(form(page)).containsText("Both numbers are whole hundredths");
        points.fill("50");
        assertThat(form(page)).containsText("above 60 % there are 40 points to be had");
        assertThat(button(page, "Begin this trial")).isDisabled();
        points.fill("25");
        page.getByLabel("the question in your words, if you like").fill("Is the wood behind a bud worth leaving?");
        axeClean(page);
        button(page, "Begin this trial").click();
        Locator begun = page.getByLabel("Trial 3");
        assertThat(begun).containsText("Is the wood behind a bud worth leaving?");
        assertThat(begun).containsText("It may be read when");
        assertThat(heading(page, "2 trials run")).isVisible();
        // The same grafts are in one trial at a time.
        button(page, "Ask a new question").click();
        chooseCalled(list(page, "Species"), "citrus");
        button(page, "Begin this trial").click();
        assertThat(page.getByText(Pattern.compile("Trial 3 runs in some of these grafts")))
                .isVisible();
        button(page, "Leave it").click();
        page.keyboard().press("u");
        assertThat(page.getByLabel("Trial 3")).hasCount(0);
        assertThat(heading(page, "One trial runs")).isVisible();
    }

    @Test
    void aTrialIsBegunAndGivenUpByKeysAndEachNumberOpensToItsGrafts() {
        Page page = asking();
        button(page, "Begin this trial").focus();
        page.keyboard().press("Enter");
        Locator begun =
                page.getByLabel("Trial 3").or(page.getByLabel("Trial 4")).first();
        assertThat(begun).containsText("0 of ");
        Locator up = begun.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Give it up"));
        up.focus();
        page.keyboard().press("Enter");
        assertThat(begun).containsText("Given up: nothing was read of it.");
        axeClean(page);
        Locator ended = page.getByLabel("Trial 1");
        assertThat(ended).containsText("They are not told apart");
        ended.getByText("its 82 grafts").focus();
        page.keyboard().press("Enter");
        ended.getByRole(AriaRole.LINK).first().click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .isVisible();
        page.navigate("/rules");
        Locator question = page.locator("details").filter(new Locator.FilterOptions().setHasText("Wrap direction"));
        question.first().locator("summary").click();
        assertThat(question.first()).containsText("Trial 1, citrus: “from below upward” took 36 of 41");
    }
}
