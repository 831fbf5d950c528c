package baylantern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Takes the README's pictures from the demo: mvn verify -Dlantern.shots=docs/screenshots -Dtest=Pictures. */
@EnabledIfSystemProperty(named = "lantern.shots", matches = ".+")
class Pictures extends ScreenTest {

    private static void keep(Page page, String name) {
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        assertThat(page.locator("h1").first()).isVisible();
        page.screenshot(new Page.ScreenshotOptions()
                .setPath(Path.of(System.getProperty("lantern.shots"))
                        .toAbsolutePath()
                        .resolve(name + ".png")));
    }

    @Test
    void take() {
        try (Lantern empty = Lantern.empty()) {
            Page first = desk(empty);
            first.navigate("/");
            keep(first, "first-run");
        }
        try (Lantern demo = Lantern.demo()) {
            Page desk = desk(demo);
            desk.navigate("/today");
            keep(desk, "today");
            desk.navigate("/flush");
            assertThat(desk.getByText("its wave on the band")).isVisible();
            keep(desk, "flush");
            desk.navigate("/flush/HA-M1");
            assertThat(desk.getByText("How sure")).isVisible();
            keep(desk, "flush-tree");
            desk.navigate("/flush");
            desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Petrel Deep on")))
                    .click();
            assertThat(desk.getByText("Before and on the day")).isVisible();
            keep(desk, "graft-day");
            desk.navigate("/farm/weather");
            assertThat(desk.getByText("Normals of the site")).isVisible();
            keep(desk, "weather");
            desk.navigate("/bench");
            desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("MG-122"))
                    .click();
            desk.getByLabel("Scion diameter for MG-122").fill("6.6");
            keep(desk, "log");
            desk.navigate("/takes");
            desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ternlight"))
                    .first()
                    .click();
            keep(desk, "takes");
            desk.navigate("/trees");
            keep(desk, "trees");
            desk.navigate("/rules");
            keep(desk, "rules");
            desk.navigate("/wood/lot/LF-26-W01");
            assertThat(desk.getByText("Ledger ·")).isVisible();
            keep(desk, "wood");
            desk.navigate("/lineage/PLANT-11");
            assertThat(desk.getByText("came of it")).isVisible();
            keep(desk, "lineage");
            desk.navigate("/lineage/recall/2");
            assertThat(desk.getByText("Descends from it ·")).isVisible();
            keep(desk, "recall");
            desk.navigate("/graft/BO-26-001");
            keep(desk, "sheet");
            desk.navigate("/farm/notebook");
            desk.getByLabel("Notebook file").setInputFiles(Path.of("../app/src/test/resources/old-notebook.csv"));
            assertThat(desk.getByText("What each column holds")).isVisible();
            keep(desk, "import");
            Page evening = open(demo, 1280, 800, "lamplight");
            evening.navigate("/rounds");
            keep(evening, "rounds-lamplight");
            Page phone = phone(demo);
            phone.navigate("/rounds");
            keep(phone, "rounds-phone");
            phone.navigate("/flush");
            phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^S AV-126")))
                    .click();
            keep(phone, "flush-phone");
            phone.navigate("/wood/check?lot=CB-26-W03");
            phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("swelling"))
                    .click();
            phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("slightly wrinkled"))
                    .click();
            assertThat(phone.getByText("recut and soak")).isVisible();
            phone.evaluate("() => document.querySelector('main').scrollTo(0, 0)");
            keep(phone, "stick-phone");
        }
    }
}
