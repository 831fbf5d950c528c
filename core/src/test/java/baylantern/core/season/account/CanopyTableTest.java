package baylantern.core.season.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.farms.Watch;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.Stages;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Where stages lie on the way is learned from looks, on trees whose stages lie elsewhere than the rulebook has them. */
class CanopyTableTest {

    private static final FlushRules RULES = Rulebook.shipped().flush();
    private static final int DAYS = 1100;
    private static final SkyDays SKY = new SkyDays(
            0,
            DAYS,
            IntStream.range(0, DAYS).mapToDouble(day -> 10 * day).toArray(),
            new double[] {10 * DAYS},
            new double[DAYS][],
            new double[1][]);

    // Twigs of a tree by the way each has gone since its own begin; the first fifth have begun on the day of the swell.
    private static TreeRecord tree(long plant, double[] ends, SplittableRandom random) {
        List<Integer> swells = new ArrayList<>();
        for (int day = random.nextInt(100);
                day < DAYS + 200;
                day += (int) (100 * Math.exp(0.1 * random.nextGaussian()))) {
            swells.add(day);
        }
        List<BudNote> notes = new ArrayList<>();
        for (int day = swells.get(0); day < DAYS; day += 7 + random.nextInt(8)) {
            Map<BudStage, Double> shares = new EnumMap<>(BudStage.class);
            for (int twig = 0; twig < 10; twig++) {
                shares.merge(stage(swells, ends, day - 6 * (twig - 1.5) / 10), 0.1, Double::sum);
            }
            notes.add(BudNote.of(LocalDate.ofEpochDay(day), new CanopyShares(shares)));
        }
        return Watch.record(plant, notes);
    }

    private static BudStage stage(List<Integer> swells, double[] ends, double at) {
        int next = 1;
        while (swells.get(next) <= at) {
            next++;
        }
        double from = swells.get(next - 1);
        double way = (at - from) / (swells.get(next) - from);
        int stage = way < 0 ? ends.length - 1 : 0;
        while (way > ends[stage]) {
            stage++;
        }
        return BudStage.values()[stage];
    }

    private static Stages learned(int trees, double... ends) {
        SplittableRandom random = new SplittableRandom(5);
        List<TreeRecord> records = IntStream.range(0, trees)
                .mapToObj(plant -> tree(plant, ends, random))
                .toList();
        return new CanopyTable(RULES, 1, LookedAt.of(records, SKY, tree -> 1000)).stages();
    }

    @Test
    void stagesLieWhereTheTwigsShowThem() {
        double[] ends = {0.1, 0.16, 0.24, 0.4, 0.6, 1};
        Stages learned = learned(12, ends);
        for (BudStage stage : BudStage.values()) {
            assertThat(learned.until(stage)).as(stage.words()).isCloseTo(ends[stage.ordinal()], within(0.03));
        }
    }

    @Test
    void withoutALookTheyLieAsTheRulebookHasThem() {
        for (BudStage stage : BudStage.values()) {
            assertThat(learned(0).until(stage)).isEqualTo(Stages.of(RULES).until(stage));
        }
    }
}
