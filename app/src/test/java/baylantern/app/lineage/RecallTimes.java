package baylantern.app.lineage;

import baylantern.app.Stopwatch;
import baylantern.core.lineage.HealthTest;
import baylantern.core.lineage.Lineage;
import baylantern.core.lineage.Link;
import baylantern.core.lineage.Node;
import baylantern.core.lineage.Recall;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/**
 * Not a test: how long a recall takes in a lineage of 50 000 members, beside a bare walk down the same links without
 * days, tests or blades. Run by {@code ./lantern bench}.
 */
@EnabledIfEnvironmentVariable(named = "LANTERN_BENCH", matches = "1")
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "lantern.demo=true")
class RecallTimes {

    private static final int COPIES = 48;
    private static final long STEP = 1_000_000;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private LineageShelf shelf;

    @Autowired
    private RecallService recalls;

    @Autowired
    private baylantern.app.platform.Changes changes;

    @DynamicPropertySource
    static void store(DynamicPropertyRegistry registry) throws java.io.IOException {
        Stopwatch.store(registry);
    }

    // Every plant that is not a mother, every lot and graft anew; all lots of a variety are cut from its one mother.
    private void multiply() {
        for (long copy = 1; copy < COPIES; copy++) {
            long far = copy * STEP;
            jdbc.update(
                    "INSERT INTO place_plant (id, code, species_key, kind, spot_id, walk_order, notes)"
                            + " SELECT id + ?, code || '/' || ?, species_key, kind, spot_id, walk_order, notes FROM place_plant"
                            + " WHERE kind <> 'MOTHER_TREE' AND id < " + STEP,
                    far,
                    copy);
            jdbc.update(
                    "INSERT INTO place_stem SELECT s.id + ?, s.plant_id + ?, s.label, s.diameter_mm, s.height_mm"
                            + " FROM place_stem s JOIN place_plant p ON p.id = s.plant_id"
                            + " WHERE p.kind <> 'MOTHER_TREE' AND s.id < " + STEP,
                    far,
                    far);
            jdbc.update(
                    "INSERT INTO wood_lot SELECT id + ?, code || '/' || ?, variety_id, species_key, plant_id, source_id, cut_on,"
                            + " cut_at, cut_by, received_on, sticks_in, buds_per_stick, sticks_left, buds_left, diameters, notes,"
                            + " act_id, archived_by, version FROM wood_lot WHERE id < " + STEP,
                    far,
                    copy);
            jdbc.update(
                    "INSERT INTO bench_graft (id, code, variety_id, species_key, stem_id, technique_key, maker_id, made_on, cover,"
                            + " state, outcome, lot_id) SELECT id + ?, code || '/' || ?, variety_id, species_key, stem_id + ?,"
                            + " technique_key, maker_id, made_on, cover, state, outcome, lot_id + ? FROM bench_graft WHERE id < "
                            + STEP,
                    far,
                    copy,
                    far,
                    far);
        }
        jdbc.execute("ANALYZE");
        changes.forgetAll();
    }

    @Test
    void measure() throws Exception {
        multiply();
        LocalDate day = LocalDate.of(2026, 5, 14);
        Long most = jdbc.queryForObject(
                "SELECT plant_id FROM wood_lot WHERE plant_id IS NOT NULL GROUP BY plant_id ORDER BY COUNT(*) DESC FETCH FIRST ROW ONLY",
                Long.class);
        Node mother = Node.plant(java.util.Objects.requireNonNull(most));
        LineageShelf.State state = shelf.state();
        Recall recall = new Recall(state.lineage(), state.tests(), shelf.blades());
        System.out.println(state.lineage().size() + " members of the lineage, "
                + recall.of(mother, day).size() + " held, " + "grafts, lots and plants");
        double walked = Stopwatch.medianMs(() -> recall.of(mother, day).size());
        double bare = Stopwatch.medianMs(() -> bareWalk(state.lineage(), mother));
        print("Recall", walked, bare);
        TestEntry test = new TestEntry(mother.key(), day, "leaf scald", HealthTest.Result.POSITIVE, null, null);
        print("Preview", Stopwatch.medianMs(() -> recalls.preview(test).held().size()), bare);
        print(
                "Rebuild",
                Stopwatch.medianMs(() -> {
                    changes.forgetAll();
                    return shelf.state().lineage().size();
                }),
                bare);
    }

    private static void print(String name, double ms, double bare) {
        System.out.printf(Locale.ROOT, "%-7s %6.1f ms, bare walk %6.1f ms, ratio %.2f%n", name, ms, bare, ms / bare);
    }

    private static int bareWalk(Lineage lineage, Node from) {
        Set<Node> seen = new HashSet<>(List.of(from));
        Deque<Node> queue = new ArrayDeque<>(seen);
        while (!queue.isEmpty()) {
            for (Link link : lineage.out(queue.remove())) {
                if (seen.add(link.to())) {
                    queue.add(link.to());
                }
            }
        }
        return seen.size();
    }
}
