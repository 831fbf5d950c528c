package baylantern.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.TableVault.Content;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What older farms told in another place. */
class OlderFarmTest {

    @Test
    void aJobThatToldItsGraftIsMadeByItAndItsTrailTellsTheLotOnly() {
        Map<String, Content> tables = new HashMap<>();
        tables.put("bench_graft", new Content(List.of("id", "code"), List.of(List.of("7", "TL-26-001"))));
        tables.put(
                "day_job",
                new Content(
                        List.of("id", "lot_id", "graft_code", "done_at", "done_by", "face_s"),
                        List.of(
                                List.of("1", "2", "TL-26-001", "2026-05-01 09:00:00+00", "3", "40"),
                                Arrays.asList("2", "2", "TL-26-009", "2026-05-01 09:00:00+00", "3", null),
                                Arrays.asList("3", "2", null, null, null, null))));
        String told = "{\"lot_id\":\"%s\",\"graft_code\":null,\"done_by\":null}";
        tables.put(
                "house_trail",
                new Content(
                        List.of("table_name", "was", "became"),
                        List.of(
                                List.of("day_job", told.formatted(1), told.formatted(2)),
                                List.of("day_job", "{\"face_s\":null}", "{\"face_s\":\"40\"}"),
                                List.of("bench_graft", "{\"face_s\":null}", "{}"))));
        OlderFarm.jobsTellNoGraft(tables);
        assertThat(tables.get("day_made").rows())
                .containsExactly(List.of("1", "7", "2026-05-01 09:00:00+00", "3", "40"));
        assertThat(tables.get("day_job"))
                .isEqualTo(new Content(
                        List.of("id", "lot_id"), List.of(List.of("1", "2"), List.of("2", "2"), List.of("3", "2"))));
        assertThat(tables.get("house_trail").rows())
                .containsExactly(
                        List.of("day_job", "{\"lot_id\":\"1\"}", "{\"lot_id\":\"2\"}"),
                        List.of("bench_graft", "{\"face_s\":null}", "{}"));
    }

    @Test
    void aFarmOfThisVersionIsLeftAsItIs() {
        Map<String, Content> tables = new HashMap<>();
        tables.put("day_job", new Content(List.of("id", "lot_id"), List.of(List.of("1", "2"))));
        tables.put("day_made", new Content(List.of("job_id", "graft_id"), List.of(List.of("1", "7"))));
        Map<String, Content> before = Map.copyOf(tables);
        OlderFarm.jobsTellNoGraft(tables);
        assertThat(tables).isEqualTo(before);
        Map<String, Content> empty = new HashMap<>();
        OlderFarm.jobsTellNoGraft(empty);
        assertThat(empty).isEmpty();
    }

    @Test
    void twoJobsThatNameOneGraftAreMadeByItOnce() {
        Map<String, Content> tables = new HashMap<>();
        tables.put("bench_graft", new Content(List.of("code", "id"), List.of(List.of("TL-26-001", "7"))));
        List<String> made = List.of("TL-26-001", "2026-05-01 09:00:00+00", "3", "40");
        tables.put(
                "day_job",
                new Content(
                        List.of("graft_code", "done_at", "done_by", "face_s", "id"),
                        List.of(
                                List.of(made.get(0), made.get(1), made.get(2), made.get(3), "1"),
                                List.of(made.get(0), made.get(1), made.get(2), made.get(3), "2"))));
        OlderFarm.jobsTellNoGraft(tables);
        assertThat(tables.get("day_made").rows()).containsExactly(List.of("1", "7", made.get(1), "3", "40"));
        assertThat(tables.get("day_job").rows()).containsExactly(List.of("1"), List.of("2"));
    }
}
