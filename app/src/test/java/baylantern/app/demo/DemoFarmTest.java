package baylantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.bench.TakeRow;
import baylantern.app.platform.Act;
import baylantern.app.platform.ActService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.DemoClock;
import baylantern.app.platform.TableVault;
import baylantern.core.care.GraftState;
import baylantern.core.rules.Rulebook;
import baylantern.core.take.Belief;
import baylantern.core.take.KinPooling;
import baylantern.core.take.KinPrior;
import baylantern.core.take.TakeCount;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** The demo farm, and whether the analysis finds the model hidden in it. */
class DemoFarmTest extends GrownFarmTest {

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

    @Autowired
    private Changes changes;

    private static @Nullable List<DemoFarm.Truth> truths;

    /** Grows the farm anew, from nothing; what it is made of is the same each time. */
    private List<DemoFarm.Truth> truths() {
        if (truths == null) {
            jdbc.execute("SET REFERENTIAL_INTEGRITY FALSE");
            TableVault.TABLES.forEach(table -> jdbc.execute("TRUNCATE TABLE " + table + " RESTART IDENTITY"));
            jdbc.execute("SET REFERENTIAL_INTEGRITY TRUE");
            changes.forgetAll();
            truths = farm.grow(1);
        }
        return truths;
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
        KinPooling pooling = new KinPooling(leaves, KinPrior.lasting(rules));
        Map<List<String>, Double> hidden = truths().stream()
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
        List<Graft> before = grafts.list(GraftFilter.ALL, 10_000);
        assertThat(truths()).hasSizeGreaterThan(420);
        assertThat(grafts.list(GraftFilter.ALL, 10_000)).isEqualTo(before);
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
        assertThat(acts.recent(Act.Whose.ANYBODY, 5)).extracting(a -> a.id()).doesNotContain(act);
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> clock.step(-1)).hasMessageContaining("2026-05-13");
    }
}
