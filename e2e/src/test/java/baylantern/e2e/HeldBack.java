package baylantern.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** What a page asks of the farm, held back until it is let through: a line as slow as a test wants it. */
final class HeldBack {

    private final Page page;
    private final Predicate<String> asked;
    private final List<Route> held = new ArrayList<>();

    /** From now on, of this page, what is asked at addresses that hold this. */
    HeldBack(Page page, String address) {
        this.page = page;
        this.asked = url -> url.contains(address);
        page.route(asked, held::add);
    }

    /** Waits until something is. */
    void hasSome() {
        page.waitForCondition(() -> !held.isEmpty());
    }

    /** How often something was asked. */
    int count() {
        return held.size();
    }

    /** Lets all of it through, and what comes after it. */
    void letThrough() {
        page.unroute(asked);
        held.forEach(Route::resume);
    }
}
