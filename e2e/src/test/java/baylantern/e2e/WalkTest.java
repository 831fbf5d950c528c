package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** One walk over every page, by somebody who reads inches and °F: what holds on each of them at every size. */
class WalkTest extends DemoScreenTest {

    /** What no grower who reads inches, Fahrenheit, fluid ounces and miles should see, nor anybody at all. */
    private static final Pattern RAW = Pattern.compile(
            "[\\d–] ?(?:mm²?|°C|ml|m/s)\\b|\\b\\d{4}-\\d\\d-\\d\\d\\b|\\b[A-Z]{3,}_[A-Z_]+\\b|\\b[a-z]+(?:Deg|Mm|Pct|Ml|Key)\\b"
                    + "|\\b(?:undefined|NaN)\\b");

    /** Sizes of screens, and the desk at twice its zoom. */
    private static final int[][] SIZES = {{1280, 800}, {1024, 768}, {820, 1180}, {640, 400}, {390, 844}};

    private static final String SLID = """
            () => {
              document.querySelectorAll("main, aside").forEach((e) => e.scrollTo(9999, 99999));
              window.scrollTo(9999, 99999);
              const { scrollWidth, scrollHeight } = document.documentElement;
              return [scrollWidth - innerWidth, scrollHeight - innerHeight, scrollX + scrollY].join(" ");
            }""";

    private static final String PUT = "() => document.querySelector('main').insertAdjacentHTML('beforeend', \"%s\")";

    private static final String SAID = """
            () => [document.querySelector("#root").textContent,
                   ...[...document.querySelectorAll("[aria-label]")].map((e) => e.getAttribute("aria-label"))].join(" | ")
            """;

    private static final String PRESSED = "button, select, summary, textarea, input:not([type=checkbox], [type=radio])";

    /** What can be pressed and is smaller than a thumb. */
    private static final String SMALL = """
            (pressed) => [...document.querySelectorAll(pressed)]
              .filter((e) => e.checkVisibility() && !e.closest(".sr-only, [aria-hidden=true]"))
              .filter((e) => { const r = e.getBoundingClientRect(); return r.width > 0 && Math.min(r.width, r.height) < 43.5; })
              .map((e) => e.outerHTML.slice(0, 160))
            """;

    /** Boxes whose edge stands out less than three to one from what is around them (WCAG 2.2, 1.4.11). */
    private static final String FAINT = """
            () => {
              const parts = (colour) => (colour.match(/^rgba?\\(([^)]+)\\)$/)?.[1] ?? "").split(/[ ,/]+/).map(Number);
              const light = (colour) => parts(colour).slice(0, 3)
                .map((c) => c / 255).map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4))
                .reduce((sum, c, i) => sum + c * [0.2126, 0.7152, 0.0722][i], 0);
              const ground = (e) => {
                for (let at = e.parentElement; at; at = at.parentElement) {
                  const colour = getComputedStyle(at).backgroundColor;
                  if (parts(colour)[3] !== 0) return colour;
                }
                return getComputedStyle(document.documentElement).backgroundColor;
              };
              return [...document.querySelectorAll("input:not([type=checkbox], [type=radio], [type=file]), [role=combobox], textarea")]
                .filter((e) => e.checkVisibility() && !e.closest(".sr-only"))
                .filter((e) => {
                  const [a, b] = [light(getComputedStyle(e).borderTopColor), light(ground(e))].sort((x, y) => y - x);
                  return !((a + 0.05) / (b + 0.05) >= 3);
                })
                .map((e) => e.outerHTML.slice(0, 160));
            }""";

    private final List<String> wrong = new ArrayList<>();

    @Test
    void everyPageSpeaksInTheReadersUnitsStaysInItsFrameAndCanBeSeenAndPressed() throws IOException {
        // Where copies are kept, the way back to them stands too.
        lantern.post("/api/copies", "");
        Page page = desk(lantern);
        page.addInitScript("localStorage.setItem('bay-lantern-choices', JSON.stringify({ length: 'inch', theme: 'day',"
                + " warmth: 'F', volume: 'floz', wind: 'mph' }))");
        page.navigate("/today");
        for (String path : Routes.EVERYWHERE) {
            page.setViewportSize(1280, 800);
            go(page, path);
            assertThat(page.locator("h1").first()).isVisible();
            said(path, page.evaluate(SAID).toString());
            cleanIn(page, "lamplight", "day");
            for (Object faint : (List<?>) page.evaluate(FAINT)) {
                wrong.add(path + ": a faint edge: " + faint);
            }
            for (int[] size : SIZES) {
                page.setViewportSize(size[0], size[1]);
                Object over = page.evaluate(SLID);
                if (!over.equals("0 0 0")) {
                    wrong.add(path + " slides at " + size[0] + ": " + over);
                }
            }
            if (Routes.IN_THE_FIELD.contains(path)) {
                // On the phone nothing is of another colour than at the desk.
                axeClean(page, READ_ALOUD, IN_THE_SUN);
            } else {
                against(page, List.of(READ_ALOUD)).forEach(against -> wrong.add(path + ": " + against));
            }
            for (Object small : (List<?>) page.evaluate(SMALL, PRESSED)) {
                wrong.add(path + ": too small for a thumb: " + small);
            }
        }
        Assertions.assertThat(wrong).isEmpty();
    }

    /** What would shut somebody out is found where it is, and what is too faint for the sun where that is asked. */
    @Test
    void whatIsFaintOrHasNoNameIsFound() {
        Page page = desk(lantern);
        page.navigate("/done");
        assertThat(page.locator("h1").first()).isVisible();
        settled(page);
        page.evaluate(PUT.formatted("<p style='color:#6b6b6b; background:#fff'>read in the shade</p>"));
        axeClean(page);
        Assertions.assertThatThrownBy(() -> axeClean(page, IN_THE_SUN)).hasMessageContaining("read in the shade");
        page.evaluate(PUT.formatted("<p style='color:#bbb; background:#fff'>hardly read</p><button></button>"));
        Assertions.assertThatThrownBy(() -> axeClean(page))
                .hasMessageContaining("color-contrast: <p")
                .hasMessageContaining("button-name: <button");
    }

    private static void cleanIn(Page page, String... themes) {
        for (String theme : themes) {
            page.evaluate("theme => { document.documentElement.dataset.theme = theme; }", theme);
            axeClean(page);
        }
    }

    private void said(String path, String said) {
        Matcher found = RAW.matcher(said);
        while (found.find()) {
            int from = Math.max(0, found.start() - 30);
            wrong.add(path + ": " + said.substring(from, Math.min(said.length(), found.end() + 20)));
        }
    }
}
