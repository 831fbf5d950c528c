package baylantern.core.season.account;

import java.util.Arrays;
import java.util.List;

/**
 * Learns what hurries the clock of trees from the gaps between their swells, in turns: what passed in each gap as the
 * weights so far have it, what each tree usually takes, and from what is left over the weights anew (penalised maximum
 * likelihood by Gauss and Newton). How far groups of weights may go is weighed by {@link Spreads}.
 */
final class HurryTurns {

    private static final int TURNS = 4;
    private static final double BY_WARMTH_SPREAD = 0.3;
    private static final double MOST_STEP = 0.5;
    // Trees of a farm meet the same weather, so that their gaps say less than as many from apart.
    private static final double COUNTS = 0.5;
    // So many variances off, a gap counts by half.
    private static final double FAR = 6;
    private static final double[] TRIED = {0.02, 0.06, 0.12, 0.25, 0.5};

    // A row: the weights, the wave by the day it begins, the mean of all trees.
    private static final int WAVE = Hurry.WEIGHTS;
    private static final int MEAN = WAVE + YearDay.WAVES;
    private static final int WIDTH = MEAN + 1;

    private final Levels.Prior prior;
    private final double[] beforehand;
    private final Spreads spreads;
    private final List<Gap> gaps;
    private final Past past;

    private HurryTurns(Levels.Prior prior, Hurry beforehand, List<Gap> gaps, Past past) {
        this.prior = prior;
        this.beforehand = coefficients(beforehand);
        this.spreads = spreads(prior);
        this.gaps = gaps;
        this.past = past;
    }

    /** Learns. */
    static Hurry learn(Accounts.Grounds grounds, List<Gap> gaps, SkyDays sky) {
        Hurry hurry = Hurry.beforehand(grounds);
        if (gaps.isEmpty()) {
            return hurry;
        }
        HurryTurns turns = new HurryTurns(grounds.warmth(), hurry, gaps, Past.of(sky, hurry));
        for (int turn = 0; turn < TURNS; turn++) {
            hurry = turns.turn(hurry);
        }
        return turns.levelled(hurry, turns.past.with(hurry));
    }

    // The time of year it runs through, rain and cold, and the day it begins may each show more or less.
    private static Spreads spreads(Levels.Prior prior) {
        return new Spreads(List.of(
                new Spreads.Group(1, BY_WARMTH_SPREAD),
                new Spreads.Group(YearDay.WAVES, TRIED),
                new Spreads.Group(WAVE - 1 - YearDay.WAVES, TRIED),
                new Spreads.Group(YearDay.WAVES, TRIED),
                new Spreads.Group(1, prior.farmSpread())));
    }

    private Hurry levelled(Hurry hurry, Passed passed) {
        return new Hurry(
                hurry.usual(), hurry.weights(), SeasonWave.with(hurry.season().wave(), prior, gaps, passed::in));
    }

    private Hurry turn(Hurry before) {
        Passed passed = past.with(before);
        Hurry hurry = levelled(before, passed);
        SeasonWave season = hurry.season();
        double[] now = coefficients(hurry);
        Ridge ridge = new Ridge(beforehand);
        for (Gap gap : gaps) {
            double[] row = row(passed, gap);
            double passes = Math.log(passed.in(gap)) - season.at(gap.from().day());
            double off = season.levels().mean(gap.plant()) - passes;
            double scatter = season.levels().scatter();
            double precision = 1 / (scatter * scatter + gap.warmthVariance());
            precision *= COUNTS / (1 + off * off * precision / FAR);
            double whole = off;
            for (int i = 0; i < MEAN; i++) {
                whole += row[i] * now[i];
            }
            ridge.add(row, precision, whole * precision);
            // The density of a day is that of the clock times what passes on the day.
            ridge.add(passed.last(gap), 0, COUNTS);
        }
        // The mean of all trees is what the levels of the next turn take up.
        return moved(hurry, now, spreads.coefficients(ridge));
    }

    private static double[] coefficients(Hurry hurry) {
        double[] all = new double[WIDTH];
        System.arraycopy(hurry.weights(), 0, all, 0, WAVE);
        System.arraycopy(hurry.season().wave(), 0, all, WAVE, YearDay.WAVES);
        return all;
    }

    private static double[] row(Passed passed, Gap gap) {
        double[] row = new double[WIDTH];
        System.arraycopy(passed.mean(gap), 0, row, 0, WAVE);
        double[] waves = YearDay.waves(gap.from().day());
        for (int i = 0; i < waves.length; i++) {
            row[WAVE + i] = -waves[i];
        }
        row[MEAN] = -1;
        return row;
    }

    private static Hurry moved(Hurry hurry, double[] from, double[] to) {
        double[] weights = hurry.weights().clone();
        for (int i = 0; i < WAVE; i++) {
            weights[i] += Math.max(-MOST_STEP, Math.min(MOST_STEP, to[i] - from[i]));
        }
        double[] wave = Arrays.copyOfRange(to, WAVE, MEAN);
        return new Hurry(hurry.usual(), weights, new SeasonWave(hurry.season().levels(), wave));
    }

    /** What was felt on each day of the past. */
    private record Past(int firstDay, double[][] felt) {

        static Past of(SkyDays sky, Hurry hurry) {
            double[][] felt = new double[sky.known()][];
            for (int i = 0; i < felt.length; i++) {
                int day = sky.firstDay() + i;
                felt[i] = hurry.felt(sky.warmth(day) - sky.warmth(day - 1), sky.drivers(day));
            }
            return new Past(sky.firstDay(), felt);
        }

        Passed with(Hurry hurry) {
            double[] sums = new double[felt.length];
            double[][] weighed = new double[felt.length][Hurry.WEIGHTS];
            for (int day = 1; day < felt.length; day++) {
                double passes = hurry.passes(felt[day]);
                sums[day] = sums[day - 1] + passes;
                for (int i = 0; i < Hurry.WEIGHTS; i++) {
                    weighed[day][i] = weighed[day - 1][i] + passes * felt[day][i];
                }
            }
            return new Passed(this, sums, weighed);
        }

        int at(int day) {
            return Math.max(0, Math.min(felt.length - 1, day - firstDay));
        }
    }

    /** What has passed by each day of the past, and the same times what was felt. */
    private record Passed(Past past, double[] sums, double[][] weighed) {

        double in(Gap gap) {
            return sums[past.at(gap.to().day())] - sums[past.at(gap.from().day())];
        }

        /** What was felt in the mean while it passed. */
        double[] mean(Gap gap) {
            double in = in(gap);
            double[] to = weighed[past.at(gap.to().day())];
            double[] from = weighed[past.at(gap.from().day())];
            double[] mean = new double[Hurry.WEIGHTS];
            for (int i = 0; i < mean.length; i++) {
                mean[i] = (to[i] - from[i]) / in;
            }
            return mean;
        }

        /** By how much more was felt on the day it came than in the mean. */
        double[] last(Gap gap) {
            double[] mean = mean(gap);
            double[] felt = past.felt[past.at(gap.to().day())];
            double[] last = new double[WIDTH];
            for (int i = 0; i < mean.length; i++) {
                last[i] = felt[i] - mean[i];
            }
            return last;
        }
    }
}
