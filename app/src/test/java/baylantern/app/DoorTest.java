package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest.BodyPublishers;
import org.junit.jupiter.api.Test;

class DoorTest extends ApiTest {

    @Test
    void pagesFromElsewhereMayReadNothingAndWriteNothing() {
        var write = http.request("/api/people")
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString("{\"name\":\"X\"}"));
        assertThat(http.send(write.copy().header("Origin", "http://elsewhere.invalid"))
                        .status())
                .isEqualTo(403);
        assertThat(http.send(write.copy().header("Sec-Fetch-Site", "cross-site"))
                        .status())
                .isEqualTo(403);
        assertThat(http.send(write).status()).isEqualTo(200);
        assertThat(http.get("/api/people").json().size()).isEqualTo(1);
    }

    @Test
    void everyAnswerCarriesAStrictPolicy() {
        String policy = http.get("/api/farm")
                .whole()
                .headers()
                .firstValue("Content-Security-Policy")
                .orElse("");
        assertThat(policy).contains("default-src 'none'", "script-src 'self';").doesNotContain("unsafe-eval");
    }

    @Test
    void faultsAreProblemDetailsWithoutATrace() {
        Http.Answer unknown = http.post("/api/acts/999/undo", "");
        assertThat(unknown.status()).isEqualTo(404);
        assertThat(unknown.whole().headers().firstValue("Content-Type").orElse(""))
                .startsWith("application/problem+json");
        assertThat(http.get("/api/plants?spotId=abc").text()).doesNotContain("Exception", "at baylantern");
    }
}
