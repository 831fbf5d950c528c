package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.LanternSettings;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Copies of a farm, and the way back to one. */
class CopyApiTest extends ApiTest {

    @Autowired
    private LanternSettings settings;

    @BeforeEach
    void noCopies() throws IOException {
        if (Files.isDirectory(folder())) {
            try (Stream<Path> files = Files.list(folder())) {
                for (Path file : files.toList()) {
                    Files.delete(file);
                }
            }
        }
    }

    private Path folder() {
        return Path.of(settings.data()).resolve("copies");
    }

    private List<String> names(JsonNode answer) {
        return StreamSupport.stream(answer.get("copies").spliterator(), false)
                .map(copy -> copy.get("name").asString())
                .toList();
    }

    /** What the farm holds, but for when it was taken out and what was asked of the server. */
    private Map<String, String> farm() throws IOException {
        Map<String, String> tables =
                ExchangeApiTest.tables(http.get("/api/exchange/farm.zip").bytes());
        tables.remove("manifest.json");
        baylantern.app.platform.TableVault.BY_ITSELF.forEach(table -> tables.remove(table + ".csv"));
        return tables;
    }

    @Test
    void goneBackToACopyTheFarmIsWhatItWasAndWhatItWasMeanwhileIsKept() throws IOException {
        http.smallFarm();
        String code = http.cleft(9, 1).json().get("codes").get(0).asString();
        Map<String, String> then = farm();
        List<String> kept = names(http.post("/api/copies", "").json());
        assertThat(kept).hasSize(1);
        http.look(code, "GREEN");
        http.cleft(3, 2);
        Map<String, String> meanwhile = farm();
        assertThat(meanwhile).isNotEqualTo(then);
        Http.Answer back = http.post("/api/copies/" + kept.get(0) + "/back", "");
        assertThat(back.status()).as(back.text()).isEqualTo(200);
        assertThat(farm()).isEqualTo(then);
        // The farm works on, and what was there meanwhile can be had again.
        assertThat(http.look(code, "SWELLING").status()).isEqualTo(200);
        String before = back.json().get("keptAs").asString();
        assertThat(names(http.get("/api/copies").json())).containsExactlyInAnyOrder(kept.get(0), before);
        assertThat(http.post("/api/copies/" + before + "/back", "").status()).isEqualTo(200);
        assertThat(farm()).isEqualTo(meanwhile);
    }

    @Test
    void oneOfADayIsMadeAnewAndWhatIsNoWholeCopyIsNeverGoneBackTo() throws IOException {
        http.smallFarm();
        String name = names(http.post("/api/copies", "").json()).get(0);
        byte[] whole = Files.readAllBytes(folder().resolve(name));
        http.cleft(9, 1);
        assertThat(names(http.post("/api/copies", "").json())).containsExactly(name);
        assertThat(Files.readAllBytes(folder().resolve(name))).isNotEqualTo(whole);
        // Interrupted while it was written, it has another name still; cut short afterwards, it is refused.
        Files.write(folder().resolve("farm-2020-02-02.zip77.part"), whole);
        assertThat(names(http.get("/api/copies").json())).containsExactly(name);
        Files.write(folder().resolve("farm-2020-02-03.zip"), Arrays.copyOf(whole, whole.length / 2));
        Map<String, String> now = farm();
        Http.Answer refused = http.post("/api/copies/farm-2020-02-03.zip/back", "");
        assertThat(refused.status()).as(refused.text()).isEqualTo(422);
        assertThat(farm()).isEqualTo(now);
        for (String none : List.of("farm-2020-02-04.zip", "..%2Ffarm.mv.db", "farm-2020-02-02.zip77.part", "x")) {
            assertThat(http.post("/api/copies/" + none + "/back", "").status())
                    .as(none)
                    .isBetween(400, 404);
        }
        // The next copy sweeps what was left under way; of old days the newest stays in its month alone.
        http.post("/api/copies", "");
        assertThat(Files.exists(folder().resolve("farm-2020-02-02.zip77.part"))).isFalse();
        assertThat(names(http.get("/api/copies").json())).contains(name).doesNotContain("farm-2020-02-03.zip");
    }

    @Test
    void eightWhoGoBackAtOnceLeaveTheFarmOfTheCopy() throws Exception {
        http.smallFarm();
        http.cleft(9, 1);
        Map<String, String> then = farm();
        String name = names(http.post("/api/copies", "").json()).get(0);
        http.cleft(3, 2);
        List<Callable<Http.Answer>> works = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            works.add(i % 2 == 0 ? () -> http.post("/api/copies/" + name + "/back", "") : () -> http.cleft(2, 3));
        }
        AtOnce.of(works)
                .forEach(answer -> assertThat(answer.status()).as(answer.text()).isIn(200, 409, 422));
        assertThat(http.post("/api/copies/" + name + "/back", "").status()).isEqualTo(200);
        assertThat(farm()).isEqualTo(then);
    }
}
