package baylantern.core.take.gain;

import baylantern.core.rules.FactRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.take.fact.Aspect;
import baylantern.core.take.fact.FactColumn;
import baylantern.core.take.fact.FactTable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** A farm whose truth is known: days with their luck, on each a maker, woods of some ages, a school that does nothing. */
final class MadeUpFarm {

    static final FactRules RULES = Rulebook.shipped().facts();

    /** What the truth is like. */
    enum Truth {
        /** Of the model's own form. */
        OWN,
        /** Days are good or bad, wood loses all at once, and a third of the grafts of bad days fail whatever was done. */
        OTHER
    }

    private final Random random;
    private final Truth truth;
    private final int grafts;
    private final double[] makers = {0.6, 0, -0.5};
    private final double[] ages;
    final List<int[]> kinds = new ArrayList<>();
    final List<Double> luck = new ArrayList<>();
    final FactTable table;

    MadeUpFarm(int seed, Truth truth, int grafts) {
        this.random = new Random(seed);
        this.truth = truth;
        this.grafts = grafts;
        this.ages = truth == Truth.OWN ? new double[] {0.3, 0.2, 0, -0.5, -0.9} : new double[] {0.2, 0.2, 0.2, -1, -1};
        this.table = grown();
    }

    private FactTable grown() {
        FactColumn.Builder maker = column("maker");
        FactColumn.Builder age = column("woodAge");
        FactColumn.Builder cover = column("cover");
        FactColumn.Builder variety = column("variety");
        FactColumn.Builder moon = column("moon");
        List<FactTable.Row> rows = new ArrayList<>();
        double[] varieties = {random.nextGaussian() / 2, random.nextGaussian() / 2, random.nextGaussian() / 2};
        LocalDate day = LocalDate.of(2024, 3, 1);
        while (rows.size() < grafts) {
            day = day.plusDays(1 + random.nextInt(12));
            double share = truth == Truth.OWN ? 0.5 * random.nextGaussian() : random.nextInt(4) == 0 ? -0.8 : 0.25;
            int who = random.nextInt(3);
            int phase = random.nextInt(4);
            int count = Math.min(grafts - rows.size(), 3 + random.nextInt(10));
            double days = random.nextInt(35);
            for (int i = 0; i < count; i++) {
                if (random.nextInt(4) == 0) {
                    days = random.nextInt(35);
                }
                int at = rows.size();
                int sort = random.nextInt(3);
                int film = random.nextInt(2);
                maker.kind(at, "" + who, "maker " + who);
                age.number(at, days);
                cover.kind(at, "" + film, "cover " + film);
                variety.kind(at, "" + sort, "variety " + sort);
                moon.kind(at, "" + phase, "phase " + phase);
                kinds.add(new int[] {who, RULES.aspects().get("woodAge").steps().kind(days)});
                luck.add(0.4 + varieties[sort] + share);
                boolean took = random.nextDouble() < rate(at, who, kinds.get(at)[1]);
                rows.add(new FactTable.Row("MU-" + at, day, took ? FactTable.End.TAKEN : FactTable.End.FAILED));
            }
        }
        return new FactTable(rows, List.of(maker.done(), age.done(), cover.done(), variety.done(), moon.done()));
    }

    private FactColumn.Builder column(String key) {
        FactRules.AspectRule rule = RULES.aspects().get(key);
        return new FactColumn.Builder(new Aspect(key, rule.words(), rule.hand(), rule.steps()), grafts);
    }

    private double rate(int graft, int maker, int age) {
        double rate = Normal.logistic(luck.get(graft) + makers[maker] + ages[age]);
        return truth == Truth.OTHER && luck.get(graft) < -0.4 ? rate * 2 / 3 : rate;
    }

    /** In truth, the first maker's take less the other's over the grafts of both. */
    double makersDiffer(int maker, int other) {
        double sum = 0;
        int count = 0;
        for (int graft = 0; graft < grafts; graft++) {
            int[] kind = kinds.get(graft);
            if (kind[0] == maker || kind[0] == other) {
                sum += rate(graft, maker, kind[1]) - rate(graft, other, kind[1]);
                count++;
            }
        }
        return sum / count;
    }

    /** In truth, what wood under the mark would have brought those grafts whose wood was older. */
    double freshWoodBrings() {
        FactRules.Steps steps = RULES.aspects().get("woodAge").steps();
        double[] mix = new double[ages.length];
        double good = 0;
        for (int[] kind : kinds) {
            if (steps.isGood(kind[1])) {
                mix[kind[1]]++;
                good++;
            }
        }
        double sum = 0;
        int count = 0;
        for (int graft = 0; graft < grafts; graft++) {
            int[] kind = kinds.get(graft);
            if (!steps.isGood(kind[1])) {
                double changed = 0;
                for (int age = 0; age < mix.length; age++) {
                    changed += mix[age] / good * rate(graft, kind[0], age);
                }
                sum += changed - rate(graft, kind[0], kind[1]);
                count++;
            }
        }
        return sum / count;
    }
}
