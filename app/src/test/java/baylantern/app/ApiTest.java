package baylantern.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The whole application over HTTP on a real database file. Each test begins with an empty farm. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            // Nothing asked of these farms hangs on how finely the weather to come is drawn.
            "lantern.weather-runs=50",
            "lantern.past-looks=20",
            "springdoc.api-docs.path=/api/openapi.json",
            // It has no end, and so is no answer.
            "springdoc.paths-to-exclude=/api/changes",
            "springdoc.default-produces-media-type=application/json",
            "springdoc.default-consumes-media-type=application/json",
            "springdoc.writer-with-order-by-keys=true"
        })
abstract class ApiTest {

    private static final Path DATA = folder();

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private baylantern.app.platform.Changes changes;

    Http http;

    @DynamicPropertySource
    static void store(DynamicPropertyRegistry registry) {
        registry.add(
                "spring.datasource.url",
                () -> "jdbc:h2:file:" + DATA.resolve("farm") + ";WRITE_DELAY=0;LOCK_TIMEOUT=120000"
                        // Here everything is asked in turn.
                        + baylantern.app.platform.StartOptions.keptReady(400));
        registry.add("lantern.data", DATA::toString);
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory("bay-lantern-test");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Lets the store say what no request can, for instance what time brought about. */
    void stored(String sql) {
        jdbc.execute(sql);
        changes.forgetAll();
    }

    @BeforeEach
    void emptyFarm() {
        http = new Http(port);
        jdbc.execute("SET REFERENTIAL_INTEGRITY FALSE");
        baylantern.app.platform.TableVault.TABLES.forEach(
                table -> jdbc.execute("TRUNCATE TABLE " + table + " RESTART IDENTITY"));
        jdbc.execute("SET REFERENTIAL_INTEGRITY TRUE");
        jdbc.execute("INSERT INTO care_planned (by_rules) VALUES ('')");
        changes.forgetAll();
    }
}
