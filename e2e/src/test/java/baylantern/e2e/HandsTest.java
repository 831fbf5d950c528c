package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Nothing in the grower's way: few touches, own units, paper, the phone. */
class HandsTest extends DemoScreenTest {

    @Test
    void aTradeWordIsExplainedWhereItIsTouchedAndListedWithTheKeys() {
        Page page = desk(lantern);
        page.navigate("/bench");
        Locator heading = heading(page, "On which stock");
        assertThat(heading).isVisible();
        // What can be explained is marked as soon as the screen stands.
        page.evaluate("() => new Promise((marked) => { const look = () => CSS.highlights.get('trade')?.size"
                + " ? marked(true) : setTimeout(look, 50); look(); })");
        List<?> at = (List<?>) heading.evaluate("""
                (e) => { const r = document.createRange(); r.setStart(e.firstChild, 9); r.setEnd(e.firstChild, 14);
                         const b = r.getBoundingClientRect(); return [b.x + b.width / 2, b.y + b.height / 2]; }""");
        page.mouse().click(((Number) at.get(0)).doubleValue(), ((Number) at.get(1)).doubleValue());
        assertThat(page.getByText("The rooted plant that a scion is grafted on."))
                .isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByText("The rooted plant that a scion is grafted on."))
                .hasCount(0);
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG).getByText("The rooted plant that a scion is grafted on."))
                .isVisible();
        axeClean(page);
    }

    @Test
    void severalGraftsArePutRightTogetherAndTakenBack() {
        Page page = desk(lantern);
        page.navigate("/takes");
        page.locator("main ol button").nth(2).click();
        Locator sheet = page.getByRole(AriaRole.COMPLEMENTARY);
        Locator marks =
                sheet.getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName(Pattern.compile("^Mark ")));
        marks.nth(0).check();
        marks.nth(1).check();
        chooseCalled(list(page, "Cover"), "foil or paper");
        axeClean(page);
        button(page, "Put the 2 marked grafts right").click();
        assertThat(page.getByText("grafts put right: foil or paper")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: 2 grafts put right: foil or paper"))
                .isVisible();
    }

    @Test
    void whoLeftIsPutAwayAndOfferedLast() {
        Page page = desk(lantern);
        page.navigate("/farm");
        button(page, "Rename Bram").click();
        button(page, "Put Bram away").click();
        assertThat(page.getByText("Bram put away").first()).isVisible();
        go(page, "/bench");
        assertThat(list(page, "Made by")).hasText(Pattern.compile("\\w"));
        list(page, "Made by").click();
        assertThat(page.getByRole(AriaRole.OPTION).last()).hasText("Bram, put away");
        page.keyboard().press("Escape");
        page.keyboard().press("u");
        page.keyboard().press("u");
        assertThat(list(page, "Made by").locator("option", new Locator.LocatorOptions().setHasText("put away")))
                .hasCount(0);
    }

    @Test
    void whatIsLaidBelowABoxStaysOnTheScreenAtTwiceTheSize() {
        Page page = open(lantern, 640, 400, "day");
        page.navigate("/rounds");
        list(page, "Who is looking").click();
        page.waitForFunction("""
                () => { const laid = document.querySelector(".by-anchor:popover-open")?.getBoundingClientRect();
                        return laid && laid.left >= 0 && laid.right <= innerWidth && laid.top >= 0
                          && laid.bottom <= innerHeight && laid.height > 100; }""");
        page.keyboard().press("End");
        page.keyboard().press("Enter");
        assertThat(list(page, "Who is looking")).not().hasText("who is looking");
    }

    // What is due, or likely, stands first among the keys.
    static String firstKey(Page page) {
        return page.locator("fieldset button span").first().textContent().toLowerCase(java.util.Locale.ROOT);
    }

    @Test
    void twelveLooksAreTwelveTouchesAndAWrongGraftIsPutRightInFew() {
        Page page = desk(lantern);
        Touches touches = Touches.of(page);
        page.navigate("/rounds");
        Locator now = page.locator("section[aria-label^='Now: '] h2");
        assertThat(now).isVisible();
        for (int i = 0; i < 12; i++) {
            String code = now.textContent();
            page.keyboard().press(firstKey(page));
            assertThat(now).not().hasText(code);
        }
        assertThat(touches.since("twelve looks")).isEqualTo(12);

        page.navigate("/graft/CB-26-001");
        button(page, "Put this right").click();
        choose(list(page, "Technique"), "t-bud");
        button(page, "Put right").click();
        assertThat(page.getByText("CB-26-001 put right: ")).isVisible();
        assertThat(touches.since("a wrong graft put right")).isLessThanOrEqualTo(4);

        page.navigate("/wood");
        assertThat(page.locator("h1").first()).isVisible();
        page.keyboard().press("c");
        pick(page, "From", "ternlight");
        page.getByLabel("Sticks", new Page.GetByLabelOptions().setExact(true)).fill("6");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Write the code on its label now")).isVisible();
        assertThat(touches.since("a lot")).isLessThanOrEqualTo(5);
    }

    @Test
    void aPlantIsPutRightMovedWithOthersAndMadeOneWithAnother() {
        Page page = desk(lantern);
        page.navigate("/trees?search=AV-01");
        button(page, "put right AV-011").click();
        assertThat(list(page, "Species")).hasAttribute("data-chosen", "avocado");
        list(page, "Species").press("ArrowDown");
        assertThat(page.locator("li[data-value='mango']")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        axeClean(page);
        page.getByLabel("Code").fill("AV-900");
        button(page, "Put right").click();
        assertThat(page.getByText("AV-900 put right")).isVisible();
        page.navigate("/trees?search=AV-01");
        page.getByLabel("Mark AV-012").check();
        page.getByLabel("Mark AV-013").check();
        chooseNth(list(page, "Put the marked plants at"), 2);
        assertThat(page.getByText("2 plants put there")).isVisible();
        button(page, "put right AV-012").click();
        pick(page, "Is the same as", "av 013");
        assertThat(page.getByText("go over to AV-013. It can be taken back.")).isVisible();
        button(page, "Make them one").click();
        assertThat(page.getByText("AV-012 is the same as AV-013")).isVisible();
        assertThat(page.getByLabel("Mark AV-012")).hasCount(0);
        page.navigate("/done");
        assertThat(button(page, "Take back: AV-012 is the same as AV-013")).isVisible();
    }

    @Test
    void onPaperStandsARoundToTickAndNothingToPress() {
        Page page = desk(lantern);
        for (String[] sheet :
                new String[][] {{"/rounds", "Round of "}, {"/trees", "Plants, "}, {"/wood", "Wood on the shelf, "}}) {
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
            page.navigate(sheet[0]);
            assertThat(page.locator("h1").first()).isVisible();
            Locator paper = page.locator(".paper");
            assertThat(paper).isHidden();
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            assertThat(paper).containsText(sheet[1]);
            assertThat(page.locator("#root")).isHidden();
            assertThat(page.locator("button:visible, select:visible")).hasCount(0);
        }
    }

    @Test
    void onThePhoneMoreBeginsWithWhatOneDoesMost() {
        Page page = phone(lantern);
        page.navigate("/today");
        button(page, "More").click();
        Locator more = page.getByRole(AriaRole.DIALOG);
        assertThat(more.getByRole(AriaRole.BUTTON).first()).hasText("I saw something");
        axeClean(page);
        more.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Takes"))
                .click();
        page.waitForURL("**/takes");
        assertThat(more).isHidden();
    }

    @Test
    void byKeysAloneOneFindsAGraftAnswersOnItsSheetAndCorrectsTheAnswer() {
        Page page = desk(lantern);
        page.navigate("/today");
        assertThat(page.locator("h1").first()).isVisible();
        page.keyboard().press("Tab");
        assertThat(button(page, "To the work table")).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.MAIN)).isFocused();
        page.keyboard().press(",");
        page.getByLabel("What to find").fill("cb26001");
        page.keyboard().press("Enter");
        page.waitForURL("**/graft/CB-26-001");
        assertThat(page.locator("h1")).hasText("CB-26-001");
        page.keyboard().press("p");
        assertThat(page.getByText("CB-26-001: pushed").first()).isVisible();
        page.keyboard().press("c");
        page.keyboard().press("g");
        assertThat(page.getByText("CB-26-001: green").first()).isVisible();
        assertThat(page.getByText("green, a correction", new Page.GetByTextOptions().setExact(false))
                        .or(page.getByText(", a correction"))
                        .first())
                .isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: CB-26-001: green")).isVisible();
    }

    @Test
    void aHeldGraftIsAnsweredBySettingItApartAndThenLeftInPeace() {
        Page page = desk(lantern);
        page.navigate("/graft/PL-26-001");
        Locator apart = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("set apart"));
        assertThat(apart).isVisible();
        String due =
                page.getByText("Isolate it, cut nothing from it").locator("..").textContent();
        page.keyboard().press("i");
        assertThat(page.getByText("PL-26-001: set apart").first()).isVisible();
        assertThat(page.getByText("Isolate it, cut nothing from it").locator(".."))
                .not()
                .hasText(due);
        page.navigate("/graft/CB-26-001");
        assertThat(page.locator("h1")).hasText("CB-26-001");
        assertThat(apart).hasCount(0);
    }

    @Test
    void aPaperRoundIsTypedInForItsDay() {
        Page page = desk(lantern);
        page.navigate("/rounds");
        Locator now = page.locator("section[aria-label^='Now: '] h2");
        assertThat(now).isVisible();
        String code = now.textContent();
        page.getByLabel("Seen on, today if empty").fill("yesterday");
        page.keyboard().press("Escape");
        page.keyboard().press(firstKey(page));
        assertThat(page.getByText(Pattern.compile("^" + code + ": \\w+")).first())
                .isVisible();
        page.navigate("/graft/" + code);
        assertThat(page.getByRole(AriaRole.MAIN).getByText("13 May 2026").first())
                .isVisible();
    }

    @Test
    void twoPeopleAreMadeOneAndAPlantWithALivingGraftIsAskedAbout() {
        Page page = desk(lantern);
        page.navigate("/farm");
        button(page, "Rename Nerea").click();
        chooseCalled(list(page, "Is the same as"), "Bram");
        button(page, "Make them one").click();
        assertThat(button(page, "Rename Nerea")).hasCount(0);
        page.navigate("/graft/CB-26-001");
        String plant =
                page.getByText(Pattern.compile("^CT-\\d+, stem")).textContent().split(",")[0];
        page.navigate("/trees?search=" + plant);
        button(page, "put right " + plant).click();
        button(page, "This plant leaves the farm; its history stays").click();
        button(page, "It leaves").click();
        assertThat(page.getByText(plant + " carries CB-26-001, which lives")).isVisible();
        button(page, "It leaves with its grafts").click();
        assertThat(page.getByText(plant + " has left the farm")).isVisible();
        page.navigate("/graft/CB-26-001");
        assertThat(page.getByText("No visit is planned.")).isVisible();
    }
}
