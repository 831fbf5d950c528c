package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Takes the README's pictures from the demo: mvn verify -Dlantern.shots=docs/screenshots -Dtest=Pictures. */
@EnabledIfSystemProperty(named = "lantern.shots", matches = ".+")
class Pictures extends ScreenTest {

    private static void keep(Page page, String name) {
        settled(page);
        assertThat(page.locator("h1").first()).isVisible();
        page.screenshot(new Page.ScreenshotOptions()
                .setPath(Path.of(System.getProperty("lantern.shots"))
                        .toAbsolutePath()
                        .resolve(name + ".png")));
    }

    private static void fit(Page desk) {
        desk.navigate("/fit");
        assertThat(desk.locator("[data-meets]").first()).isVisible();
        desk.getByLabel(Pattern.compile("^Stick, mm")).fill("7.8");
        desk.evaluate("() => document.activeElement.blur()");
        assertThat(desk.getByText("stick 7.8 mm")).isVisible();
        for (int i = 0; i < 4; i++) {
            desk.keyboard().press("Shift+ArrowDown");
        }
        assertThat(desk.getByText("Even on the right")).isVisible();
        keep(desk, "fit-cleft");
    }

    private static void benchDay(Page desk) {
        desk.navigate("/bench/day/2026-05-16");
        assertThat(heading(desk, "In this order")).isVisible();
        keep(desk, "bench-day");
        for (int i = 0; i < 2; i++) {
            desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Demo clock: a day on"))
                    .click();
            settled(desk);
        }
        button(desk, "Begin work").click();
        chooseCalled(list(desk, "Who works here"), "Nerea");
        button(desk, "Cleaned").click();
        for (int made = 0; made < 5; made++) {
            assertThat(desk.getByText(made + " of 35 made")).isVisible();
            button(desk, "Made").click();
        }
        assertThat(desk.getByText("5 of 35 made")).isVisible();
        assertThat(desk.getByText("Work begun on")).hasCount(0);
        keep(desk, "bench-run");
    }

    // An approach graft whose union has been shown to feed the scion.
    private static void severed(Page desk) {
        desk.navigate("/graft/BO-25-003");
        assertThat(desk.locator("fieldset button").first()).containsText("callus all round");
        desk.keyboard().press("v");
        assertThat(desk.locator("fieldset button").first()).containsText("scion fresh, twig limp");
        desk.keyboard().press("x");
        assertThat(desk.locator("fieldset button").first()).containsText("severed");
        photographed(desk);
        keep(desk, "sheet");
    }

    // Its picture beside that of a graft which is in leaf.
    private static void photographed(Page desk) {
        desk.request()
                .post(
                        java.net
                                .URI
                                .create(desk.url())
                                .resolve("/api/grafts/CB-26-001/pictures")
                                .toString(),
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/octet-stream")
                                .setData(DrawnPhoto.of(6)));
        desk.locator("section[aria-label=Pictures] input[type=file]")
                .setInputFiles(new FilePayload("graft.png", "image/png", DrawnPhoto.of(2)));
        assertThat(desk.locator("section[aria-label=Pictures] img")).hasCount(1);
        desk.getByLabel("Another graft, by its code").fill("CB-26-001");
        desk.keyboard().press("Enter");
        assertThat(desk.locator("section[aria-label=Pictures] img")).hasCount(2);
        assertThat(button(desk, "Take back")).hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(60_000));
        desk.locator("section[aria-label=Pictures]").scrollIntoViewIfNeeded();
    }

    private static void rules(Page desk) {
        desk.navigate("/rules");
        desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^heals best at")))
                .click();
        desk.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^heals best at")))
                .fill("29");
        assertThat(desk.getByText(Pattern.compile("It changes: .*visits move"))).isVisible();
        keep(desk, "rules");
    }

    @Test
    void take() {
        try (Lantern demo = Lantern.demo()) {
            Page desk = desk(demo);
            desk.navigate("/today");
            keep(desk, "today");
            desk.navigate("/flush");
            assertThat(desk.getByText("its wave on the band")).isVisible();
            keep(desk, "flush");
            desk.navigate("/flush");
            desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Petrel Deep on")))
                    .click();
            assertThat(desk.getByText("Before and on the day")).isVisible();
            assertThat(desk.getByText(Pattern.compile("so that \\d+ live"))).isVisible();
            keep(desk, "graft-day");
            desk.navigate("/bench");
            pick(desk, "Variety", "ternl");
            choose(list(desk, "Technique"), "cleft");
            desk.getByRole(AriaRole.RADIO).nth(1).click();
            desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("AV-126"))
                    .click();
            assertThat(desk.getByText(Pattern.compile("^Logged TE-26-"))).isVisible();
            keep(desk, "log");
            desk.keyboard().press("u");
            assertThat(desk.getByText("Taken back: One Ternlight").first()).isVisible();
            desk.navigate("/takes");
            desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ternlight"))
                    .first()
                    .click();
            keep(desk, "takes");
            desk.navigate("/takes/gains");
            assertThat(desk.getByText("In your hand", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            keep(desk, "gains");
            desk.navigate("/takes/trials");
            assertThat(heading(desk, "One trial runs")).isVisible();
            keep(desk, "trials");
            desk.navigate("/causes");
            desk.getByLabel("Failures").getByText("5 Kittiwake").first().click();
            assertThat(desk.getByText(Pattern.compile("of 5 most likely"))).isVisible();
            keep(desk, "causes");
            desk.navigate("/wood/lot/LF-26-W01");
            assertThat(desk.getByText("Ledger ·")).isVisible();
            keep(desk, "wood");
            fit(desk);
            desk.navigate("/lineage/recall/2");
            assertThat(desk.getByText("Descends from it ·")).isVisible();
            keep(desk, "recall");
            rules(desk);
            severed(desk);
            Page phone = phone(demo);
            phone.navigate("/rounds");
            keep(phone, "rounds-phone");
            phone.navigate("/wood/check?lot=CB-26-W03");
            phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("swelling"))
                    .click();
            phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("slightly wrinkled"))
                    .click();
            assertThat(phone.getByText("recut and soak")).isVisible();
            phone.evaluate("() => document.querySelector('main').scrollTo(0, 0)");
            keep(phone, "stick-phone");
            benchDay(desk);
        }
    }

    @Test
    void shared() throws IOException {
        try (Lantern farm = Lantern.shared()) {
            Page owner = desk(farm);
            owner.navigate("/farm/phones");
            for (String person : List.of("Bram", "Odile")) {
                Page phone = open(farm.sharedAddress(), 390, 844, "day");
                phone.navigate("/");
                SharingTest.comeIn(phone, SharingTest.layOpen(owner, person), person + "’s phone");
                button(owner, "Good").click();
                phone.close();
            }
            assertThat(owner.getByText("let in by a code: Odile")).isVisible();
            keep(owner, "phones");
        }
    }

    // Two looks without contact, of which somebody came first to one, and two more.
    @Test
    void keptOnAPhone() throws IOException {
        try (Lantern farm = Lantern.shared();
                Handset handset = Handset.trusting(true, farm.sharedAddress())) {
            Page phone = letIn(handset, farm, "Bram", "Bram’s phone");
            phone.navigate("/rounds");
            handset.cut();
            String code = OfflineTest.answered(phone);
            OfflineTest.answered(phone);
            assertThat(phone.getByText("kept on this phone · 2")).isVisible();
            OfflineTest.somebodyElseLooks(farm, code);
            handset.joined();
            assertThat(phone.getByText("kept on this phone · 1, to be decided on"))
                    .isVisible();
            handset.cut();
            OfflineTest.answered(phone);
            OfflineTest.answered(phone);
            assertThat(phone.getByText("kept on this phone · 3, 1 to be decided on"))
                    .isVisible();
            phone.navigate("/done/kept");
            assertThat(heading(phone, "Waiting for contact")).isVisible();
            assertThat(button(phone, "Write mine as one look more")).isVisible();
            keep(phone, "kept-phone");
        }
    }
}
