package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Buds noted, lamps read, graft days dragged, weather brought in. Each test leaves the farm as it found it. */
class FlushTest extends DemoScreenTest {

    private static Locator lane(Page page, String code) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + code)));
    }

    private static void settle(Page page) {
        assertThat(page.locator("h1")).hasText(Pattern.compile("is lit|closing|comes next|Nothing"));
    }

    @Test
    void notingAStageMovesTheForecastAndTakingItBackRestoresIt() {
        Page page = desk(lantern);
        page.navigate("/flush/HA-M1");
        Locator sheet = page.getByLabel("Tree HA-M1");
        Locator next = sheet.getByText(Pattern.compile("^Next flush"));
        assertThat(next).isVisible();
        String before = next.textContent();
        axeClean(page);
        button(page, "pushing").click();
        assertThat(page.getByText("HA-M1: pushing")).isVisible();
        assertThat(next).not().hasText(before);
        page.locator("h1").click();
        page.keyboard().press("u");
        assertThat(next).hasText(before);
    }

    /**
     * At twice the zoom what stands beside a page stands under it: what is chosen comes into view, by mouse and by keys, and
     * closed again leaves one where it was chosen.
     */
    @Test
    void whatIsChosenComesIntoViewAtTwiceTheZoom() {
        Page page = open(lantern, 640, 400, "day");
        page.navigate("/flush");
        settle(page);
        lane(page, "AV-125").click();
        assertThat(heading(page, "AV-125")).isInViewport();
        page.keyboard().press("ArrowDown");
        assertThat(heading(page, "AV-126")).isInViewport();
        assertThat(lane(page, "AV-125")).not().isInViewport();
        page.keyboard().press("Escape");
        assertThat(lane(page, "AV-125")).isInViewport();
        page.keyboard().press("d");
        assertThat(heading(page, "Thu 14 May")).isInViewport();
        page.navigate("/flush/HA-M1");
        assertThat(heading(page, "HA-M1")).isInViewport();
        page.navigate("/wood");
        button(page, "TE-26-W04").click();
        assertThat(heading(page, "TE-26-W04")).isInViewport();
        page.keyboard().press("Escape");
        assertThat(button(page, "TE-26-W04")).isInViewport();
    }

    /** A choice made far down a long page: its sheet stands beside it, not at the head of the page. */
    @Test
    void whatIsChosenFarDownStandsBesideIt() {
        Page page = desk(lantern);
        page.navigate("/takes");
        Locator last = page.locator("main button")
                .filter(new Locator.FilterOptions().setHasText("spring 2024"))
                .last();
        last.click();
        Locator sheet = page.locator("main aside h2").first();
        assertThat(sheet).isInViewport();
        assertThat(last).isInViewport();
        axeClean(page);
        page.navigate("/wood");
        page.locator("main tbody button").last().click();
        assertThat(sheet).isInViewport();
        page.navigate("/causes");
        Locator session = page.getByLabel("Failures").getByRole(AriaRole.LINK).last();
        session.click();
        assertThat(page.locator("h1")).isInViewport();
        assertThat(session).hasAttribute("aria-current", "true");
        assertThat(session).isInViewport();
    }

    /** A sheet beside a page comes, changes and goes; what was chosen and searched on the page stays. */
    @Test
    void aPageStaysAsItIsWhileItsSheetIsOpenedAndClosed() {
        Page page = desk(lantern);
        page.navigate("/flush");
        settle(page);
        button(page, "year").click();
        lane(page, "AV-124").click();
        assertThat(heading(page, "AV-124")).isVisible();
        assertThat(button(page, "year")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("d");
        assertThat(heading(page, "Thu 14 May")).isVisible();
        Assertions.assertThat(page.url()).endsWith("/flush");
        go(page, "/flush/HA-M1");
        assertThat(heading(page, "HA-M1")).isVisible();
        page.navigate("/wood");
        Locator search = page.getByPlaceholder("find a lot");
        search.fill("Tern");
        button(page, "TE-26-W03").click();
        assertThat(heading(page, "TE-26-W03")).isVisible();
        assertThat(search).hasValue("Tern");
        page.keyboard().press("Escape");
        assertThat(heading(page, "TE-26-W03")).hasCount(0);
        assertThat(search).hasValue("Tern");
    }

    /** Answers that take their time: nothing is said of the lit days before they are known. */
    @Test
    void nothingIsSaidToBeUnlitBeforeItIsKnown() {
        Page page = desk(lantern);
        HeldBack lit = new HeldBack(page, "/api/windows?");
        page.navigate("/flush");
        assertThat(heading(page, "Fetching the lit days …")).isVisible();
        assertThat(page.getByText("Nothing is lit")).hasCount(0);
        lit.letThrough();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText("Avocado is lit");
    }

    @Test
    void theSheetSaysWhatATreeGoesByAndTodayWhichLookIsWorthMost() {
        Page page = desk(lantern);
        page.navigate("/flush/TE-M1");
        Locator sheet = page.getByLabel("Tree TE-M1");
        assertThat(sheet.getByText(Pattern.compile("^Goes by "))).isVisible();
        assertThat(sheet.getByText(
                        Pattern.compile("^Its stages here, of the way from swell to swell: swelling to \\d+ %")))
                .isVisible();
        assertThat(sheet.getByText(Pattern.compile("the 8-in-10 range held \\d+ of 100 times")))
                .isVisible();
        assertThat(sheet.locator("table")
                        .filter(new Locator.FilterOptions().setHasText("told"))
                        .locator("tbody tr"))
                .not()
                .hasCount(0);
        assertThat(sheet.getByText("its shaded side", new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(sheet.getByText(
                        Pattern.compile("^Its shaded side swells \\d days after the sunny one: from \\d+ looks")))
                .isVisible();
        axeClean(page);
        page.navigate("/today");
        Locator looks = page.getByLabel("Buds to look at next");
        Locator first = looks.getByRole(AriaRole.LINK).first();
        assertThat(first).containsText("is then known to");
        first.click();
        assertThat(page.getByLabel(Pattern.compile("^Tree "))).isVisible();
        Page phone = phone(lantern);
        phone.navigate("/flush");
        assertThat(phone.getByLabel("Buds to look at next").getByRole(AriaRole.LINK))
                .hasCount(3);
    }

    @Test
    void draggingAGraftDayMovesThePinchAndAKeptPlanStandsOnToday() {
        Page page = desk(lantern);
        page.navigate("/flush");
        settle(page);
        BoundingBox petrel = lane(page, "Petrel Deep on").boundingBox();
        double row = petrel.y + petrel.height / 2;
        page.mouse().move(petrel.x + petrel.width + 240, row);
        page.mouse().down();
        Locator pinch = page.getByText(Pattern.compile("^pinch \\d"));
        assertThat(pinch).isVisible();
        String first = pinch.textContent();
        page.mouse().move(petrel.x + petrel.width + 300, row);
        assertThat(pinch).not().hasText(first);
        page.mouse().up();
        String moved = pinch.textContent();
        page.keyboard().press("ArrowLeft");
        assertThat(pinch).not().hasText(moved);
        axeClean(page);
        button(page, "Keep this plan").click();
        assertThat(page.getByText(Pattern.compile("10 Petrel Deep planned for")))
                .isVisible();
        button(page, "Close").click();
        assertThat(page.getByText("10 Petrel Deep, centre-split cleft, Shade House"))
                .isVisible();
        page.locator("h1").click();
        page.keyboard().press("u");
        assertThat(page.getByText("10 Petrel Deep, centre-split cleft, Shade House"))
                .hasCount(0);
    }

    @Test
    void aWeekOnVisitsFallDueAndALampGoesOut() {
        Page page = desk(lantern);
        page.navigate("/today");
        Locator avocado = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Ternlight on Shade House")));
        assertThat(avocado).hasAccessibleName(Pattern.compile("stock lit, wood lit, weather lit"));
        String lamp = avocado.textContent();
        Locator steps = page.getByLabel("For planned graft days");
        assertThat(steps).containsText("graft 10 Ternlight");
        int due = due(page);
        Locator title = page.locator("h1");
        String before = title.textContent();
        avocado.click();
        assertThat(page.getByText(Pattern.compile("is most likely (swelling|pushing)"))
                        .first())
                .isVisible();
        page.keyboard().press("Escape");
        button(page, "Demo clock: a week on, +7").click();
        assertThat(page.locator("header").getByText("Thu 21 May")).isVisible();
        assertThat(page.locator("button").filter(new Locator.FilterOptions().setHasText(lamp)))
                .hasCount(0);
        assertThat(title).not().hasText(before);
        Assertions.assertThat(due(page)).isGreaterThan(due);
        button(page, "Demo clock: a week back, −7").click();
        assertThat(page.locator("button").filter(new Locator.FilterOptions().setHasText(lamp)))
                .hasCount(1);
    }

    private static int due(Page page) {
        Locator line = page.getByText(Pattern.compile("\\d+ grafts want a look today"));
        assertThat(line).isVisible();
        return Integer.parseInt(line.textContent().replaceAll("(?s)^\\D*(\\d+).*", "$1"));
    }

    @Test
    void whetherStocksAndWoodMeetIsToldAndABetterDayTaken() {
        Page page = desk(lantern);
        page.navigate("/flush");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Harbourmaster on")))
                .click();
        Locator meet =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Will stocks and wood meet?"));
        Locator pinched = meet.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^With tips pinched")));
        assertThat(pinched).containsText(Pattern.compile("together in \\d+ of 100 years, lit in \\d+"));
        String best = pinched.locator("span span").textContent();
        pinched.focus();
        page.keyboard().press("Enter");
        // The title of the screen may name the same day.
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(best).setExact(true)))
                .isVisible();
        assertThat(pinched).hasAttribute("aria-pressed", "true");
        axeClean(page);
    }

    @Test
    void byKeysAloneATreeIsChosenAStageNotedAndTheTableRead() {
        Page page = desk(lantern);
        page.navigate("/today");
        settle(page);
        page.keyboard().press("2");
        assertThat(lane(page, "AV-124")).isVisible();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        assertThat(page.getByLabel("Tree AV-125")).isVisible();
        page.keyboard().press("n");
        assertThat(page.getByText("What do the buds of AV-125 show?")).isVisible();
        page.keyboard().press("f");
        assertThat(page.getByText("AV-125: flushing")).isVisible();
        assertThat(page.getByText("What do the buds of AV-125 show?")).isHidden();
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: AV-125: flushing")).isVisible();
        page.keyboard().press("z");
        assertThat(button(page, "year")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("t");
        assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("next flush")))
                .isVisible();
        axeClean(page);
    }

    @Test
    void onThePhoneTwoTapsNoteAStage() {
        Page page = phone(lantern);
        page.navigate("/flush");
        assertThat(lane(page, "S AV-126")).isVisible();
        axeClean(page);
        lane(page, "S AV-126").click();
        button(page, "pushing").click();
        assertThat(page.getByText("AV-126: pushing")).isVisible();
        assertThat(lane(page, "P AV-126")).containsText("today");
        page.getByText("Take back").click();
        assertThat(lane(page, "S AV-126")).isVisible();
    }

    @Test
    void onThePhoneARowIsNotedAtOnce() {
        Page page = phone(lantern);
        page.navigate("/flush");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("avocado · Shade House.*all 6")))
                .click();
        button(page, "flushing").click();
        assertThat(page.getByText("6 plants: flushing")).isVisible();
        assertThat(lane(page, "F AV-12")).hasCount(6);
        page.getByText("Take back").click();
        assertThat(lane(page, "S AV-12")).hasCount(6);
    }

    @Test
    void theFiguresBehindAWindowStandUnderRules() {
        Page page = desk(lantern);
        page.navigate("/rules");
        choose(list(page, "Species"), "citrus");
        assertThat(page.getByText("Wanted of citrus wood: this season’s rounded wood"))
                .isVisible();
        assertThat(page.getByRole(
                        AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^citrus wood is ready by"))))
                .containsText("90 %");
        assertThat(page.getByRole(
                        AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^a wick is lit from"))))
                .containsText("0.6");
        Object unnamed = page.evaluate("""
                () => [...document.querySelectorAll('tr[id^="figure-"]')]
                  .filter(row => row.children[0].innerText === row.children[3].innerText)
                  .map(row => row.id)""");
        Assertions.assertThat(unnamed)
                .as("rows whose name is their reason told twice")
                .isEqualTo(List.of());
    }

    @Test
    void weatherFromAFileAsksWhichWinsAndSaysEachBadRow() {
        Page page = desk(lantern);
        page.navigate("/farm/weather");
        assertThat(page.getByText("1260 days on record", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        axeClean(page);
        String file = "date,min,max\n2026-05-13,2,9\n2026-05-12,30,9\n2026-05-11,1,8\n";
        page.getByLabel("File of weather")
                .setInputFiles(new FilePayload("days.csv", "text/csv", file.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("2 days can be taken, 1 rows cannot; 2 days are on record already."))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("Row 2: .*above the highest")))
                .isVisible();
        button(page, "Take it, the file wins").click();
        assertThat(page.getByText("2 days of weather brought in")).isVisible();
        page.getByText("Take back").click();
        assertThat(page.getByText("Taken back: 2 days of weather brought in")).isVisible();
    }

    /** How many to make is said for the plan under thought, follows what is wanted, and is taken with one tap. */
    @Test
    void howManyToMakeIsTakenWithOneTap() {
        Page page = desk(lantern);
        page.navigate("/flush");
        settle(page);
        assertThat(page.getByText(Pattern.compile("stocks: ")).first()).isVisible();
        page.keyboard().press("d");
        assertThat(page.getByLabel("A graft day")).isVisible();
        Locator many = page.getByLabel("How many", new Page.GetByLabelOptions().setExact(true));
        Locator take =
                many.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Plan \\d+")));
        assertThat(take).isVisible();
        int least = Integer.parseInt(take.textContent().replaceAll("\\D", ""));
        take.click();
        assertThat(page.getByLabel("Grafts", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("" + least);
        assertThat(take).isHidden();
        chooseCalled(list(page, "As sure as"), "19 times in 20");
        assertThat(take).not().hasText("Plan " + least);
        // A number of the question before is told as that, and not taken.
        HeldBack answer = new HeldBack(page, "/api/takes/how-many");
        many.getByLabel("Should live").fill("40");
        assertThat(take).isDisabled();
        assertThat(many.getByText("so that 10 live")).isVisible();
        answer.letThrough();
        assertThat(many.getByText("so that 40 live")).isVisible();
        assertThat(take).isEnabled();
        many.getByLabel("Should live").fill("0");
        assertThat(many.getByText("A whole number from 1 to 10 000")).isVisible();
        assertThat(take).isHidden();
        axeClean(page);
    }
}
