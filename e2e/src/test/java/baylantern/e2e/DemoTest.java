package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The stations on the demo farm. Each test leaves the farm's day as it found it. */
class DemoTest extends DemoScreenTest {

    private static Locator title(Page page) {
        return page.locator("h1");
    }

    private static int due(Page page) {
        return Integer.parseInt(title(page).textContent().replaceAll("\\D.*", ""));
    }

    @Test
    void twelveLooksWithTwelveKeysAndOneTakenBack() {
        Page page = desk(lantern);
        page.navigate("/rounds");
        assertThat(title(page)).hasText(Pattern.compile("\\d+ to look at"));
        int before = due(page);
        Assertions.assertThat(before).isGreaterThanOrEqualTo(12);
        String last = "";
        for (int i = 0; i < 12; i++) {
            String code = page.locator("section h2.code").textContent();
            last = code;
            // What is due, or likely, stands first among the keys.
            String letter = page.locator("fieldset button span").first().textContent();
            page.keyboard().press(i == 11 ? "d" : letter.toLowerCase(java.util.Locale.ROOT));
            assertThat(page.locator("section h2.code")).not().hasText(code);
        }
        assertThat(page.getByText(": dead").first()).isVisible();
        assertThat(page.getByText(last + ": dead")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("Taken back: " + last + ": dead")).isVisible();
        assertThat(page.getByRole(AriaRole.MAIN).getByText(last).first()).isVisible();
    }

    @Test
    void anErrandOfSeveralIsNamedWholeAndWalkedWhole() {
        Page page = desk(lantern);
        page.navigate("/today");
        Locator row = page.locator("main a[href*='errand=']").first();
        assertThat(row).isVisible();
        String codes = row.locator(".code").textContent();
        Assertions.assertThat(codes).doesNotContain("…").matches(".*(, | and ).*");
        int grafts = Integer.parseInt(
                row.locator("span").nth(1).textContent().strip().replaceAll("\\D.*", ""));
        row.click();
        assertThat(page.locator("section h2.code")).hasText(grafts + " marked");
    }

    @Test
    void severalAreMarkedAndAnsweredAtOnce() {
        Page page = desk(lantern);
        page.navigate("/rounds");
        assertThat(title(page)).hasText(Pattern.compile("\\d+ to look at"));
        String before = title(page).textContent();
        button(page, "Demo clock: a week on, +7").click();
        assertThat(page.locator("header").getByText("Thu 21 May")).isVisible();
        // The walk of the week before may still stand there; of this one's the second heals and the third has pushed.
        assertThat(title(page)).not().hasText(before);
        page.locator("h1").click();
        page.keyboard().press("ArrowDown");
        page.keyboard().press(" ");
        page.keyboard().press(" ");
        assertThat(page.locator("section h2.code")).hasText("2 marked");
        page.keyboard().press("n");
        assertThat(page.getByText("Only nothing yet now?")).isVisible();
        button(page, "It is so").click();
        assertThat(page.getByText("2 grafts: nothing yet")).isVisible();
        button(page, "Demo clock: a week back, −7").click();
        assertThat(page.getByText("The clock went back; 1 act was taken back.")).isVisible();
    }

    @Test
    void takesOpenToTheirGraftsByKeysAlone() {
        Page page = desk(lantern);
        page.navigate("/takes");
        assertThat(title(page)).hasText(Pattern.compile("\\d+ of \\d+ grafts took"));
        axeClean(page);
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        Locator sheet = page.getByLabel("Grafts of Cloister");
        assertThat(sheet).isVisible();
        page.keyboard().press("t");
        assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("likeliest %")))
                .isVisible();
        sheet.getByRole(AriaRole.LINK).first().click();
        assertThat(heading(page, "What was seen")).isVisible();
    }

    @Test
    void aSpanOnTheSeasonBandRestrictsTakes() {
        Page page = desk(lantern);
        page.navigate("/takes");
        assertThat(title(page)).hasText(Pattern.compile("\\d+ of \\d+ grafts took"));
        String all = title(page).textContent();
        var band =
                page.getByLabel(Pattern.compile("Twelve months around today")).boundingBox();
        page.mouse().move(band.x + 120, band.y + 30);
        page.mouse().down();
        page.mouse().move(band.x + 300, band.y + 30);
        page.mouse().up();
        assertThat(page.getByText("Grafts made from")).isVisible();
        assertThat(page.getByText("in every year")).isVisible();
        assertThat(title(page)).not().hasText(all);
        String some = title(page).textContent();
        // The span stays where one goes to another station; where it would do nothing it is not there.
        page.keyboard().press("3");
        assertThat(button(page, "AS-26-W02")).isVisible();
        assertThat(button(page, "the whole year")).hasCount(0);
        page.keyboard().press("5");
        assertThat(page.getByText("in the span")).isVisible();
        page.keyboard().press("7");
        assertThat(title(page)).hasText(some);
        button(page, "The whole record").click();
        assertThat(title(page)).hasText(all);
        assertThat(button(page, "the whole year")).hasCount(0);
    }

    @Test
    void findLeadsToAGraftAndALookFromAnywhereIsSaid() {
        Page page = desk(lantern);
        page.navigate("/trees");
        assertThat(title(page)).hasText(Pattern.compile("\\d+ plants"));
        page.keyboard().press(",");
        page.getByLabel("What to find").fill("QU-26-001");
        assertThat(page.getByRole(AriaRole.DIALOG).getByText("Quillpearl on")).isVisible();
        page.keyboard().press("Enter");
        assertThat(page.getByText("Quillpearl, ")).isVisible();
        page.keyboard().press(".");
        page.getByLabel("Code of the graft").fill("QU-26-002");
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("more"))
                .click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("missing"))
                .click();
        assertThat(page.getByText("QU-26-002: missing")).isVisible();
    }

    @Test
    void halfACodeStandsForNoneOfManyAndACodeIsReadAsItIsSaid() {
        Page page = desk(lantern);
        page.navigate("/takes");
        assertThat(title(page)).isVisible();
        page.keyboard().press(".");
        Locator box = page.getByRole(AriaRole.DIALOG);
        page.getByLabel("Code of the graft").fill("QU-26-00");
        assertThat(box.getByText("which?")).isVisible();
        assertThat(box.getByRole(AriaRole.BUTTON)
                        .filter(new Locator.FilterOptions().setHasText("green"))
                        .first())
                .isDisabled();
        page.getByLabel("Code of the graft").fill("qu 26 2");
        assertThat(box.getByText("QU-26-002: Quillpearl")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press(",");
        page.getByLabel("What to find").fill("shade h");
        assertThat(box.getByText("its plants")).isVisible();
        page.getByLabel("What to find").fill("nere");
        assertThat(box.getByText("of the farm")).isVisible();
        page.getByLabel("What to find").fill("qu26002");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/graft/QU-26-002"));
    }

    @Test
    void anOldNotebookComesInWithOneGuessCorrected() {
        Page page = desk(lantern);
        page.navigate("/farm/notebook");
        String csv =
                "Date,Variety,Kind,How,Result\n03/04/2024,Windle,fig,cleft,took\n05/04/2024,Windle,fig,cleft,grumbling\n";
        page.getByLabel("Notebook file")
                .setInputFiles(new FilePayload("old.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
        assertThat(title(page)).hasText("1 of 2 rows can be taken");
        assertThat(page.getByText("\"grumbling\" is not understood as a result."))
                .isVisible();
        axeClean(page);
        choose(list(page, "grumbling means"), "DEAD");
        assertThat(title(page)).hasText("2 of 2 rows can be taken");
        button(page, "Bring in 2 grafts").click();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Windle"))
                        .first())
                .containsText("1 of 2");
        page.getByText("Take back").click();
        assertThat(page.getByText("Taken back: 2 grafts imported")).isVisible();
        page.navigate("/farm/notebook");
        page.getByLabel("Notebook file")
                .setInputFiles(new FilePayload("x.bin", "application/octet-stream", new byte[] {0, 1, 2, 0}));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not a text file");
    }

    @Test
    void aRoundOnThePhoneIsTapped() {
        Page page = phone(lantern);
        page.navigate("/rounds");
        assertThat(title(page)).hasText(Pattern.compile("\\d+ to look at|This round is done"));
        button(page, "Demo clock: a day on, +1").click();
        assertThat(page.locator("header").getByText("Fri 15 May")).isVisible();
        Assertions.assertThat(against(page, List.of(IN_THE_SUN))).isEmpty();
        axeClean(page);
        String code = page.locator("section h2.code").textContent();
        Locator tap = page.locator("fieldset button").first();
        Assertions.assertThat(tap.boundingBox().height).isGreaterThanOrEqualTo(44);
        tap.click();
        assertThat(page.getByText(Pattern.compile(code + ": \\w+"))).isVisible();
        double width = (double) (int) page.evaluate("document.documentElement.scrollWidth");
        Assertions.assertThat(width).isLessThanOrEqualTo(390);
        Page desk = desk(lantern);
        desk.navigate("/today");
        button(desk, "Demo clock: a day back, −1").click();
        assertThat(desk.locator("header").getByText("Thu 14 May")).isVisible();
    }
}
