package baylantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.Http;
import java.io.IOException;
import java.net.ConnectException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A farm that was shut for some days shows whoever is let in first what its devices told and what is due today. */
class BeforeDoorTest extends GrownFarmTest {

    private static final List<String> ASKED = List.of("/api/weather", "/api/stores", "/api/today", "/api/unread");

    @Value("${local.server.port}")
    private int grownPort;

    @TempDir
    private Path folder;

    @Test
    void whoeverIsLetInFirstSeesTheFarmOfToday() throws Exception {
        copyInto(folder);
        shutForFiveDays();
        int port = freePort();
        CompletableFuture<List<String>> first = CompletableFuture.supplyAsync(() -> firstAnswers(port));
        try (ConfigurableApplicationContext farm = open(folder, port)) {
            List<String> told = first.join();
            assertThat(told.subList(0, 3)).isEqualTo(answers(grownPort).subList(0, 3));
            assertThat(told.get(3)).as("what nobody understands was set aside").contains("XYZZY");
        }
    }

    // As it was left five days ago: neither the station nor the thermometers had told of them.
    private void shutForFiveDays() {
        JdbcTemplate store =
                new JdbcTemplate(new DriverManagerDataSource(url(folder) + ";DB_CLOSE_DELAY=-1", "sa", ""));
        String since = "(SELECT MAX(on_day) - 5 FROM season_weather WHERE origin = 'RECORDED')";
        assertThat(store.update("DELETE FROM wood_reading WHERE from_device AND read_at >= " + since))
                .isPositive();
        assertThat(store.update("DELETE FROM season_weather WHERE from_station AND on_day >= " + since))
                .isPositive();
        assertThat(store.update("UPDATE bench_graft SET cover = 'XYZZY' WHERE id = 1"))
                .isOne();
        store.execute("SHUTDOWN");
    }

    private static List<String> firstAnswers(int port) {
        while (true) {
            try (Socket line = new Socket("127.0.0.1", port)) {
                return answers(port);
            } catch (ConnectException e) {
                LockSupport.parkNanos(1_000_000);
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    private static List<String> answers(int port) {
        Http http = new Http(port);
        return ASKED.stream().map(asked -> http.get(asked).text()).toList();
    }

    private static int freePort() throws IOException {
        try (ServerSocket line = new ServerSocket(0)) {
            return line.getLocalPort();
        }
    }
}
