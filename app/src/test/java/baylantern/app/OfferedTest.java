package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What somebody may not do is not offered to them: whatever the screens send says on its button which way it goes. */
class OfferedTest {

    private static final Path SCREENS = Path.of("../web/src");
    private static final Pattern SAID = Pattern.compile("\"((?:GET|POST|PUT|DELETE) /api/[^\"]*)\"");
    private static final Pattern SENT = Pattern.compile("api\\s*\\.(POST|PUT|DELETE)\\(\\s*\"([^\"]*)\"");

    /** Who may look may also send these. */
    private static final Set<String> FOR_ALL = Set.of("NOBODY", "GUEST");

    /** Sent by no button of their own: why they need none. */
    private static final Map<String, String> NOT_OFFERED = Map.ofEntries(
            Map.entry("POST /api/beginning", "the first run, which is not shared"),
            Map.entry("POST /api/acts/{id}/undo", "one's own act; a guest has none"),
            Map.entry("POST /api/fit/pairings", "reckoned while a batch is typed"),
            Map.entry("DELETE /api/fit/pairings/{id}", "stops that reckoning"),
            Map.entry("POST /api/trials/try", "reckoned behind a new trial"),
            Map.entry("POST /api/rules/figures/try", "reckoned behind a figure"),
            Map.entry("POST /api/recalls/preview", "reckoned behind a recall"),
            Map.entry("POST /api/notebooks/{id}/preview", "reckoned behind a notebook"),
            Map.entry("POST /api/bench-days/{day}/at-hand", "asked by the page of the run, behind its button"),
            Map.entry("POST /api/people/{id}/same", "stands behind the name"),
            Map.entry("POST /api/spots/{id}/same", "stands behind the name"));

    /** Pages that are not come to by whoever may do nothing there. */
    private static final Map<String, String> BEHIND =
            Map.of("share", "GET /api/share", "day/Run.tsx", "POST /api/bench-days/{day}/begin");

    /** Screens that send and hear keys, none of which sends: what the keys do. */
    private static final Map<String, String> KEYS_THAT_SEND_NOTHING = Map.of(
            "care/Pictures.tsx", "from picture to picture",
            "fit/Pairing.tsx", "from pair to pair, and the calliper on the screen",
            "day/Run.tsx", "a page behind its button");

    private static Map<String, String> roles() throws IOException {
        return Files.readAllLines(Path.of("src/test/resources/baylantern/app/roles.txt")).stream()
                .map(line -> line.split(" ", 2))
                .collect(Collectors.toMap(line -> line[1], line -> line[0]));
    }

    private static Map<String, String> screens() throws IOException {
        Map<String, String> screens = new TreeMap<>();
        try (Stream<Path> files = Files.walk(SCREENS)) {
            for (Path file :
                    files.filter(one -> one.toString().matches(".*\\.tsx?")).toList()) {
                screens.put(SCREENS.relativize(file).toString(), Files.readString(file));
            }
        }
        return screens;
    }

    private static String room(String file) {
        return file.split("/")[0];
    }

    @Test
    void whatIsSentSaysOnItsButtonWhichWayItGoes() throws IOException {
        Map<String, String> roles = roles();
        Map<String, String> screens = screens();
        Map<String, Set<String>> said = new TreeMap<>();
        screens.forEach((file, text) -> {
            if (file.endsWith(".tsx")) {
                SAID.matcher(text)
                        .results()
                        .forEach(way -> said.computeIfAbsent(room(file), any -> new TreeSet<>())
                                .add(way.group(1)));
            }
        });
        said.forEach((room, ways) -> assertThat(roles.keySet()).as(room).containsAll(ways));
        Set<String> all = said.values().stream().flatMap(Set::stream).collect(Collectors.toSet());
        assertThat(all).as("pages behind a button").containsAll(BEHIND.values());
        Set<String> unsaid = new TreeSet<>();
        Set<String> unneeded = new TreeSet<>(NOT_OFFERED.keySet());
        screens.forEach((file, text) -> {
            for (MatchResult sent : SENT.matcher(text).results().toList()) {
                String way = sent.group(1) + " " + sent.group(2);
                boolean here = said.getOrDefault(room(file), Set.of()).contains(way);
                boolean behind = BEHIND.containsKey(room(file)) || BEHIND.containsKey(file);
                if (FOR_ALL.contains(roles.get(way)) || here || behind) {
                    continue;
                }
                if (NOT_OFFERED.containsKey(way)) {
                    unneeded.remove(way);
                } else {
                    unsaid.add(file + ": " + way);
                }
            }
        });
        assertThat(unsaid)
                .as("sent from a button that is offered to whoever may not: say data-does on it")
                .isEmpty();
        assertThat(unneeded).as("told as offered by nobody, and sent by nobody").isEmpty();
    }

    @Test
    void aScreenThatSendsAndHearsKeysSaysWhichWayTheyGo() throws IOException {
        Set<String> silent = new TreeSet<>();
        screens().forEach((file, text) -> {
            boolean sends = text.contains("data-does=") || SENT.matcher(text).find();
            boolean says = text.contains("does:") || text.contains("going(") || text.contains("keyCommands(");
            if (text.contains("useCommands(") && sends && !says) {
                silent.add(file);
            }
        });
        assertThat(silent)
                .as("keys that send say so, by does or going, as their buttons do")
                .isEqualTo(new TreeSet<>(KEYS_THAT_SEND_NOTHING.keySet()));
    }
}
