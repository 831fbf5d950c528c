package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A copy of the farm is kept and gone back to, on the screen and by the command, also with the plug pulled. */
class CopyTest extends ScreenTest {

    private static final String FARM =
            "{\"site\":{\"name\":\"Gull Steps\",\"latitudeDeg\":28,\"longitudeDeg\":12,\"altitudeM\":4,"
                    + "\"zone\":\"UTC\",\"version\":0},\"people\":[\"Solveig\"],\"grown\":[]}";

    @Test
    void theFarmOfACopyComesBackWithWhatWasThereThen() throws Exception {
        try (Lantern lantern = Lantern.empty()) {
            lantern.post("/api/beginning", FARM);
            Page page = desk(lantern);
            page.navigate("/farm");
            button(page, "Keep a copy now").click();
            assertThat(page.getByText("A copy of the farm as it is now is kept"))
                    .isVisible();
            lantern.post("/api/people", "{\"name\":\"Runa\"}");
            assertThat(page.getByText("Runa", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^go back to it, the copy of")))
                    .press("Enter");
            Page.GetByRoleOptions exact =
                    new Page.GetByRoleOptions().setName("Go back").setExact(true);
            page.getByRole(AriaRole.BUTTON, exact).press("Enter");
            assertThat(page.getByText("made before another was gone back to")).isVisible();
            assertThat(page.getByText("Runa", new Page.GetByTextOptions().setExact(true)))
                    .hasCount(0);
            assertThat(page.getByText("Solveig", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            // What it is still being told would break off with the plug.
            settled(page);
            page.close();
            lantern.pullThePlug();
            lantern.start();
            Assertions.assertThat(lantern.get("/api/people").body())
                    .contains("Solveig")
                    .doesNotContain("Runa");
            String before = Pattern.compile("before-[0-9T-]+\\.zip")
                    .matcher(lantern.get("/api/copies").body())
                    .results()
                    .findFirst()
                    .orElseThrow()
                    .group();
            lantern.pullThePlug();
            String folder = lantern.data().toString();
            Assertions.assertThat(
                            PlugTest.run("restore", before, "--data", folder).words())
                    .contains("The farm of this copy is back");
            Assertions.assertThat(PlugTest.run("restore", "farm-1999-01-01.zip", "--data", folder)
                            .code())
                    .isEqualTo(2);
            lantern.start();
            Assertions.assertThat(lantern.get("/api/people").body()).contains("Solveig", "Runa");
        }
    }
}
