package baylantern.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The archive starts where there is a Java runtime and nothing else to build or run it with. */
class DistTest {

    private static final Pattern LIT = Pattern.compile("is lit after .* open (http\\S+)/");
    /** What a bare system has, and Java. */
    private static final List<String> BARE =
            List.of("bash", "sed", "head", "dirname", "cat", "mktemp", "cp", "rm", "mv", "mkdir");

    private static Process run(Path in, String... words) throws IOException {
        return new ProcessBuilder(words)
                .directory(in.toFile())
                .redirectErrorStream(true)
                .start();
    }

    private static void done(Path in, String... words) throws IOException, InterruptedException {
        Process process = run(in, words);
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(120, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).as(said).isZero();
    }

    private static Path bareTools(Path in) throws IOException {
        Path tools = Files.createDirectory(in.resolve("tools"));
        for (String tool : BARE) {
            for (String folder : List.of("/usr/bin", "/bin")) {
                Path there = Path.of(folder, tool);
                if (Files.exists(there) && !Files.exists(tools.resolve(tool))) {
                    Files.createSymbolicLink(tools.resolve(tool), there);
                }
            }
        }
        String java = ProcessHandle.current().info().command().orElseThrow();
        Files.createSymbolicLink(tools.resolve("java"), Path.of(java));
        return tools;
    }

    @Test
    void theArchiveNeedsAJavaRuntimeAndNothingElse() throws IOException, InterruptedException {
        Path home = new File(System.getProperty("lantern.home")).toPath();
        Path elsewhere = Files.createTempDirectory("bay-lantern-e2e-dist");
        done(home, "./lantern", "dist");
        done(
                elsewhere,
                "tar",
                "-xzf",
                home.resolve("app/target/bay-lantern.tar.gz").toRealPath().toString());
        Path unpacked = elsewhere.resolve("bay-lantern");
        assertThat(unpacked.resolve("boot/bay-lantern.service")).exists();
        assertThat(unpacked.resolve("LICENSE")).exists();

        ProcessBuilder start = new ProcessBuilder(unpacked.resolve("lantern").toString(), "demo", "--port", "0");
        start.environment().clear();
        start.environment().put("PATH", bareTools(elsewhere).toString());
        start.environment().put("HOME", elsewhere.toString());
        Process process = start.redirectErrorStream(true).start();
        try (BufferedReader said = process.inputReader(StandardCharsets.UTF_8)) {
            assertThat(said.readLine()).contains("First start with this Java");
            Matcher lit = LIT.matcher(said.readLine());
            assertThat(lit.find()).isTrue();
            HttpRequest today = HttpRequest.newBuilder(URI.create(lit.group(1) + "/api/rounds"))
                    .build();
            String rounds = HttpClient.newHttpClient()
                    .send(today, BodyHandlers.ofString())
                    .body();
            assertThat(rounds).as("the demo farm came with it").contains("-26-");
            assertThat(unpacked.resolve("run/classes.jsa"))
                    .as("kept for the next start")
                    .exists();
        } finally {
            process.destroy();
            process.onExit().join();
        }
    }
}
