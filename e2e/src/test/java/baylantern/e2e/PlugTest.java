package baylantern.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The plug is pulled while looks are being written; and the words on the command line. */
class PlugTest {

    private static final Pattern LOT = Pattern.compile("\\{\"lot\":\\{\"id\":(\\d+)");

    private static final Pattern GRAFT =
            Pattern.compile("\"id\":(\\d+),\"code\":\"([A-Z]+-26-\\d+)\".{0,900}?\"version\":(\\d+)");

    private static String get(Lantern lantern, String path) throws IOException {
        return lantern.get(path).body();
    }

    private static int send(Lantern lantern, String path, String body) throws IOException {
        return lantern.post(path, body).statusCode();
    }

    private static int look(Lantern lantern, MatchResult graft) throws IOException {
        String body = "{\"grafts\":[{\"graftId\":" + graft.group(1) + ",\"version\":" + graft.group(3)
                + "}],\"sign\":\"SWELLING\",\"note\":\"before the plug\"}";
        return send(lantern, "/api/looks", body);
    }

    private static final int PULLS = Integer.getInteger("lantern.pulls", 2);

    private static String stand(Lantern lantern) throws IOException {
        return get(lantern, "/api/people") + get(lantern, "/api/exchange/grafts.csv") + get(lantern, "/api/lots");
    }

    @Test
    void goingBackToACopyIsWholeOrNotAtAllWhereverThePlugIsPulled() throws Exception {
        Random random = new Random(23);
        int gone = 0;
        try (Lantern lantern = Lantern.demo()) {
            Matcher kept = Pattern.compile("\"name\":\"([^\"]+)\"")
                    .matcher(lantern.post("/api/copies", "").body());
            assertThat(kept.find()).isTrue();
            String copy = kept.group(1);
            String then = stand(lantern);
            for (int pull = 0; pull < PULLS; pull++) {
                assertThat(send(lantern, "/api/people", "{\"name\":\"Hand " + pull + "\"}"))
                        .isEqualTo(200);
                String now = stand(lantern);
                long wait = 200_000_000L + random.nextLong(2_500_000_000L);
                Thread plug = new Thread(() -> {
                    LockSupport.parkNanos(wait);
                    lantern.pullThePlug();
                });
                plug.start();
                try {
                    send(lantern, "/api/copies/" + copy + "/back", "");
                } catch (IOException theLineWentDead) {
                    gone++;
                }
                plug.join();
                lantern.start();
                assertThat(stand(lantern)).isIn(then, now);
            }
            System.out.printf("%d of %d plugs were pulled while it went back%n", gone, PULLS);
        }
    }

    @Test
    void everyAcknowledgedLookAndStickIsThereAfterThePlugIsPulled() throws Exception {
        try (Lantern lantern = Lantern.demo()) {
            String lot = LOT.matcher(get(lantern, "/api/lots/CB-26-W03"))
                    .results()
                    .findFirst()
                    .orElseThrow()
                    .group(1);
            for (int i = 0; i < 6; i++) {
                assertThat(give(lantern, lot)).isEqualTo(200);
            }
            List<MatchResult> grafts = GRAFT.matcher(get(lantern, "/api/rounds"))
                    .results()
                    .limit(40)
                    .toList();
            assertThat(grafts).hasSizeGreaterThan(20);
            List<String> acknowledged = new ArrayList<>();
            Thread plug = new Thread(() -> {
                while (acknowledged.size() < 12) {
                    LockSupport.parkNanos(100_000);
                }
                lantern.pullThePlug();
            });
            plug.start();
            try {
                for (MatchResult graft : grafts) {
                    if (look(lantern, graft) == 200) {
                        acknowledged.add(graft.group(2));
                    }
                }
            } catch (IOException theLineWentDead) {
                assertThat(acknowledged).hasSizeGreaterThanOrEqualTo(12);
            }
            plug.join();
            lantern.start();
            for (String code : acknowledged) {
                String sheet = get(lantern, "/api/grafts/" + code);
                assertThat(sheet.split("before the plug", -1)).as(code).hasSize(2);
                assertThat(sheet).doesNotContain("\"state\":\"MADE\"");
            }
            String shelf = get(lantern, "/api/lots/CB-26-W03");
            assertThat(shelf).contains("\"sticksLeft\":9");
            assertThat(shelf.split("\"kind\":\"GIVEN\"", -1)).hasSize(7);
        }
    }

    private static int give(Lantern lantern, String lot) throws IOException {
        return send(lantern, "/api/lots/" + lot + "/out", "{\"kind\":\"GIVEN\",\"sticks\":1}");
    }

    /** Of what is followed row by row neither the act nor its rows stand alone, and all of it can be taken back after. */
    @Test
    void anActThatWasFollowedIsWholeOrNotThereAfterThePlugIsPulled() throws Exception {
        try (Lantern lantern = Lantern.empty()) {
            String site = "{\"name\":\"Gull Steps\",\"latitudeDeg\":28,\"longitudeDeg\":12,\"altitudeM\":4,"
                    + "\"zone\":\"UTC\",\"version\":0}";
            assertThat(send(lantern, "/api/beginning", "{\"site\":" + site + ",\"people\":[],\"grown\":[]}"))
                    .isEqualTo(200);
            List<String> acknowledged = new ArrayList<>();
            Thread plug = new Thread(() -> {
                while (acknowledged.size() < 15) {
                    LockSupport.parkNanos(100_000);
                }
                lantern.pullThePlug();
            });
            plug.start();
            try {
                for (int i = 0; i < 400; i++) {
                    if (send(lantern, "/api/people", "{\"name\":\"Hand " + i + "\"}") == 200) {
                        acknowledged.add("Hand " + i);
                    }
                }
            } catch (IOException theLineWentDead) {
                assertThat(acknowledged).hasSizeGreaterThanOrEqualTo(15);
            }
            plug.join();
            lantern.start();
            String people = get(lantern, "/api/people");
            acknowledged.forEach(name -> assertThat(people).contains("\"" + name + "\""));
            List<String> acts = Pattern.compile("\"id\":(\\d+),[^{}]*Hand \\d+ added")
                    .matcher(get(lantern, "/api/acts"))
                    .results()
                    .map(act -> act.group(1))
                    .toList();
            assertThat(acts).as("an act for each person").hasSize(people.split("\"name\"", -1).length - 1);
            for (String act : acts) {
                assertThat(send(lantern, "/api/acts/" + act + "/undo", "{}")).isEqualTo(200);
            }
            assertThat(get(lantern, "/api/people")).isEqualTo("[]");
        }
    }

    @Test
    void aFullDiskIsSaidInOneSentenceAndNothingIsLost() throws Exception {
        try (Lantern lantern = Lantern.demo()) {
            lantern.filesAtMost(Files.size(lantern.data.resolve("farm.mv.db")) + 300_000);
            List<String> acknowledged = new ArrayList<>();
            int said = 200;
            for (int i = 0; i < 2000 && said != 507; i++) {
                String name = "Hand " + i + " " + "of many letters ".repeat(6);
                said = send(lantern, "/api/people", "{\"name\":\"" + name + "\"}");
                if (said == 200) {
                    acknowledged.add("Hand " + i + " ");
                }
            }
            assertThat(said).isEqualTo(507);
            lantern.filesAtMost(-1);
            assertThat(send(lantern, "/api/people", "{\"name\":\"Who came after\"}"))
                    .isEqualTo(200);
            assertThat(get(lantern, "/api/people")).contains("Who came after").contains(acknowledged);
            lantern.pullThePlug();
            lantern.start();
            assertThat(get(lantern, "/api/people")).contains("Who came after").contains(acknowledged);
        }
    }

    @Test
    void aFarmThatIsOpenIsNotOpenedTwiceAndOneThatIsShutIsLookedThrough() throws Exception {
        Path folder;
        try (Lantern lantern = Lantern.demo()) {
            folder = lantern.data;
            Said second = run("--data", folder.toString(), "--port", "0");
            assertThat(second.code()).isEqualTo(2);
            assertThat(second.words().strip())
                    .startsWith("The farm in " + folder + " is open in another Bay Lantern already.");
        }
        Said check = run("check", "--demo", "--data", folder.toString());
        assertThat(check.words()).contains("All is well: nothing wrong was found.");
        assertThat(check.code()).isZero();
    }

    /** What a command said, and how it ended. */
    record Said(int code, String words) {}

    static Said run(String... words) throws Exception {
        return said(Lantern.java(words));
    }

    private static Said said(ProcessBuilder command) throws Exception {
        Process process = command.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Said(process.waitFor(), said);
    }

    @Test
    void theCommandLineImportsAndSaysPlainlyWhatItCannotDo() throws Exception {
        Path folder = Files.createTempDirectory("bay-lantern-cli");
        Path csv = folder.resolve("old.csv");
        Files.writeString(
                csv,
                "date;variety;kind;result\n3.4.2024;Windle;fig;took\n3.4.2024;Windle;fig;took\n4.4.2024;Windle;fig;dead\n");
        Said dry = run("import", csv.toString(), "--dry-run", "--json");
        assertThat(dry.code()).isZero();
        assertThat(dry.words())
                .startsWith("{")
                .contains("\"imported\" : 2", "\"duplicates\" : 1", "\"fig / Windle\"", "\"written\" : false");
        Said real =
                run("import", csv.toString(), "--data", folder.resolve("farm").toString());
        assertThat(real.words()).contains("2 grafts imported", "fig / Windle: 1 taken, 1 failed, 0 waiting");
        Said again =
                run("import", csv.toString(), "--data", folder.resolve("farm").toString());
        assertThat(again.code()).isEqualTo(1);
        assertThat(again.words().strip()).isEqualTo("No row of this file can be taken as a graft.");
        assertThat(run("import", folder.resolve("nowhere.csv").toString(), "--dry-run")
                        .words())
                .contains("cannot be read");
        assertThat(run("--data", "/proc/nowhere").words().strip())
                .startsWith("The folder /proc/nowhere cannot be written.");
        assertThat(run("--port", "many").words().strip())
                .isEqualTo("The port is many; it must be a number from 0 to 65535.");
        ProcessBuilder few = Lantern.java("--port", "0");
        few.command().replaceAll(word -> word.equals("-Dlantern.weather-runs=50") ? "-Dlantern.weather-runs=20" : word);
        Said refused = said(few);
        assertThat(refused.words().strip())
                .isEqualTo("lantern.weather-runs is \"20\"; it must be a whole number from 50 to 500.");
        assertThat(refused.code()).isEqualTo(2);
    }
}
