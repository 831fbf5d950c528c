package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The rooms behind the shelf: sources, stores, shoots, blades, movements; with wrong entries and with taking back. */
class WoodRoomsTest extends DemoScreenTest {

    private static Locator row(Page page, String text) {
        return page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile(text)));
    }

    @Test
    void aDayIsWrittenAsOneSaysItOrTakenFromTheLeafAndNothingElseIsKept() {
        Page page = desk(lantern);
        page.navigate("/wood/shoots");
        Locator day = page.getByLabel("Pinched on");
        Map<String, String> said = Map.of(
                "last tue", "Tue 12 May",
                "3 d ago", "Mon 11 May",
                "1 w ago", "Thu 7 May",
                "2 may", "Sat 2 May",
                "30.12.", "Tue 30 Dec 2025",
                "mar 5 2025", "Wed 5 Mar 2025",
                "mon", "Mon 11 May");
        said.forEach((typed, shown) -> {
            day.fill(typed);
            day.blur();
            assertThat(day).hasValue(shown);
        });
        day.fill("today");
        day.press("ArrowDown");
        assertThat(day).hasValue("Wed 13 May");
        page.locator("[popover]:popover-open")
                .getByText("8", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(day).hasValue("Fri 8 May");
        axeClean(page);
        pick(page, "On", "te m1");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Shoots"))
                .fill("7");
        day.fill("31 feb");
        button(page, "Write them down").click();
        assertThat(page.getByText("“31 feb” is no day; write 14 may, last tue or 3 d ago"))
                .isVisible();
        assertThat(page.getByText("pinched Fri 8 May")).hasCount(0);
    }

    @Test
    void aSourceIsAddedWithItsPermitAndReminds() {
        Page page = desk(lantern);
        page.navigate("/wood/sources");
        assertThat(row(page, "BE-M1")).containsText("The licence (propagation licence) runs out on 30 May 2026");
        button(page, "Add a source outside the farm").click();
        page.getByLabel("Name").first().fill("Gannet Holm");
        choose(list(page, "Sort"), "POST");
        page.getByLabel("Permit to move wood").fill("across the sound");
        page.getByLabel("runs out on").first().fill("2026-05-20");
        axeClean(page);
        button(page, "Keep it").click();
        assertThat(row(page, "Gannet Holm")).containsText("across the sound");
        assertThat(row(page, "Gannet Holm")).containsText("20 May 2026");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Write of Gannet Holm"))
                .click();
        choose(list(page, "What proves its name"), "SEEN_FRUIT");
        button(page, "Keep it").click();
        assertThat(row(page, "Gannet Holm")).containsText("fruit was seen");
        button(page, "Add a source outside the farm").click();
        page.getByLabel("Name").first().fill("Gannet Holm");
        button(page, "Keep it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("there already");
        assertThat(page.getByLabel("Name").first()).hasValue("Gannet Holm");
    }

    @Test
    void aLogInTheWrongUnitIsAskedAboutAndBadRowsAreTold() {
        Page page = desk(lantern);
        page.navigate("/wood/stores");
        assertThat(page.getByText("Field box")).isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Warmth of Cold Press")))
                .isVisible();
        byte[] log = "time,temp\n2026-05-12 06:00,46\n2026-05-12 18:00,50\nnoon,48\n".getBytes(StandardCharsets.UTF_8);
        page.locator("input[type=file]").first().setInputFiles(new FilePayload("box.csv", "text/csv", log));
        assertThat(page.getByText("Say whether the file is in °C or °F.")).isVisible();
        button(page, "It is °F").click();
        assertThat(page.getByText("Row 3:")).isVisible();
        assertThat(page.getByText("8.9 °C, by its log")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("10 °C, as it is set")).isVisible();
        page.getByLabel("Name").fill("Warm shelf");
        page.getByLabel("Set to, °C").fill("80");
        button(page, "Add it").click();
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("No store for wood is set to 80");
        page.getByLabel("Set to, °C").fill("18");
        button(page, "Add it").click();
        assertThat(page.getByText("18 °C, as it is set")).isVisible();
    }

    @Test
    void shootsArePinchedCountedAndGivenUp() {
        Page page = desk(lantern);
        page.navigate("/wood/shoots");
        assertThat(page.getByText("ready: cut when the buds swell")).isVisible();
        assertThat(page.getByText("probably too late: the buds have opened")).isVisible();
        pick(page, "On", "te m1");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Shoots"))
                .fill("7");
        chooseNth(list(page, "For"), 1);
        button(page, "Write them down").click();
        assertThat(page.getByText("7 shoots pinched Thu 14 May")).isVisible();
        assertThat(page.getByText("for plan 1")).isVisible();
        page.getByLabel("Pinched on").fill("2026-05-20");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Shoots"))
                .fill("3");
        button(page, "Write them down").click();
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("ahead of today");
        page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("7 shoots pinched"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Give them up"))
                .click();
        assertThat(page.getByText("7 shoots pinched Thu 14 May")).hasCount(0);
        pick(page, "On", "pilot lime");
        page.getByLabel("Pinched on").fill("2026-05-14");
        button(page, "Write them down").click();
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("No wood may be taken");
    }

    @Test
    void bladesAreCleanedButNotWithASpentMixture() {
        Page page = desk(lantern);
        page.navigate("/wood/cleaning");
        chooseNth(list(page, "With"), 1);
        assertThat(page.getByText("It lost its strength")).isVisible();
        assertThat(button(page, "new tree")).isDisabled();
        chooseNth(list(page, "Whose blade"), 1);
        button(page, "new tree").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("past its time");
        page.getByLabel("Its strength, %").fill("4");
        assertThat(page.getByText("63 ml of it and 438 ml of water")).isVisible();
        page.getByLabel("Its strength, %").fill("0.2");
        assertThat(page.getByText("The strength wanted of 0.5 %").first()).isVisible();
        choose(list(page, "What"), "ALCOHOL");
        assertThat(page.getByText("It burns: no flame near it")).isVisible();
        assertThat(page.getByText("365 ml of it and 135 ml of water")).isVisible();
        button(page, "Mixed now").click();
        list(page, "With").click();
        assertThat(page.getByRole(AriaRole.OPTION)).hasCount(4);
        page.keyboard().press("Escape");
        chooseNth(list(page, "With"), 1);
        assertThat(page.getByText("Good until")).isVisible();
        button(page, "after something suspect").click();
        assertThat(page.getByText("Nerea, after something suspect, alcohol")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("Nerea, after something suspect, alcohol")).hasCount(0);
    }

    @Test
    void aPlantLeavesTheHouseAndItsTestIsDue() {
        Page page = desk(lantern);
        page.navigate("/lineage");
        button(page, "Write a movement or visitor").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Visitor"))
                .fill("the schoolchildren");
        chooseCalled(list(page, "Into"), "Mother House, insect-proof");
        button(page, "Write it").click();
        assertThat(page.getByText("the schoolchildren came into Mother House").first())
                .isVisible();
        button(page, "Write a movement or visitor").click();
        pick(page, "Plant", "cbm1");
        chooseCalled(list(page, "Into"), "Cistern Court");
        button(page, "Write it").click();
        assertThat(page.getByText("left the house").first()).isVisible();
        assertThat(page.getByText("CB-M1 left the insect-proof house on 14 May 2026"))
                .isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("CB-M1 left the insect-proof house")).hasCount(0);
    }

    @Test
    void aCircleInTheParentageIsRefusedWithItsPath() {
        Page page = desk(lantern);
        page.navigate("/lineage");
        pick(page, "Look around a plant or source", "HA-M1");
        assertThat(page.getByText("came of it")).isVisible();
        pick(page, "Plant, source or lot", "ha26w02");
        button(page, "Write it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("HA-M1 cannot come from its own offspring");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("HA-M1 → HA-26-W02");
        button(page, "Enter a test").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^On\\b")))
                .fill("2026-05-30");
        assertThat(button(page, "Keep the test")).isDisabled();
        page.getByText("clear", new Page.GetByTextOptions().setExact(true)).click();
        button(page, "Keep the test").click();
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("ahead of today");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^On\\b")))
                .fill("2026-05-10");
        button(page, "Keep the test").click();
        assertThat(page.getByText("HA-M1 tested clear on 10 May 2026").first()).isVisible();
    }

    @Test
    void aLotIsFoundByItsCodeFromAnywhereAndOnThePhone() {
        Page page = desk(lantern);
        page.navigate("/rounds");
        assertThat(page.locator("h1")).isVisible();
        page.keyboard().press(",");
        page.getByLabel("What to find").fill("CB-26-W03");
        assertThat(page.getByText("Cistern Blood, 15 sticks")).isVisible();
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/wood/lot/CB-26-W03"));
        page.getByLabel("Find a lot of any time").fill("cb-2");
        assertThat(page.getByRole(AriaRole.ROW).nth(4)).isVisible();
        Page phone = phone(lantern);
        phone.navigate("/today");
        phone.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Wood").setExact(true))
                .click();
        button(phone, "AS-26-W02").click();
        assertThat(phone.getByText("Ledger ·")).isVisible();
        axeClean(phone);
    }

    @Test
    void theRulesTellWhatWoodRestsOn() {
        Page page = desk(lantern);
        page.navigate("/rules");
        choose(list(page, "Species"), "citrus");
        assertThat(page.getByText("Seven of ten sticks live 30 days in a cool box, 60 in a fridge"))
                .isVisible();
        assertThat(row(page, "cut across, its shape: angular").first()).containsText("too young");
        choose(list(page, "Species"), "tamarillo");
        assertThat(page.getByText("a guess")).isVisible();
        axeClean(page);
    }

    @Test
    void aPlaceIsSaidToBeAnInsectProofHouseWhereThePlacesAre() {
        Page page = desk(lantern);
        page.navigate("/farm");
        Locator shade = page.getByLabel("Shade House is an insect-proof house");
        assertThat(page.getByLabel("Mother House is an insect-proof house")).isChecked();
        assertThat(shade).not().isChecked();
        shade.click();
        assertThat(shade).isChecked();
        axeClean(page);
        page.navigate("/lineage");
        assertThat(page.getByText("Insect-proof: Shade House, Mother House.")).isVisible();
        page.navigate("/farm");
        shade.click();
        assertThat(shade).not().isChecked();
    }

    @Test
    void aStickStillOnItsTreeIsRememberedWithTheDaysItWillBeReady() {
        Page page = phone(lantern);
        page.navigate("/flush/PD-M1");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Check a stick of it"))
                .click();
        button(page, "leaves dark, firm").click();
        button(page, "Keep this stick").click();
        assertThat(page.getByText("1 kept")).isInViewport();
        page.navigate("/wood/shoots");
        Locator seen = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("pinch the tip and wait"));
        assertThat(seen).containsText("PD-M1");
        assertThat(seen).containsText(Pattern.compile("ready \\d+ May to \\d+ (May|Jun)"));
        axeClean(page);
    }

    @Test
    void onThePhoneALotOpensWhereTheListWas() {
        Page page = phone(lantern);
        page.navigate("/wood");
        button(page, "RO-26-W02").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Lot RO-26-W02")))
                .isInViewport();
        button(page, "Close").click();
        assertThat(button(page, "RO-26-W02")).isInViewport();
    }
}
