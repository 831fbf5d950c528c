package baylantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.bench.TakeRow;
import baylantern.app.platform.ActService;
import baylantern.app.platform.DemoClock;
import baylantern.core.care.GraftState;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.take.Belief;
import baylantern.core.take.KinPooling;
import baylantern.core.take.TakeCount;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The demo farm, and whether the analysis finds the model hidden in it. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.NONE, properties = "lantern.demo=true")
class DemoFarmTest {

    @Autowired
    private DemoFarm farm;

    @Autowired
    private GraftService grafts;

    @Autowired
    private Rulebook rules;

    @Autowired
    private DemoClock clock;

    @Autowired
    private ActService acts;

    @Autowired
    private JdbcTemplate jdbc;

    private List<DemoFarm.Truth> truths;

    @DynamicPropertySource
    static void store(DynamicPropertyRegistry registry) throws java.io.IOException {
        var folder = Files.createTempDirectory("bay-lantern-demo");
        registry.add("spring.datasource.url", () -> "jdbc:h2:file:" + folder.resolve("farm"));
        registry.add("lantern.data", folder::toString);
    }

    @BeforeEach
    void regrow() {
        jdbc.execute("SET REFERENTIAL_INTEGRITY FALSE");
        baylantern.app.platform.TableVault.TABLES.forEach(
                table -> jdbc.execute("TRUNCATE TABLE " + table + " RESTART IDENTITY"));
        jdbc.execute("SET REFERENTIAL_INTEGRITY TRUE");
        truths = farm.grow(1);
    }

    @Test
    void theHiddenTakesLieInTheShownRanges() {
        Map<String, String> names = new HashMap<>();
        Map<List<String>, TakeCount> leaves = new HashMap<>();
        for (TakeRow row : grafts.takes("variety-technique", GraftFilter.ALL)) {
            List<String> path = List.of(row.speciesKey(), "" + row.varietyId(), row.techniqueKey());
            leaves.merge(path, count(row), TakeCount::plus);
        }
        grafts.list(GraftFilter.ALL, 10_000)
                .forEach(g -> names.put(g.varietyName(), g.speciesKey() + "/" + g.varietyId()));
        KinPooling pooling =
                new KinPooling(leaves, rules.life(FigureName.KIN_STRENGTH), rules.life(FigureName.KIN_SPREAD));
        Map<List<String>, Double> hidden = truths.stream()
                .collect(Collectors.groupingBy(
                        t -> List.of(
                                names.get(t.variety()).split("/")[0],
                                names.get(t.variety()).split("/")[1],
                                t.technique()),
                        Collectors.averagingDouble(DemoFarm.Truth::take)));
        long held = hidden.entrySet().stream()
                .filter(cell -> {
                    Belief.Range range = pooling.belief(cell.getKey()).range(0.9);
                    return range.low() <= cell.getValue() && cell.getValue() <= range.high();
                })
                .count();
        System.out.println("hidden takes held: " + held + " of " + hidden.size() + " cells");
        assertThat(hidden).hasSizeGreaterThan(40);
        assertThat(held / (double) hidden.size()).isGreaterThanOrEqualTo(0.8);
    }

    private static TakeCount count(TakeRow row) {
        return switch (row.outcome()) {
            case TAKEN -> new TakeCount(row.grafts(), 0, 0, 0);
            case FAILED -> new TakeCount(0, row.grafts(), 0, 0);
            case WAITING -> new TakeCount(0, 0, row.grafts(), 0);
            case LOST -> new TakeCount(0, 0, 0, row.grafts());
        };
    }

    @Test
    void growsTheSameFarmEverywhere() {
        List<DemoFarm.Truth> before = truths;
        regrow();
        assertThat(truths).isEqualTo(before).hasSizeGreaterThan(420);
        assertThat(grafts.list(GraftFilter.ALL, 10_000))
                .extracting(g -> g.state())
                .contains(
                        GraftState.HEALING,
                        GraftState.ALIVE,
                        GraftState.PUSHED,
                        GraftState.LEAFED,
                        GraftState.FIRM,
                        GraftState.ESTABLISHED,
                        GraftState.FAILED);
    }

    @Test
    void theClockGoesOnAndBackAndTakesBackLaterActs() {
        assertThat(clock.step(7)).isZero();
        long act = acts.open("plants", "something done a week later");
        assertThat(clock.step(-7)).isEqualTo(1);
        assertThat(acts.recent(false, 5)).extracting(a -> a.id()).doesNotContain(act);
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> clock.step(-1)).hasMessageContaining("2026-05-13");
    }
}
