package baylantern.app.demo;

import baylantern.app.BayLantern;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.ZipInputStream;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The demo farm, as it was grown once at the build. What a test changes of it, it puts back. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "lantern.demo=true")
public abstract class GrownFarmTest {

    @Autowired
    protected JdbcTemplate grown;

    @DynamicPropertySource
    static void store(DynamicPropertyRegistry registry) throws IOException {
        var folder = Files.createTempDirectory("bay-lantern-demo");
        String grownAtBuild = System.getProperty("lantern.grown");
        // Where a test is run by itself, the farm is grown here.
        if (grownAtBuild != null) {
            for (String file : List.of("farm.mv.db", "farm.seal")) {
                Files.copy(Path.of(grownAtBuild, file), folder.resolve(file));
            }
        }
        registry.add(
                "spring.datasource.url",
                () -> "jdbc:h2:file:" + folder.resolve("farm") + baylantern.app.platform.StartOptions.KEPT_READY);
        registry.add("lantern.data", folder::toString);
    }

    /** Puts the store of the farm as it stands into a folder. */
    protected void copyInto(Path folder) throws IOException {
        Path zip = folder.resolve("copy.zip");
        grown.execute("BACKUP TO '" + zip + "'");
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            in.getNextEntry();
            Files.copy(in, folder.resolve("farm.mv.db"));
        }
    }

    /** Where the store in a folder is found. */
    protected static String url(Path folder) {
        return "jdbc:h2:file:" + folder.resolve("farm");
    }

    /** Opens the farm in a folder at a port, 0 for any that is free. */
    protected static ConfigurableApplicationContext open(Path folder, int port) {
        return new SpringApplicationBuilder(BayLantern.class)
                .run(
                        "--spring.datasource.url=" + url(folder),
                        "--server.port=" + port,
                        "--lantern.data=" + folder,
                        "--lantern.weather-runs=50",
                        "--lantern.past-looks=20",
                        "--lantern.demo=true");
    }
}
