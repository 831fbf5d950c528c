package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The Fit station: dragging, keys, calliper, pairing to the log, limbs, phone. */
class FitTest extends DemoScreenTest {

    private static final Pattern MEETS = Pattern.compile("(\\d+) mm of cambium meets");

    private static Locator face(Page page) {
        return page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^On the cut face")));
    }

    private static Locator box(Page page, String name) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator size(Page page, String name) {
        return page.getByLabel(Pattern.compile("^" + name));
    }

    private static Page bench(Page page) {
        page.navigate("/fit");
        assertThat(page.locator("[data-meets]").first()).isVisible();
        pick(page, "On the stem", "loose stem");
        choose(list(page, "Stick from"), "");
        assertThat(size(page, "Stem, mm")).hasValue("");
        size(page, "Stem, mm").fill("9.4");
        return page;
    }

    private static int meets(Page page) {
        Matcher m = MEETS.matcher(page.locator("h1").textContent());
        return m.find() ? Integer.parseInt(m.group(1)) : 0;
    }

    @Test
    void theStickIsDraggedUntilCambiumGlowsAndKeysGiveTheSameNumbers() {
        Page page = bench(desk(lantern));
        size(page, "Stick, mm").fill("7.8");
        size(page, "Stem, mm").fill("12");
        button(page, "more")
                .or(page.getByText(Pattern.compile("^\\+\\d more$")))
                .first()
                .click();
        while (page.getByText("leave out").count() > 0) {
            page.getByText("leave out").last().click();
        }
        assertThat(page.getByText("on the stem at 12 mm")).isVisible();
        int best = meets(page);
        assertThat(best).isPositive();
        BoundingBox at = face(page).boundingBox();
        page.mouse().move(at.x + at.width / 2, at.y + at.height / 2);
        page.mouse().down();
        page.mouse().move(at.x + at.width / 2 - 90, at.y + at.height / 2);
        page.mouse().up();
        assertThat(heading(page, "No cambium meets")).isVisible();
        assertThat(page.locator("[data-meets]")).hasCount(0);
        assertThat(page.getByText("Mind: No cambium meets as it lies.")).isVisible();
        // Dragged back to where it lay, a step at a time, until it glows again.
        page.mouse().move(at.x + at.width / 2 - 60, at.y + at.height / 2);
        page.mouse().down();
        for (int step = 1; step < 60 && page.locator("[data-meets]").count() == 0; step++) {
            double x = at.x + at.width / 2 - 60 + 3 * step;
            page.waitForResponse("**/api/fit", () -> page.mouse().move(x, at.y + at.height / 2));
        }
        page.mouse().up();
        assertThat(page.locator("[data-meets]").first()).isVisible();
        assertThat(page.locator("h1")).containsText(MEETS);
        page.keyboard().press("b");
        assertThat(page.locator("[data-meets]").first()).isVisible();
        assertThat(page.locator("h1")).containsText(best + " mm of cambium meets");
        String placed =
                page.getByText("Scion off the middle, right").locator("..").textContent();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(page.getByText("Scion off the middle, right").locator(".."))
                .not()
                .hasText(placed);
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("ArrowLeft");
        assertThat(page.locator("h1")).containsText(MEETS);
        Locator split = page.getByLabel(Pattern.compile("^Split off the pith"));
        split.fill("2");
        split.press("Enter");
        Locator cuts = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Cut list"));
        assertThat(cuts.getByText("Split off centre").locator("..")).containsText("2 mm");
        split.fill("0");
        split.press("Enter");
        assertThat(cuts.getByText("Split off centre")).hasCount(0);
        page.keyboard().press("r");
        page.keyboard().press("r");
        page.keyboard().press("m");
        assertThat(page.getByText("Wedge, two single strokes").locator("..")).containsText("38.5 mm");
        page.keyboard().press("t");
        Locator table = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("The fit as a table"));
        assertThat(table).containsText("Tilt now1°");
        assertThat(table).containsText("Without the tilt");
        axeClean(page);
        page.keyboard().press("t");
        assertThat(face(page)).isVisible();
        axeClean(page);
    }

    @Test
    void whatCannotBeIsSaidAndTheDrawingStays() {
        Page page = bench(desk(lantern));
        size(page, "Stick, mm").fill("7.4");
        assertThat(page.getByText("stick 7.4 mm")).isVisible();
        size(page, "Stick, mm").fill("90");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("too thick");
        assertThat(page.getByText("The drawing shows the last that can be.")).isVisible();
        assertThat(face(page)).isVisible();
        size(page, "Stick, mm").fill("nought");
        assertThat(page.getByText("“nought” is not a length. Write 7.8 or 5/16."))
                .isVisible();
        size(page, "Stick, mm").fill("5/16");
        assertThat(page.getByText("stick 7.9 mm")).isVisible();
        page.reload();
        assertThat(size(page, "Stick, mm")).hasValue("5/16");
    }

    @Test
    void theTechniqueIsChosenWithItsReasonsAndTakenToTheLog() {
        Page page = desk(lantern);
        page.navigate("/fit");
        assertThat(page.locator("[data-meets]").first()).isVisible();
        Locator ranked =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Technique for this pair"));
        assertThat(ranked.getByRole(AriaRole.LISTITEM)).hasCount(3);
        assertThat(ranked).containsText("Not: ");
        assertThat(ranked).containsText("approach, it takes a rooted plant, and there is a stick");
        ranked.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Why")))
                .first()
                .click();
        assertThat(ranked).containsText("points of about 100");
        assertThat(ranked).containsText(Pattern.compile("your own \\d+ with it|never tried here"));
        choose(list(page, "Technique"), "veneer");
        assertThat(page.getByText("Veneer, ")).isVisible();
        assertThat(page.getByText("Foot wedge, at the back")).isVisible();
        assertThat(page.getByText("from below upward")).isVisible();
        button(page, "Take it to the Bench").click();
        assertThat(heading(page, "At the bench")).isVisible();
        assertThat(page.getByRole(
                        AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Technique"))))
                .hasAttribute("data-chosen", "veneer");
        button(page, "Log this graft").click();
        assertThat(page.getByText(Pattern.compile("Logged HA-26-"))).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("u");
        assertThat(page.getByText(Pattern.compile("Taken back"))).isVisible();
    }

    @Test
    void theCalliperFillsAPairingAndItBecomesAListAndTheLog() {
        Page page = desk(lantern);
        page.navigate("/fit/pairing");
        assertThat(heading(page, "Two lists of numbers")).isVisible();
        axeClean(page);
        button(page, "Calliper").click();
        Locator sticks = page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Thickness of a stick")));
        Locator stems = page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Thickness of a stem")));
        Locator jaw = page.getByLabel("Jaw, mm");
        for (String mm : new String[] {"6.2", "8.4"}) {
            sticks.focus();
            jaw.fill(mm);
            button(page, "Send").click();
        }
        assertThat(page.getByLabel(Pattern.compile("^stick 2, 8\\.[345]"))).isVisible();
        for (String mm : new String[] {"8.6", "6.3", "14"}) {
            stems.focus();
            jaw.fill(mm);
            jaw.press("Enter");
        }
        assertThat(heading(page, "2 of 2 sticks find a stem")).isVisible();
        assertThat(page.getByText("cut more wood")
                        .or(page.getByText("cut thicker wood, or bud it"))
                        .first())
                .isVisible();
        button(page, "Put the calliper away").click();
        button(page, "clear both").click();
        choose(list(page, "Sticks of a lot"), "HA-26-W02");
        choose(list(page, "Free stems of the farm"), "avocado");
        assertThat(heading(page, Pattern.compile("sticks find a stem"))).isVisible();
        page.keyboard().press("ArrowRight");
        Locator pair = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The pair chosen"));
        assertThat(pair).isVisible();
        String name = pair.getByRole(AriaRole.HEADING).textContent();
        button(page, "Lock the pair").click();
        assertThat(button(page, "Unlock the pair")).isVisible();
        button(page, "Unlock the pair").click();
        button(page, "Keep apart").click();
        assertThat(page.getByText("Kept apart: ")).containsText(name.substring(0, 6));
        assertThat(pair.getByText(name)).hasCount(0);
        axeClean(page);
        box(page, "Name of the list").fill("For Saturday");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Prepare th")))
                .click();
        Locator list = page.getByRole(
                AriaRole.REGION,
                new Page.GetByRoleOptions().setName("For Saturday").setExact(true));
        assertThat(list).isVisible();
        axeClean(page);
        list.getByRole(AriaRole.CHECKBOX).nth(1).check();
        button(page, "Log this graft").click();
        assertThat(list.getByRole(AriaRole.LINK)).hasCount(1);
        page.keyboard().press("u");
        assertThat(list.getByRole(AriaRole.LINK)).hasCount(0);
        button(page, "put the list away").click();
        assertThat(heading(page, "Nothing waits to be made")).isVisible();
    }

    @Test
    void theOldFigIsPlannedByTheSchoolChosenAndMeasuredAnew() {
        Page page = desk(lantern);
        page.navigate("/fit/limbs");
        assertThat(heading(page, Pattern.compile("Graft \\d of 9 limbs"))).isVisible();
        choose(list(page, "How much of the old tree to keep"), "NURSE");
        Locator limbs = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Limbs"));
        assertThat(limbs.getByText("keep as nurse")).hasCount(1);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Limb G,")))
                .click();
        assertThat(limbs.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setPressed(true)))
                .containsText("beyond reach");
        axeClean(page);
        button(page, "Measure the limbs anew").click();
        Locator lines = page.getByLabel(Pattern.compile("^A limb a line"));
        lines.fill("A 64 900");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("limb A needs three numbers");
        lines.fill("A 64 900 20\nG 30 1500 300");
        button(page, "Keep the limbs").click();
        assertThat(limbs.getByText("beyond reach")).hasCount(0);
        page.keyboard().press("u");
        assertThat(limbs.getByText("beyond reach")).hasCount(1);
    }

    @Test
    void theLimbsOfTheOldFigArePutOnAGraftDayByKeys() {
        Page page = desk(lantern);
        page.navigate("/fit/limbs");
        assertThat(heading(page, Pattern.compile("Graft \\d of 9 limbs"))).isVisible();
        Locator onto = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Onto a graft day"));
        Locator wood = onto.getByRole(
                AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName(Pattern.compile("^Wood for \\d+ scions")));
        // Only what can be grafted on a fig is offered, as soon as the shelf is there.
        wood.click();
        Locator first = page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("left$")))
                .first();
        assertThat(first).isVisible();
        wood.press("ArrowDown");
        wood.press("Enter");
        assertThat(wood).containsText("left");
        axeClean(page);
        onto.getByLabel("Grafted on").fill("16 may");
        onto.getByLabel("Grafted on").press("Enter");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^See the plan of Sat 16 May")))
                .click();
        assertThat(page.getByText("FG-OLD").first()).isVisible();
        // On another station what goes is named first.
        page.keyboard().press("u");
        assertThat(page.getByText(Pattern.compile("This season's limbs of FG-OLD|on limbs of FG-OLD"))
                        .first())
                .isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText(Pattern.compile("^Taken back: This season's limbs of FG-OLD")))
                .isVisible();
    }

    @Test
    void onThePhoneTheStickIsMovedWithTheThumb() {
        Page page = bench(phone(lantern));
        size(page, "Stick, mm").fill("7.8");
        assertThat(page.getByText("stick 7.8 mm")).isVisible();
        button(page, "right").click();
        button(page, "tilt ↘").click();
        button(page, "best").click();
        assertThat(page.locator("[data-meets]").first()).isVisible();
        axeClean(page);
        assertThat((Integer) page.evaluate("() => document.querySelector('#table').scrollWidth"))
                .isLessThanOrEqualTo(390);
        page.navigate("/fit/pairing");
        assertThat(heading(page, "Which stick on which stem?")
                        .or(heading(page, "find a stem"))
                        .first())
                .isVisible();
        axeClean(page);
    }

    private static Locator heading(Page page, Pattern name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }
}
