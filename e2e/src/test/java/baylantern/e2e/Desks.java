package baylantern.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Screens in one browser, each a device of its own. One that is done with is given to the next who asks for the like, with
 * nothing on it but the parts of the pages it has fetched: that is what takes a new one long.
 */
final class Desks {

    /** Once for each new device: what the one before it chose or wrote down is not there. */
    private static final String NEW = """
            (([device, theme]) => {
              if (localStorage.getItem("device") === device) return;
              localStorage.clear();
              localStorage.setItem("device", device);
              localStorage.setItem("bay-lantern-choices", JSON.stringify({ length: "mm", theme }));
            })(["%s", "%s"])
            """;

    /** Counts what is being fetched, so that a page that stands can be told from one that is still coming. */
    private static final String UNDER_WAY = """
            (() => {
              const fetches = window.fetch;
              window.underWay = 0;
              window.fetch = (...asked) => {
                window.underWay++;
                return fetches(...asked).finally(() => { window.underWay--; });
              };
            })()
            """;

    /** What a device is like. */
    record Kind(String address, int width, int height) {}

    private record Taken(Kind kind, BrowserContext context) {}

    private final Browser browser;
    private final Map<Kind, Deque<BrowserContext>> idle = new HashMap<>();
    private final List<Taken> taken = new ArrayList<>();

    Desks(Browser browser) {
        this.browser = browser;
    }

    /** A page on a device nobody has used, by day or by night. */
    Page open(Kind kind, String theme) {
        letGoOfOthers(kind.address);
        Deque<BrowserContext> likes = idle.getOrDefault(kind, new ArrayDeque<>());
        BrowserContext context = likes.isEmpty() ? make(kind) : likes.pop();
        taken.add(new Taken(kind, context));
        Page page = context.newPage();
        page.addInitScript(NEW.formatted(UUID.randomUUID(), theme));
        return page;
    }

    private BrowserContext make(Kind kind) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(kind.width, kind.height)
                .setBaseURL(kind.address)
                // Whoever trusts the farm is not asked; that it is trusted rightly is tried where the farm is shared.
                .setIgnoreHTTPSErrors(true)
                .setReducedMotion(ReducedMotion.REDUCE));
        context.addInitScript(UNDER_WAY);
        return context;
    }

    // A farm that was shut is not gone to again.
    private void letGoOfOthers(String address) {
        idle.forEach((kind, contexts) -> {
            if (!kind.address.equals(address)) {
                contexts.forEach(BrowserContext::close);
                contexts.clear();
            }
        });
    }

    /** Every page there is now. */
    List<Page> pages() {
        return taken.stream().flatMap(one -> one.context.pages().stream()).toList();
    }

    /** All are done with. A device that was let in by the farm keeps more than can be wiped here, and is not used again. */
    void done() {
        for (Taken one : taken) {
            if (one.kind.address.startsWith("https:")) {
                one.context.close();
            } else {
                one.context.pages().forEach(Page::close);
                idle.computeIfAbsent(one.kind, kind -> new ArrayDeque<>()).push(one.context);
            }
        }
        taken.clear();
    }
}
