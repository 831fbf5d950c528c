package baylantern.app.demo;

import java.io.IOException;
import java.nio.file.Files;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The demo farm, grown once for all tests of it. What a test changes of it, it puts back. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "lantern.demo=true")
public abstract class GrownFarmTest {

    @DynamicPropertySource
    static void store(DynamicPropertyRegistry registry) throws IOException {
        var folder = Files.createTempDirectory("bay-lantern-demo");
        registry.add(
                "spring.datasource.url",
                () -> "jdbc:h2:file:" + folder.resolve("farm") + baylantern.app.platform.StartOptions.KEPT_READY);
        registry.add("lantern.data", folder::toString);
    }
}
