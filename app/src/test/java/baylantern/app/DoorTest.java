package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.List;
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
    void namesThatWereMadeToLeadHereAreNotOurs() throws IOException {
        int port = http.port();
        for (String host :
                List.of("127.0.0.1:" + port, "localhost", "LOCALHOST:" + port, "[::1]:" + port, "127.0.0.1")) {
            assertThat(asking(port, host)).as(host).startsWith("HTTP/1.1 200");
        }
        for (String host : List.of(
                "elsewhere.invalid:" + port,
                "localhost.elsewhere.invalid",
                "192.168.1.9",
                "127.0.0.1.elsewhere.invalid")) {
            assertThat(asking(port, host))
                    .as(host)
                    .startsWith("HTTP/1.1 421")
                    .contains("does not go by that name")
                    .doesNotContain("today");
        }
    }

    private static String asking(int port, String host) throws IOException {
        try (Socket line = new Socket("127.0.0.1", port)) {
            line.setSoTimeout(20_000);
            String asked = "GET /api/farm HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n";
            line.getOutputStream().write(asked.getBytes(StandardCharsets.US_ASCII));
            return new String(line.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
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
