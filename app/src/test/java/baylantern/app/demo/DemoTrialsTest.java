package baylantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.trial.PairedTakes;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** The trials of the demo: what was read is what its grafts say, and a school that does nothing is not called better. */
class DemoTrialsTest extends GrownFarmTest {

    @Autowired
    private JdbcTemplate store;

    private List<Map<String, Object>> pairs(int trial) {
        return store.queryForList(
                "SELECT t.pair, COUNT(*) AS grafts, COUNT(DISTINCT t.first_way) AS ways, COUNT(DISTINCT g.lot_id) AS lots,"
                        + " COUNT(DISTINCT g.maker_id) AS hands FROM trial_turn t JOIN trial_plan p ON p.id = t.trial_id"
                        + " JOIN day_made m ON m.job_id = t.job_id JOIN bench_graft g ON g.id = m.graft_id"
                        + " WHERE p.number = ? GROUP BY t.pair",
                trial);
    }

    @Test
    void eachPairIsOfOneWoodAndOneHandAndGoesBothWays() {
        for (int trial = 1; trial <= 2; trial++) {
            assertThat(pairs(trial))
                    .hasSizeGreaterThan(5)
                    .allSatisfy(pair -> assertThat(pair)
                            .containsEntry("GRAFTS", 2L)
                            .containsEntry("WAYS", 2L)
                            .containsEntry("LOTS", 1L)
                            .containsEntry("HANDS", 1L));
        }
    }

    @Test
    void eachGraftFollowsTheSchoolItsPairGaveIt() {
        List<Map<String, Object>> grafts = store.queryForList(
                "SELECT t.first_way, p.first_arm, p.second_arm, s.school FROM trial_turn t JOIN trial_plan p"
                        + " ON p.id = t.trial_id JOIN day_made m ON m.job_id = t.job_id JOIN bench_school s"
                        + " ON s.graft_id = m.graft_id AND 'school.' || s.question = p.aspect");
        assertThat(grafts)
                .hasSizeGreaterThan(80)
                .allSatisfy(graft -> assertThat(graft.get("SCHOOL"))
                        .isEqualTo(graft.get((Boolean) graft.get("FIRST_WAY") ? "FIRST_ARM" : "SECOND_ARM")));
    }

    @Test
    void whatWasReadIsWhatItsGraftsSayAndTheOtherIsNotRead() {
        List<PairedTakes.Among> among = store.query(
                "SELECT SUM(CASE WHEN t.first_way THEN 1 ELSE 0 END), SUM(CASE WHEN t.first_way AND g.outcome = 'TAKEN'"
                        + " THEN 1 ELSE 0 END), SUM(CASE WHEN t.first_way THEN 0 ELSE 1 END), SUM(CASE WHEN NOT t.first_way"
                        + " AND g.outcome = 'TAKEN' THEN 1 ELSE 0 END) FROM trial_turn t JOIN trial_plan p ON p.id ="
                        + " t.trial_id JOIN day_made m ON m.job_id = t.job_id JOIN bench_graft g ON g.id = m.graft_id"
                        + " WHERE p.number = 1 AND g.outcome IN ('TAKEN', 'FAILED') GROUP BY g.lot_id, g.maker_id",
                (row, n) -> new PairedTakes.Among(row.getInt(1), row.getInt(2), row.getInt(3), row.getInt(4)));
        PairedTakes takes = new PairedTakes(among);
        Map<String, Object> last = store.queryForMap(
                "SELECT r.* FROM trial_reading r ORDER BY r.trial_id, r.reading DESC FETCH FIRST ROW ONLY");
        assertThat(last).containsEntry("SAYS", "ALIKE").containsEntry("READING", 2);
        assertThat((Integer) last.get("FIRST_COUNT") + (Integer) last.get("SECOND_COUNT"))
                .isEqualTo(takes.decided());
        assertThat((Double) last.get("POINTS")).isEqualTo(takes.points());
        assertThat(store.queryForList("SELECT ending FROM trial_plan ORDER BY number", String.class))
                .containsExactly("ALIKE", null);
        assertThat(store.queryForObject("SELECT COUNT(*) FROM trial_reading WHERE trial_id = 2", Integer.class))
                .isZero();
    }
}
