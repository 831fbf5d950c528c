package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Saturday's graft day: laid out, put in another order, and worked through graft by graft with one key each. */
class BenchDayTest extends ScreenTest {

    private static final String DAY = "2026-05-16";

    private static Lantern lantern;
    private static String asItBegan;

    @BeforeAll
    static void start() throws IOException {
        lantern = Lantern.demo();
        asItBegan = lantern.get("/api/bench-days/" + DAY).body();
    }

    @AfterAll
    static void stop() {
        lantern.close();
    }

    private static Locator atHand(Page page) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName("At hand").setExact(true));
    }

    private static void onItsDay(Page page) {
        page.navigate("/bench/day/" + DAY);
        assertThat(heading(page, "In this order")
                        .or(heading(page, "Still to make, in this order"))
                        .first())
                .isVisible();
        for (int i = 0; i < 2 && page.getByText("Work begins on the day itself").isVisible(); i++) {
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Demo clock: a day on"))
                    .click();
            settled(page);
        }
        assertThat(page.getByText("Work begins on the day itself")).hasCount(0);
    }

    @Test
    void aDayIsLaidOutAndWorkedThroughWithOneKeyEachAlsoWhenThePlugIsPulled() {
        Page page = desk(lantern);
        page.navigate("/bench");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Sat 16 May")))
                .click();
        assertThat(heading(page, "In this order")).isVisible();
        assertThat(page.getByText("Grey Quay, 8 of 10:")).isVisible();
        assertThat(page.getByText("wood for 2 is missing")).isVisible();
        axeClean(page);
        anotherOrderCostsWhatIsSaid(page);
        onItsDay(page);
        page.keyboard().press("b");
        assertThat(page.getByText("Say first who works here")).isVisible();
        chooseCalled(list(page, "Who works here"), "Nerea");
        assertThat(heading(page, "The day begins with a clean blade")).isVisible();
        axeClean(page);
        page.keyboard().press("Enter");
        twelveKeys(page);
        secondPersonSeesAnother();
        page.close();
        lantern.pullThePlug();
        lantern.start();
        Page again = desk(lantern);
        again.navigate("/bench/run/" + DAY);
        chooseCalled(list(again, "Who works here"), "Nerea");
        assertThat(again.getByText("11 of 35 made")).isVisible();
    }

    private static void anotherOrderCostsWhatIsSaid(Page page) {
        assertThat(page.getByText("No order costs less.")).isVisible();
        Locator blocks = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Blocks in their turn"));
        blocks.getByRole(AriaRole.BUTTON)
                .and(page.getByLabel(Pattern.compile("Grey Quay on .* later")))
                .first()
                .click();
        assertThat(page.getByText(Pattern.compile("min more than the best order")))
                .isVisible();
        button(page, "Take the best order").click();
        assertThat(page.getByText("No order costs less.")).isVisible();
    }

    // One key each; a blade is cleaned where the screen asks for it; one is taken back.
    private static void twelveKeys(Page page) {
        for (int made = 0; made < 12; made++) {
            assertThat(page.getByText(made + " of 35 made")).isVisible();
            if (page.getByText("clean your blade").first().isVisible()) {
                page.keyboard().press("Enter");
            }
            assertThat(button(page, "Made")).isEnabled();
            if (made == 3) {
                axeClean(page);
                page.keyboard().press("f");
                assertThat(page.getByText(Pattern.compile("open \\d+ s"))).isVisible();
            }
            page.keyboard().press("Enter");
        }
        assertThat(page.getByText("12 of 35 made")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByText("11 of 35 made")).isVisible();
    }

    private void secondPersonSeesAnother() {
        Page phone = phone(lantern);
        phone.navigate("/bench/run/" + DAY);
        chooseCalled(list(phone, "Who works here"), "Teo");
        assertThat(heading(phone, "The day begins with a clean blade")).isVisible();
        button(phone, "Go on without").click();
        assertThat(button(phone, "Made")).isVisible();
        axeClean(phone);
        button(phone, "Another way").click();
        phone.getByLabel(Pattern.compile("^Stick, mm")).fill("sixish");
        assertThat(phone.getByText("a thickness such as 7.4")).isVisible();
        String code = atHand(phone).getByRole(AriaRole.HEADING).first().textContent();
        button(phone, "bark does not slip").click();
        assertThat(phone.getByText("left out: its bark does not slip")).isVisible();
        assertThat(atHand(phone).getByRole(AriaRole.HEADING).first()).not().hasText(code);
        button(phone, "Take back").click();
        assertThat(phone.getByText(Pattern.compile("Taken back"))).isVisible();
        phone.close();
    }

    @Test
    void anotherDayIsPlannedByKeysAndWhatCannotBeReadIsSaid() {
        Page page = desk(lantern);
        page.navigate("/bench/day/2026-07-04");
        assertThat(heading(page, "Nothing is planned for this day")).isVisible();
        axeClean(page);
        button(page, "Add a line").focus();
        page.keyboard().press("Enter");
        Locator form = page.getByRole(AriaRole.DIALOG);
        assertThat(form).containsText("A line of the day");
        axeClean(page);
        pick(page, "Variety", "cistern");
        chooseCalled(list(page, "On stocks at"), "Shade House");
        choose(list(page, "Technique"), "chip");
        form.getByLabel("Grafts").fill("3.5");
        page.keyboard().press("Enter");
        assertThat(form.getByRole(AriaRole.ALERT).first()).containsText("whole number");
        form.getByLabel("Grafts").fill("4");
        page.keyboard().press("Enter");
        assertThat(page.getByText("4 Cistern Blood").first()).isVisible();
        theTeamIsSet(page);
        page.keyboard().press("u");
        assertThat(page.getByText("from 08:00")).isVisible();
    }

    private static void theTeamIsSet(Page page) {
        Locator begins = page.getByLabel("The day begins at");
        begins.fill("25:00");
        page.keyboard().press("Enter");
        assertThat(page.getByText("a time such as 7:30")).isVisible();
        assertThat(page.getByText("from 08:00")).isVisible();
        begins.fill("7:30");
        page.keyboard().press("Enter");
        assertThat(page.getByText("from 07:30")).isVisible();
        page.locator("h1").click();
    }

    @Test
    void whoWorksHowFastIsKnownFromTheirOwnTimes() {
        for (String hand : List.of("Nerea 0.85", "Teo 0.95", "Odile 1.0")) {
            String name = hand.split(" ")[0];
            double truth = Double.parseDouble(hand.split(" ")[1]);
            Matcher pace = Pattern.compile("\"" + name + "\".*?\"low\":([0-9.]+),\"high\":([0-9.]+),\"times\":(\\d+)")
                    .matcher(asItBegan);
            Assertions.assertThat(pace.find()).as(asItBegan).isTrue();
            Assertions.assertThat(truth)
                    .as(hand)
                    .isBetween(Double.parseDouble(pace.group(1)), Double.parseDouble(pace.group(2)));
            Assertions.assertThat(Integer.parseInt(pace.group(3))).isGreaterThan(3);
        }
    }

    @Test
    void labelsArePrintedAndWhatCannotBeIsSaidBefore() {
        Page page = desk(lantern);
        page.navigate("/bench/labels?codes=TE-26-001");
        assertThat(heading(page, "Labels")).isVisible();
        axeClean(page);
        page.getByText("Sheets of your own measure").click();
        page.getByLabel("Columns", new Page.GetByLabelOptions().setExact(true)).fill("9");
        button(page, "Make the sheet (PDF)").click();
        assertThat(page.getByText("the paper is 210 mm wide: fewer or smaller ones, please"))
                .isVisible();
        page.getByLabel("Columns", new Page.GetByLabelOptions().setExact(true)).fill("");
        page.getByLabel("Codes").fill("TE-26-001, XX-9");
        button(page, "Make the sheet (PDF)").click();
        assertThat(page.getByText("is no code of this farm")).isVisible();
        page.getByLabel("Codes").fill("TE-26-001, AV-124");
        Download sheet =
                page.waitForDownload(() -> button(page, "Make the sheet (PDF)").click());
        Assertions.assertThat(sheet.suggestedFilename()).isEqualTo("labels.pdf");
        page.keyboard().press("Escape");
        page.locator("h1").click();
        page.keyboard().press(",");
        page.locator("input[type=file]").setInputFiles(new FilePayload("photo.png", "image/png", page.screenshot()));
        assertThat(page.getByText("No square code of a label is to be seen")).isVisible();
        axeClean(page);
    }

    @Test
    void labelsLieReadyBeforeTheDayAndComeOutOfThePrinter() {
        Page page = desk(lantern);
        page.navigate("/bench/day/" + DAY);
        button(page, "Number the labels").click();
        assertThat(heading(page, "Labels")).isVisible();
        assertThat(page.getByText(Pattern.compile("^\\d+ grafts of 16 May 2026 numbered")))
                .isVisible();
        button(page, "Print on the label printer").click();
        assertThat(page.getByAltText("The labels printed last, strip-1")).isVisible();
        assertThat(page.getByText(Pattern.compile("a stand-in, \\d\\d labels left on its roll")))
                .isVisible();
        button(page, "Print on the label printer").click();
        assertThat(page.getByAltText("The labels printed last, strip-2")).isVisible();
        button(page, "Print on the label printer").click();
        assertThat(page.getByText(Pattern.compile("labels left on its roll: put in a new one")))
                .isVisible();
        button(page, "New roll").click();
        assertThat(page.getByText("a stand-in, 100 labels left on its roll")).isVisible();
        axeClean(page);
        page.keyboard().press("u");
        assertThat(page.getByText(Pattern.compile("^Taken back: \\d+ grafts of 16 May 2026 numbered")))
                .isVisible();
    }

    @Test
    void yesterdaysWorkIsWrittenDownAsAColumnOfCodes() {
        Page page = desk(lantern);
        page.navigate("/bench");
        pick(page, "Variety", "noonbell");
        choose(list(page, "Technique"), "chip");
        Locator search = page.getByLabel("Find a stock by code or place");
        search.fill("CT-152 to 150");
        assertThat(page.getByText("A run goes forward: not from 152 to 150.")).isVisible();
        search.fill("CT-152 … 156");
        assertThat(button(page, "List all 5")).isVisible();
        search.press("Enter");
        assertThat(heading(page, "A run of 5 grafts")).isVisible();
        assertThat(search).hasValue("");
        assertThat(page.getByLabel("Stock diameter for CT-156")).isVisible();
        axeClean(page);
    }
}
