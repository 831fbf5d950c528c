package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.test.context.TestPropertySource;

/** Who falls silent in the middle of a sentence is told so; who goes away leaves nothing behind. */
@ExtendWith(OutputCaptureExtension.class)
@TestPropertySource(properties = "server.jetty.connection-idle-timeout=600ms")
class BrokenOffTest extends ApiTest {

    private int port() {
        return http.request("/").build().uri().getPort();
    }

    private Socket half() throws IOException {
        Socket line = new Socket("127.0.0.1", port());
        line.setSoTimeout(20_000);
        line.getOutputStream()
                .write(("POST /api/people HTTP/1.1\r\nHost: 127.0.0.1:" + port()
                                + "\r\nContent-Type: application/json\r\nContent-Length: 900\r\n\r\n{\"name\":\"Ha")
                        .getBytes(StandardCharsets.US_ASCII));
        line.getOutputStream().flush();
        return line;
    }

    @Test
    void whoFallsSilentIsToldAndWhoGoesAwayIsNoFaultOfOurs(CapturedOutput said) throws IOException {
        try (Socket silent = half()) {
            String answer = new String(silent.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer)
                    .startsWith("HTTP/1.1 408")
                    .contains("application/problem+json", "took too long to arrive; nothing was changed");
        }
        half().close();
        for (int i = 0; i < 20; i++) {
            assertThat(http.get("/api/people").json()).isEmpty();
        }
        assertThat(said.getAll()).doesNotContain("/api/people failed");
    }
}
