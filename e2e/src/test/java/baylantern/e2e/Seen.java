package baylantern.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PageAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.util.Set;

/**
 * The browser's own assertions. What must be there is waited for before it is looked at: an assertion that does not hold
 * yet tells the whole page over each time it looks again, for a message that is thrown away when it holds.
 */
final class Seen {

    private static final Set<String> TELLS_OF_ONE = Set.of("hasText", "containsText", "hasValue", "hasAttribute");

    private Seen() {}

    static PageAssertions assertThat(Page page) {
        return PlaywrightAssertions.assertThat(page);
    }

    static LocatorAssertions assertThat(Locator locator) {
        LocatorAssertions holds = PlaywrightAssertions.assertThat(locator);
        return (LocatorAssertions) Proxy.newProxyInstance(
                Seen.class.getClassLoader(), new Class<?>[] {LocatorAssertions.class}, (self, what, with) -> {
                    await(locator, what, with);
                    return asked(holds, what, with);
                });
    }

    private static void await(Locator locator, Method what, Object[] with) {
        if (what.getName().equals("isVisible") && with == null) {
            locator.waitFor();
        } else if (TELLS_OF_ONE.contains(what.getName()) && !with[0].getClass().isArray()) {
            locator.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
        }
    }

    private static Object asked(LocatorAssertions holds, Method what, Object[] with) throws Throwable {
        try {
            return what.invoke(holds, with);
        } catch (InvocationTargetException e) {
            throw e.getCause();
        }
    }
}
