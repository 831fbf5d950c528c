package baylantern.core.season.account;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How much season, rain, chill and spells quicken or hold the swell beside warmth: the log of the rate is that of the
 * warmth, times a share, plus a weighted sum of the {@link Drivers}. Weights are found by penalised maximum likelihood
 * (Poisson regression by days, Newton's method) and are none beforehand, so that a steady tree stays steady.
 */
final class Pull {

    private static final double REFERENCE = 0.015;
    private static final double LEAST = 1e-4;
    private static final double WEIGHT_SPREAD = 0.4;
    private static final double SHARE_SPREAD = 0.35;
    private static final int CLOCKS = 3;
    private static final double[] CLOCK_PRIOR = {0, 0.7, 0.3};
    private static final int FROM_DAYS = 25;
    private static final int STEP_DAYS = 3;
    private static final int ROUNDS = 3;
    private static final int NEWTON = 5;
    private static final double FOUND = 1e-3;

    private final double[] weights;

    private Pull(double[] weights) {
        this.weights = weights;
    }

    /** The rate of a day: what warmth and days make of it, and the pull of its drivers. */
    double rate(double byWarmth, double byDays, double pull) {
        return REFERENCE
                * Math.exp(Math.min(
                        5,
                        pull
                                + weights[1] * Math.log(Math.max(LEAST, byWarmth) / REFERENCE)
                                + weights[2] * Math.log(Math.max(LEAST, byDays) / REFERENCE)));
    }

    /** The pull on a day. */
    double of(double[] drivers) {
        double sum = weights[0];
        for (int i = 0; i < drivers.length; i++) {
            sum += weights[i + CLOCKS] * drivers[i];
        }
        return sum;
    }

    /** The pull on all of them. */
    double[] of(double[][] drivers) {
        return Arrays.stream(drivers).mapToDouble(this::of).toArray();
    }

    /** A row: a few days of one tree; {@code chance} how much of its swell they hold. */
    private static final class Row {
        final double[] x;
        double chance;

        Row(double[] x) {
            this.x = x;
        }
    }

    static Pull learn(List<TreeRecord> trees, SkyDays past, Levels warmth, Levels days) {
        List<List<Row>> stretches = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        for (TreeRecord tree : trees) {
            rows(tree, past, warmth.next(tree.plant()), days.next(tree.plant()), rows, stretches);
        }
        double[] start = new double[Drivers.COUNT + CLOCKS];
        System.arraycopy(CLOCK_PRIOR, 0, start, 0, CLOCKS);
        Pull pull = new Pull(start);
        for (int round = 0; round < ROUNDS; round++) {
            pull.share(stretches);
            pull = pull.fitted(rows);
        }
        return pull;
    }

    private static void rows(
            TreeRecord tree,
            SkyDays past,
            Levels.Belief belief,
            Levels.Belief days,
            List<Row> rows,
            List<List<Row>> stretches) {
        double per = Math.exp(-belief.mean());
        double perDay = Math.exp(-days.mean());
        int last = tree.looks().isEmpty()
                ? 0
                : tree.looks().get(tree.looks().size() - 1).day();
        for (int i = 0; i < tree.swells().size(); i++) {
            TreeRecord.Seen from = tree.swells().get(i);
            TreeRecord.Seen to = i + 1 < tree.swells().size() ? tree.swells().get(i + 1) : null;
            double begin = past.warmth(from.day());
            int end = to == null ? last : to.by();
            List<Row> within = new ArrayList<>();
            for (int day = from.day() + FROM_DAYS; day < end; day += STEP_DAYS) {
                double now = Age.rate((past.warmth(day + STEP_DAYS - 1) - begin) * per, belief.spread());
                double before = Age.rate((past.warmth(day - 1) - begin) * per, belief.spread());
                double[] drivers = past.drivers(day + 1);
                double aged = Age.rate((day + STEP_DAYS - 1 - from.day()) * perDay, days.spread())
                        - Age.rate((day - 1 - from.day()) * perDay, days.spread());
                double[] x = new double[drivers.length + CLOCKS];
                x[0] = 1;
                x[1] = Math.log(Math.max(LEAST, (now - before) / STEP_DAYS) / REFERENCE);
                x[2] = Math.log(Math.max(LEAST, aged / STEP_DAYS) / REFERENCE);
                System.arraycopy(drivers, 0, x, CLOCKS, drivers.length);
                Row row = new Row(x);
                rows.add(row);
                if (to != null && day + STEP_DAYS > to.after()) {
                    within.add(row);
                }
            }
            stretches.add(within);
        }
    }

    // Of the days between two looks those share the swell that the weights so far find likely.
    private void share(List<List<Row>> stretches) {
        for (List<Row> stretch : stretches) {
            double sum = 0;
            for (Row row : stretch) {
                row.chance = rate(row.x);
                sum += row.chance;
            }
            for (Row row : stretch) {
                row.chance /= sum;
            }
        }
    }

    private double rate(double[] x) {
        double log = 0;
        for (int i = 0; i < x.length; i++) {
            log += weights[i] * x[i];
        }
        return STEP_DAYS * REFERENCE * Math.exp(Math.min(5, log));
    }

    private Pull fitted(List<Row> rows) {
        double[] at = weights.clone();
        for (int step = 0; step < NEWTON; step++) {
            Ridge ridge = new Ridge(at.length);
            Pull now = new Pull(at);
            for (Row row : rows) {
                double rate = now.rate(row.x);
                ridge.add(row.x, rate, row.chance - rate);
            }
            for (int i = 0; i < at.length; i++) {
                double prior = i < CLOCKS ? CLOCK_PRIOR[i] : 0;
                ridge.draw(i, prior - at[i], i == 1 || i == 2 ? SHARE_SPREAD : WEIGHT_SPREAD);
            }
            double[] by = ridge.solve();
            double most = 0;
            for (int i = 0; i < at.length; i++) {
                at[i] += Math.max(-1, Math.min(1, by[i]));
                most = Math.max(most, Math.abs(by[i]));
            }
            if (most < FOUND) {
                break;
            }
        }
        return new Pull(at);
    }
}
