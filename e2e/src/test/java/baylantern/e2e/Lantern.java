package baylantern.e2e;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The real application in a process of its own, on a free port, with a data folder of its own. */
final class Lantern implements AutoCloseable {

    private static final Pattern HELD = Pattern.compile("generation\\s+total \\d+K, used (\\d+)K");
    private static final Pattern LIT = Pattern.compile("open (http://127\\.0\\.0\\.1:\\d+)/");

    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private static final String STORE = "farm.mv.db";

    final Path data;
    private final List<String> how;
    private Process process;
    private String address = "";

    private Lantern(Path data, String... how) {
        this.data = data;
        this.how = List.of(how);
    }

    /** The demo farm, as it was grown once at the build. */
    static Lantern demo() {
        return grown("--demo");
    }

    /** The same, shared in the network of this machine. */
    static Lantern shared() {
        return grown("--demo", "--share", "--share-port", freePort());
    }

    // Others find the farm again at the same address when it was started anew.
    private static String freePort() {
        try (ServerSocket line = new ServerSocket(0)) {
            return "" + line.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Lantern grown(String... how) {
        Path data = folder();
        try {
            Path grown = Path.of(System.getProperty("lantern.run")).resolveSibling("demo-grown");
            for (String file : List.of(STORE, "farm.seal")) {
                Files.copy(grown.resolve(file), data.resolve(file));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Lantern(data, how).start();
    }

    static Lantern empty() {
        return new Lantern(folder()).start();
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory("bay-lantern-e2e");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static ProcessBuilder java(String... words) {
        String run = Path.of(System.getProperty("lantern.run")).normalize().toString();
        List<String> command = new ArrayList<>(List.of(
                ProcessHandle.current().info().command().orElse("java"),
                "@" + System.getProperty("lantern.home") + "/dist/options",
                "-XX:SharedArchiveFile=" + run + "/classes.jsa",
                "-XX:TieredStopAtLevel=1"));
        if (System.getProperty("lantern.shots", "").isEmpty()) {
            // The screens are the same however finely the weather to come is drawn and how much of the past is gone
            // through; pictures show the figures themselves.
            command.addAll(List.of("-Dlantern.weather-runs=50", "-Dlantern.past-looks=20"));
        }
        command.addAll(List.of("-jar", run + "/bay-lantern.jar"));
        command.addAll(List.of(words));
        return new ProcessBuilder(command).redirectErrorStream(true);
    }

    Lantern start() {
        List<String> words = new ArrayList<>(List.of("--data", data.toString(), "--port", "0"));
        words.addAll(how);
        try {
            process = java(words.toArray(String[]::new)).start();
            address = waitUntilLit();
            return this;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String waitUntilLit() throws IOException {
        BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder said = new StringBuilder();
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            said.append(line).append('\n');
            Matcher lit = LIT.matcher(line);
            if (lit.find()) {
                drain(out);
                return lit.group(1);
            }
        }
        throw new IllegalStateException("the application did not start:\n" + said);
    }

    private static void drain(BufferedReader out) {
        Thread reader = new Thread(() -> out.lines().forEach(line -> {}));
        reader.setDaemon(true);
        reader.start();
    }

    /** Reads from the farm. */
    HttpResponse<String> get(String path) throws IOException {
        return ask(HttpRequest.newBuilder(URI.create(address + path)).GET());
    }

    /** A graft as it stands on the farm. */
    JsonObject graft(String code) throws IOException {
        return JsonParser.parseString(get("/api/grafts/" + code).body())
                .getAsJsonObject()
                .getAsJsonObject("stop")
                .getAsJsonObject("graft");
    }

    /** Sends to the farm. */
    HttpResponse<String> post(String path, String body) throws IOException {
        return ask(sends(path, body));
    }

    /** Sends to the farm by a name, so that it is done once however often it is sent. */
    HttpResponse<String> post(String path, String body, String request) throws IOException {
        return ask(sends(path, body).header("Lantern-Request", request));
    }

    private HttpRequest.Builder sends(String path, String body) {
        return HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body));
    }

    void delete(String path) throws IOException {
        ask(HttpRequest.newBuilder(URI.create(address + path)).DELETE());
    }

    private static HttpResponse<String> ask(HttpRequest.Builder request) throws IOException {
        try {
            return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The farm's folder. */
    Path data() {
        return data;
    }

    String address() {
        return address;
    }

    /** Where other devices find the farm, as this machine itself can too. */
    String sharedAddress() throws IOException {
        Matcher port = Pattern.compile(":(\\d+)\"").matcher(get("/api/share").body());
        if (!port.find()) {
            throw new IllegalStateException("the farm is not shared");
        }
        return "https://127.0.0.1:" + port.group(1);
    }

    /** How much memory the process holds, kB. */
    long residentKb() {
        try (java.util.stream.Stream<String> lines = Files.lines(Path.of("/proc/" + process.pid() + "/status"))) {
            return lines.filter(line -> line.startsWith("VmRSS"))
                    .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
                    .findFirst()
                    .orElse(0);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What the application still needs after all that nobody needs was thrown away, in KB. */
    long neededKb() {
        String pid = "" + process.pid();
        asked("jcmd", pid, "GC.run");
        return HELD.matcher(asked("jcmd", pid, "GC.heap_info"))
                .results()
                .mapToLong(part -> Long.parseLong(part.group(1)))
                .sum();
    }

    private static String asked(String... words) {
        try {
            Process process =
                    new ProcessBuilder(words).redirectErrorStream(true).start();
            return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Lets the files of the farm grow no larger than so many bytes, as a full disk would; under 0 lets them again. */
    void filesAtMost(long bytes) {
        try {
            String most = bytes < 0 ? "unlimited" : Long.toString(bytes);
            int code = new ProcessBuilder("prlimit", "--pid", "" + process.pid(), "--fsize=" + most + ":unlimited")
                    .inheritIO()
                    .start()
                    .waitFor();
            if (code != 0) {
                throw new IllegalStateException("the files could not be kept small");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Pulls the plug: kill −9. */
    void pullThePlug() {
        process.destroyForcibly();
        process.onExit().join();
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }
}
