package baylantern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From a farm where nothing is watched to its first lamp, and through a pulled plug; south of the equator. */
class FirstLampTest extends ScreenTest {

    private static Lantern lantern;

    @BeforeAll
    static void start() throws Exception {
        lantern = Lantern.empty();
        send(
                "PUT",
                "/api/site",
                "{\"name\":\"Gull Steps\",\"latitudeDeg\":-28.5,\"longitudeDeg\":12,\"altitudeM\":40,\"zone\":\"UTC\",\"version\":0}");
        send("POST", "/api/spots", "{\"name\":\"Bench\"}");
        send("POST", "/api/varieties", "{\"speciesKey\":\"avocado\",\"name\":\"Pale Buoy\"}");
        send(
                "POST",
                "/api/plants/paste",
                "{\"lines\":\"AV-1 8.2\\nAV-2 9\",\"speciesKey\":\"avocado\",\"kind\":\"SEEDLING_STOCK\",\"spotId\":1}");
    }

    private static void send(String method, String path, String body) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(lantern.address() + path))
                .header("Content-Type", "application/json")
                .method(method, BodyPublishers.ofString(body))
                .build();
        int status = HttpClient.newHttpClient()
                .send(request, BodyHandlers.ofString())
                .statusCode();
        Assertions.assertThat(status).as(path).isEqualTo(200);
    }

    @AfterAll
    static void stop() {
        lantern.close();
    }

    private static void swelling(Page page, String code) {
        page.navigate("/trees");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(code + ": its buds"))
                .click();
        assertThat(page.getByLabel("Tree " + code)).isVisible();
        button(page, "swelling").click();
        assertThat(page.getByText(code + ": swelling")).isVisible();
    }

    @Test
    void twoLooksLightTheFirstLampAndAPulledPlugLosesNeither() {
        Page page = desk(lantern);
        page.navigate("/flush");
        assertThat(heading(page, "Begin with one look at one tree")).isVisible();
        axeClean(page);

        page.navigate("/trees");
        button(page, "Add plants").click();
        page.getByLabel("A line each").fill("PB-M1");
        page.getByLabel("Species").selectOption("avocado");
        page.getByLabel("Kept as").selectOption("MOTHER_TREE");
        page.getByLabel("What variety it is").selectOption("1");
        page.getByLabel("Place").fill("Bench");
        button(page, "Add these plants").click();
        assertThat(page.getByText("1 plant added")).isVisible();

        swelling(page, "PB-M1");
        assertThat(page.getByText("Next flush")).isVisible();
        assertThat(page.getByText(Pattern.compile("Rests on the species prior")))
                .isVisible();
        swelling(page, "AV-1");
        page.navigate("/today");
        Locator lamp = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions()
                        .setName(Pattern.compile("^Pale Buoy on Bench stocks: stock lit, wood lit")));
        assertThat(lamp).isVisible();
        axeClean(page);
        lamp.click();
        assertThat(page.getByText("Bench stocks are most likely swelling", new Page.GetByTextOptions().setExact(false)))
                .isVisible();

        lantern.pullThePlug();
        lantern.start();
        Page again = desk(lantern);
        again.navigate("/today");
        assertThat(again.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName(Pattern.compile("^Pale Buoy on Bench stocks: stock lit, wood lit"))))
                .isVisible();
    }
}
