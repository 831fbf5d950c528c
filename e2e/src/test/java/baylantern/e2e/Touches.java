package baylantern.e2e;

import com.microsoft.playwright.Page;

/**
 * Counts what a hand does besides typing: a tap, a key that is no typing, another box that is written in. Where the page
 * itself puts the cursor is no touch. It goes on over pages of one tab and is printed, so that a journey can only become
 * shorter.
 */
final class Touches {

    private static final String COUNT = """
            (() => {
              const more = () => sessionStorage.setItem("touches", 1 + Number(sessionStorage.getItem("touches") ?? 0));
              const box = (e) => e instanceof Element && e.matches("textarea, select, input:not([type=checkbox], [type=radio])");
              let writtenIn;
              addEventListener("pointerdown", (e) => box(e.target) || more(), true);
              addEventListener("input", (e) => {
                if (box(e.target) && (e.target !== writtenIn || e.target.matches("select"))) more();
                writtenIn = e.target;
              }, true);
              addEventListener("keydown", (e) => {
                if (e.key !== "Tab" && (!box(e.target) || ["Enter", "Escape", "ArrowDown", "ArrowUp"].includes(e.key))) more();
              }, true);
            })()
            """;

    private final Page page;

    private Touches(Page page) {
        this.page = page;
    }

    /** Counts from now on, also on pages opened later in the same tab. */
    static Touches of(Page page) {
        page.addInitScript(COUNT);
        return new Touches(page);
    }

    /** How many since the last time, printed under this name. */
    int since(String journey) {
        int count = ((Number) page.evaluate("() => Number(sessionStorage.getItem('touches') ?? 0)")).intValue();
        page.evaluate("() => sessionStorage.removeItem('touches')");
        System.out.println("touches: " + journey + ", " + count);
        return count;
    }
}
