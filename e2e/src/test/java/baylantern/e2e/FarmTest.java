package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Trees, the bench and the farm's own room, with the mouse and with keys. */
class FarmTest extends DemoScreenTest {

    @Test
    void aVarietyIsAddedChangedAndFound() {
        Page page = desk(lantern);
        page.navigate("/trees?tab=varieties");
        button(page, "Add a variety").click();
        choose(list(page, "Species"), "guava");
        page.getByLabel("Variety", new Page.GetByLabelOptions().setExact(true)).fill("Pebble Jetty");
        page.getByLabel("Harvest months").fill("9,19");
        button(page, "Add this variety").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("months 1 to 12");
        assertThat(page.getByLabel("Variety", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Pebble Jetty");
        page.getByLabel("Harvest months").fill("9,10");
        button(page, "Add this variety").click();
        assertThat(page.getByText("PJ", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.getByLabel("Find here").fill("pebble");
        assertThat(page.getByText("Ternlight")).hasCount(0);
        assertThat(page.getByText("Sep Oct")).isVisible();
    }

    @Test
    void plantsAreAddedAndTakenBack() {
        Page page = desk(lantern);
        page.navigate("/trees");
        String before = page.locator("h1").textContent();
        button(page, "Add plants").click();
        page.getByLabel("A line each").fill("ZZ-1 9\nZZ-2 thick");
        choose(list(page, "Species"), "fig");
        page.getByLabel("Place").fill("Old Wall");
        button(page, "Add these plants").click();
        assertThat(page.getByText("\"thick\" is not a diameter.")).isVisible();
        assertThat(page.locator("h1")).hasText(before);
        page.getByLabel("A line each").fill("ZZ-1 9\nZZ-2 9.5");
        button(page, "Add these plants").click();
        assertThat(page.locator("h1")).not().hasText(before);
        page.getByLabel("Find here").fill("ZZ-");
        assertThat(page.getByText("ZZ-2").first()).isVisible();
        button(page, "Take back").click();
        assertThat(page.locator("h1")).hasText(before);
    }

    @Test
    void aRunOfThreeIsLoggedWithASchoolOfOnesOwnAndTakenBack() {
        Page page = desk(lantern);
        page.navigate("/bench");
        pick(page, "Variety", "grey quay");
        choose(list(page, "Technique"), "cleft");
        page.getByLabel("Find a stock by code or place").fill("AV-124 … 126");
        button(page, "List all 3").click();
        assertThat(heading(page, "A run of 3 grafts")).isVisible();
        page.getByText("Schools followed: the farm's habit").click();
        choose(list(page, "Water after grafting"), "moist");
        page.getByLabel(Pattern.compile("^Scion diameter")).first().fill("abc");
        assertThat(page.getByText("a number, such as 7.8 or 5/16").first()).isVisible();
        page.getByLabel(Pattern.compile("^Scion diameter")).first().fill("8");
        assertThat(page.getByLabel(Pattern.compile("^Scion diameter")).last()).hasValue("8");
        page.getByLabel("Notes").focus();
        page.keyboard().press("Control+Enter");
        assertThat(page.getByText(Pattern.compile("Logged GQ-26-\\d+ to GQ-26-\\d+")))
                .isVisible();
        assertThat(page.locator("aside a[href^='/graft/']").first()).containsText("GQ-26-");
        page.locator("aside a[href^='/graft/']").first().click();
        assertThat(heading(page, "How it was made, 14 May 2026")).isVisible();
        page.getByText("Schools followed").click();
        assertThat(list(page, "Water after grafting")).hasAttribute("data-chosen", "moist");
        assertThat(page.getByText("Give the first water")).hasCount(0);
        page.keyboard().press("u");
        assertThat(page.getByText("Last done: ")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: 3 Grey Quay centre-split cleft grafts logged"))
                .isVisible();
    }

    @Test
    void whatCannotBeIsRefusedBeforeItIsLogged() {
        Page page = desk(lantern);
        page.navigate("/bench");
        pick(page, "Variety", "tollk");
        list(page, "Technique").click();
        assertThat(page.locator("li[data-value='t-bud']")).hasAttribute("aria-disabled", "true");
        page.keyboard().press("Escape");
        choose(list(page, "Technique"), "cleft");
        page.getByLabel("Find a stock by code or place").fill("CT-");
        // Mango joins no citrus, so none is offered.
        assertThat(page.getByText("No free stem.")).isVisible();
        pick(page, "Variety", "nobody's");
        assertThat(page.getByText("Nothing here is called")).isVisible();
        assertThat(button(page, "Log this graft")).hasCount(0);
        pick(page, "Variety", "bellw");
        // As a scanner does it: entered before its answer has come.
        HeldBack stocks = new HeldBack(page, "/api/grafts/tray?");
        choose(list(page, "Technique"), "chip");
        assertThat(page.getByText("This variety is protected")).isVisible();
        page.getByLabel("Find a stock by code or place").fill("CT-");
        stocks.hasSome();
        page.getByLabel("Find a stock by code or place").press("Enter");
        stocks.letThrough();
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Log \\d+ grafts"))))
                .isEnabled();
    }

    @Test
    void inchesAndLamplightAreKeptOnThisDevice() {
        Page page = desk(lantern);
        page.navigate("/farm");
        choose(list(page, "Lengths"), "inch");
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Rules"))
                .click();
        assertThat(page.getByText("cut flush when the scion is 2 15/16 to 3 15/16 in"))
                .isVisible();
        page.goBack();
        choose(list(page, "Light"), "lamplight");
        page.navigate("/trees");
        assertThat(page.getByText(Pattern.compile("^\\d+/\\d+ in$")).first()).isVisible();
        Assertions.assertThat(page.evaluate("document.documentElement.dataset.theme"))
                .isEqualTo("lamplight");
        page.reload();
        assertThat(page.getByText(Pattern.compile("^\\d+/\\d+ in$")).first()).isVisible();
    }

    @Test
    void theWalkIsReorderedAndTheFarmTakenOut() throws IOException {
        Page page = desk(lantern);
        page.navigate("/farm");
        button(page, "Kiln Terrace earlier").click();
        assertThat(page.locator("ol li").first()).containsText("Kiln Terrace");
        button(page, "Kiln Terrace later").click();
        assertThat(page.locator("ol li").first()).containsText("Shade House");
        Download zip = page.waitForDownload(
                () -> page.getByText("Take the whole farm out, as a zip").click());
        Assertions.assertThat(zip.suggestedFilename()).isEqualTo("bay-lantern-farm.zip");
        page.getByLabel("Farm zip").setInputFiles(zip.path());
        assertThat(page.getByText("This farm holds records already.")).isVisible();
        Download calendar = page.waitForDownload(
                () -> page.getByText("Visits for a calendar").click());
        Assertions.assertThat(Files.readString(calendar.path())).startsWith("BEGIN:VCALENDAR");
    }

    @Test
    void aNoteIsWrittenOnAGraftAndTheYearIsReadAsATable() {
        Page page = desk(lantern);
        page.navigate("/graft/CB-26-001");
        page.getByLabel("Notes").fill("leans to the harbour");
        page.waitForResponse("**/notes", () -> button(page, "Save").click());
        assertThat(button(page, "Save")).isDisabled();
        page.reload();
        assertThat(page.getByLabel("Notes")).hasValue("leans to the harbour");
        assertThat(page.getByRole(
                        AriaRole.ROW,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Apr .*\\d+ made 0 visits$"))))
                .hasCount(1);
    }

    @Test
    void digitsLeadToStationsAndRestWhileOneTypes() {
        Page page = desk(lantern);
        page.navigate("/today");
        assertThat(page.locator("h1")).containsText(Pattern.compile("today|is lit|closes|closing|comes next"));
        page.keyboard().press("7");
        assertThat(page.locator("h1")).containsText("grafts took");
        page.keyboard().press("9");
        assertThat(page.locator("h1")).containsText("plants");
        page.getByLabel("Find here").fill("");
        page.getByLabel("Find here").pressSequentially("AV-17");
        assertThat(page.getByLabel("Find here")).hasValue("AV-17");
        assertThat(page.locator("h1")).containsText("plants");
        page.navigate("/graft/NO-26-999");
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("There is no graft NO-26-999.");
    }

    @Test
    void howAGraftWasMadeIsPutRightByKeysAndTakenBack() {
        Page page = desk(lantern);
        page.navigate("/graft/QU-26-003");
        Locator made = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("How it was made"));
        assertThat(made).isVisible();
        String before = made.textContent();
        button(page, "Put this right").focus();
        page.keyboard().press("Enter");
        Locator box = page.getByRole(AriaRole.DIALOG);
        assertThat(box.getByText("takes are counted anew")).isVisible();
        axeClean(page);
        box.getByLabel("Scion, mm").fill("abc");
        page.keyboard().press("Enter");
        assertThat(box.getByRole(AriaRole.ALERT).first()).isVisible();
        box.getByLabel("Scion, mm").fill("7.5");
        box.getByLabel("Made on").fill("9 may");
        page.keyboard().press("Enter");
        assertThat(box).isHidden();
        assertThat(made).containsText("9 May");
        assertThat(page.getByText("QU-26-003 put right: made on")).isVisible();
        page.keyboard().press("u");
        assertThat(made).hasText(before);
    }

    @Test
    void aNameIsPutRightWhereItStands() {
        Page page = desk(lantern);
        page.navigate("/farm");
        Locator rename = page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Rename ")))
                .last();
        String name = rename.getAttribute("aria-label").replace("Rename ", "");
        rename.click();
        page.getByLabel("New name of " + name).fill("Ingmar by the sea");
        page.keyboard().press("Enter");
        assertThat(button(page, "Rename Ingmar by the sea")).isVisible();
        page.keyboard().press("u");
        page.keyboard().press("u");
        assertThat(button(page, "Rename " + name)).isVisible();
    }

    @Test
    void whatNobodyUnderstandsIsSaidOnTheFarmsPage() {
        Page page = desk(lantern);
        page.route("**/api/farm", r -> {
            APIResponse told = r.fetch();
            String body = told.text().replace("\"unread\":0", "\"unread\":3");
            r.fulfill(new Route.FulfillOptions().setResponse(told).setBody(body));
        });
        page.route(
                "**/api/unread",
                r -> r.fulfill(
                        new Route.FulfillOptions()
                                .setContentType("application/json")
                                .setBody(
                                        "[{\"id\":4,\"of\":\"plant: kind\",\"was\":\"SHRUB\",\"cells\":3,\"named\":[\"AV-014\"],"
                                                + "\"stands\":\"SEEDLING_STOCK\",\"choices\":[\"SEEDLING_STOCK\",\"FIELD_TREE\"]}]")));
        List<String> said = new ArrayList<>();
        page.route("**/api/unread/4", r -> {
            said.add(r.request().postData());
            r.fulfill(new Route.FulfillOptions()
                    .setContentType("application/json")
                    .setBody("[]"));
        });
        page.navigate("/farm");
        assertThat(page.getByText("3 not understood")).isVisible();
        Locator part = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Not understood"));
        assertThat(part.getByText("on AV-014 and 2 more; stands as seedling stock"))
                .isVisible();
        assertThat(button(page, "That is it")).isDisabled();
        axeClean(page);
        choose(list(page, "What plant: kind “SHRUB” is"), "FIELD_TREE");
        button(page, "That is it").click();
        settled(page);
        Assertions.assertThat(said).containsExactly("{\"becomes\":\"FIELD_TREE\"}");
    }
}
