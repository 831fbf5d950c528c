package baylantern.app.platform;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The words of the command line.
 *
 * @param command serve, import, restore, check, or grow: grow the demo farm into a folder and end
 * @param file the notebook of an import, the copy of a restore, null otherwise
 * @param sharePort the port of the shared door, the next one where none is said
 * @param copies a second folder for copies, null for none
 * @param flags for instance demo, json, dry-run
 */
public record StartOptions(
        String command,
        @Nullable Path file,
        Path data,
        int port,
        int sharePort,
        @Nullable Path copies,
        Set<String> flags) {

    private static final int PORT = 8085;

    /** Pages of the store kept in memory, in KB: enough for the whole of a farm with 80 000 grafts. */
    public static final int CACHE_KB = 262_144;

    // Those of the pages somebody is at; each connection keeps its own.
    private static final int STATEMENTS = 64;

    /** What the store is told of statements in every farm. */
    public static final String KEPT_READY = keptReady(STATEMENTS);

    /** How long somebody waits for whoever writes: as long as a notebook of some thousand rows takes. */
    static final int LONGEST_WRITER_MS = 120_000;

    private static final Set<String> VALUED = Set.of("--data", "--port", "--share-port", "--copies");
    private static final Set<String> FLAGS = Set.of("--demo", "--json", "--dry-run", "--share");

    /** Reads the words; a wrong one ends the program with a plain sentence and code 2. */
    public static StartOptions parse(String... args) {
        List<String> plain = new ArrayList<>();
        Map<String, String> valued = new HashMap<>();
        Set<String> flags = new java.util.HashSet<>();
        for (int i = 0; i < args.length; i++) {
            if (VALUED.contains(args[i])) {
                if (i + 1 == args.length) {
                    throw stop("After " + args[i] + " a value is missing.");
                }
                valued.put(args[i], args[++i]);
            } else if (FLAGS.contains(args[i])) {
                flags.add(args[i].substring(2));
            } else if (args[i].startsWith("--")) {
                throw stop(
                        "\"" + args[i]
                                + "\" is not an option. There are --data DIR, --port N, --share, --share-port N, --copies DIR, --json, --dry-run.");
            } else {
                plain.add(args[i]);
            }
        }
        return of(plain, valued, flags);
    }

    private static StartOptions of(List<String> plain, Map<String, String> valued, Set<String> flags) {
        String command = plain.isEmpty() ? "serve" : plain.get(0);
        boolean importing = command.equals("import");
        if (command.equals("grow")) {
            flags.add("demo");
            valued.put("--port", "0");
        }
        boolean restoring = command.equals("restore");
        if (restoring && plain.size() != 2) {
            throw stop("Say which copy: restore COPY [--data DIR].");
        }
        if (importing && plain.size() != 2) {
            throw stop("Say which file: import FILE [--data DIR] [--dry-run] [--json].");
        }
        Path data = Path.of(valued.getOrDefault("--data", System.getProperty("user.home") + "/bay-lantern-farm"));
        int port = port(valued.getOrDefault("--port", "" + PORT));
        return new StartOptions(
                command,
                importing || restoring ? Path.of(plain.get(1)) : null,
                data.toAbsolutePath().normalize(),
                port,
                port(valued.getOrDefault("--share-port", "" + (port == 0 ? 0 : port + 1))),
                valued.containsKey("--copies")
                        ? Path.of(valued.get("--copies")).toAbsolutePath().normalize()
                        : null,
                Set.copyOf(flags));
    }

    private static int port(String text) {
        try {
            int port = Integer.parseInt(text);
            if (port >= 0 && port <= 65_535) {
                return port;
            }
        } catch (NumberFormatException e) {
            // told below with the same sentence
        }
        throw stop("The port is " + text + "; it must be a number from 0 to 65535.");
    }

    /** Holds the farm's store open. */
    public record Claim(java.sql.Connection store) implements AutoCloseable {

        @Override
        public void close() {
            try {
                store.close();
            } catch (java.sql.SQLException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    /**
     * Makes the data folder; ends the program with a plain sentence where it cannot be written or is in use. The farm
     * stays open until what is returned is closed, so that it need not be opened twice.
     */
    public Claim claimDataFolder() {
        try {
            Files.createDirectories(data);
            Files.delete(Files.createTempFile(data, "can-write", ""));
        } catch (IOException e) {
            throw stop("The folder " + data + " cannot be written. Choose another with --data DIR.");
        }
        try {
            return new Claim(java.sql.DriverManager.getConnection(url(), "sa", ""));
        } catch (java.sql.SQLException e) {
            throw stop(
                    e.getErrorCode() == 90020
                            ? "The farm in " + data
                                    + " is open in another Bay Lantern already. Stop that one first, or choose another folder with --data DIR."
                            : "The farm in " + data + " cannot be opened: " + e.getMessage());
        }
    }

    /** Ends the program with a sentence. Returns an exception only so that callers can throw it. */
    public static IllegalStateException stop(String sentence) {
        System.err.println(sentence);
        System.exit(2);
        return new IllegalStateException(sentence);
    }

    /** Where the farm's database is; each commit reaches the file before it is acknowledged. */
    public String url() {
        return "jdbc:h2:file:" + data.resolve("farm")
                + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE" + KEPT_READY + ";LOCK_TIMEOUT="
                + LONGEST_WRITER_MS + ";CACHE_SIZE=" + CACHE_KB;
    }

    /** So many statements are kept ready in each connection, their answers are not: nobody knows how long those are. */
    public static String keptReady(int statements) {
        return ";QUERY_CACHE_SIZE=" + statements + ";OPTIMIZE_REUSE_RESULTS=FALSE";
    }

    /** The same choices as the framework reads them, with more where there are. */
    public String[] springArguments(String... more) {
        List<String> all = new ArrayList<>(List.of(
                "--spring.datasource.url=" + url(),
                "--server.port=" + port,
                "--lantern.data=" + data,
                "--logging.file.name=" + data.resolve("lantern.log"),
                "--logging.logback.rollingpolicy.max-file-size=2MB",
                "--logging.logback.rollingpolicy.max-history=6",
                "--lantern.demo=" + flags.contains("demo")));
        if (flags.contains("share")) {
            all.add("--lantern.share=true");
            all.add("--lantern.share-port=" + sharePort);
        }
        if (copies != null) {
            all.add("--lantern.copies=" + copies);
        }
        all.addAll(List.of(more));
        return all.toArray(String[]::new);
    }
}
