package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Several screens on one farm: what is answered on one is seen on the others, and only what it touches is read anew. */
class InStepTest extends DemoScreenTest {

    private static final String FEED = "**/api/changes";

    private static Locator now(Page page) {
        return page.locator("section[aria-label^='Now: '] h2");
    }

    private static Locator person(Page page, String name) {
        return page.getByText(name, new Page.GetByTextOptions().setExact(true)).first();
    }

    private void comes(String name) throws Exception {
        Assertions.assertThat(lantern.post("/api/people", "{\"name\":\"" + name + "\"}")
                        .statusCode())
                .isLessThan(300);
    }

    @Test
    void anAnswerOnOneScreenIsSeenOnAnotherWhichReadsOnlyWhatItTouches() {
        Page desk = desk(lantern);
        desk.navigate("/rounds");
        Page phone = phone(lantern);
        phone.waitForResponse(FEED, () -> phone.navigate("/rounds"));
        String first = now(desk).textContent();
        assertThat(now(phone)).hasText(first);
        settled(phone);
        List<String> read = new ArrayList<>();
        phone.onRequest(request -> read.add(request.url()));
        desk.keyboard().press(HandsTest.firstKey(desk));
        assertThat(now(desk)).not().hasText(first);
        assertThat(now(phone)).hasText(now(desk).textContent());
        settled(phone);
        Assertions.assertThat(read).isNotEmpty().allMatch(url -> !url.contains("/api/rules"));
        desk.keyboard().press("u");
        assertThat(now(phone)).hasText(first);
    }

    @Test
    void ofSeveralPagesOfABrowserOneListensForAllAndAnotherWhenItIsShut() throws Exception {
        Page first = desk(lantern);
        first.waitForResponse(FEED, () -> first.navigate("/farm"));
        Page second = first.context().newPage();
        List<String> read = new ArrayList<>();
        second.onRequest(request -> read.add(request.url()));
        second.navigate("/farm");
        assertThat(person(second, "Bram")).isVisible();
        settled(second);
        comes("Runa");
        assertThat(person(first, "Runa")).isVisible();
        assertThat(person(second, "Runa")).isVisible();
        Assertions.assertThat(read).noneMatch(url -> url.endsWith("/api/changes"));
        second.waitForResponse(FEED, first::close);
        comes("Solva");
        assertThat(person(second, "Solva")).isVisible();
    }
}
