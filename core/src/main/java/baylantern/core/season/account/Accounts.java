package baylantern.core.season.account;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import java.util.Arrays;
import java.util.List;

/**
 * Every account of a species, learned from the trees of a farm up to some day. Each gives, for a tree that swelled on a
 * day, a rate at which it swells again on every later day.
 */
public final class Accounts {

    private static final int REST_DAYS = 22;
    private static final int RESTED_DAYS = 45;
    private static final double CLOSE_DAYS = 9;
    private static final double ROUGH_DAYS = 20;
    private static final double SURE = 25;

    private final Levels warmth;
    private final Levels seasonal;
    private final double[] seasonWave;
    private final Levels days;
    private final Dates close;
    private final Dates rough;
    private final Pull pull;
    private final CanopyTable canopy;

    /**
     * What is held beforehand.
     *
     * @param priorWarmth what the species usually takes from swell to swell, degree-days
     * @param warmthADay bud warmth of a day in the mean of the year, degree-days
     */
    public record Grounds(FlushRules rules, double priorWarmth, double warmthADay) {

        // In days farms differ more than in warmth, and so do flushes.
        private static final double FARM_SPREAD_DAYS = 0.35;
        private static final double CYCLE_TIMES_DAYS = 1.3;

        Levels.Prior warmth() {
            return new Levels.Prior(
                    Math.log(priorWarmth),
                    rules.value(FigureName.FARM_SPREAD),
                    rules.value(FigureName.PLANT_SPREAD),
                    rules.value(FigureName.CYCLE_SPREAD));
        }

        Levels.Prior days() {
            return new Levels.Prior(
                    Math.log(priorWarmth / warmthADay),
                    FARM_SPREAD_DAYS,
                    rules.value(FigureName.PLANT_SPREAD),
                    CYCLE_TIMES_DAYS * rules.value(FigureName.CYCLE_SPREAD));
        }

        /** The warmth from swell to swell with nothing seen. */
        public Rhythm unlearned() {
            return Rhythm.of(new Levels(warmth(), List.of()), 0);
        }
    }

    private Accounts(Grounds grounds, List<TreeRecord> trees, SkyDays past) {
        List<Gap> gaps = Gaps.of(trees, past, grounds.priorWarmth()).plain();
        Levels.Prior prior = grounds.warmth();
        this.warmth = new Levels(
                prior,
                gaps.stream()
                        .map(g -> new Levels.Value(g.plant(), Math.log(g.warmth()), g.warmthVariance()))
                        .toList());
        this.days = new Levels(
                grounds.days(),
                gaps.stream()
                        .map(g -> new Levels.Value(g.plant(), Math.log(g.days()), g.daysVariance()))
                        .toList());
        SeasonWave wave = SeasonWave.learn(prior, gaps);
        this.seasonal = wave.levels();
        this.seasonWave = wave.wave();
        double aYear = YearDay.YEAR_DAYS * grounds.warmthADay() / grounds.priorWarmth();
        this.close = new Dates(trees, CLOSE_DAYS, aYear);
        this.rough = new Dates(trees, ROUGH_DAYS, aYear);
        this.canopy = new CanopyTable(grounds.rules(), trees, past);
        this.pull = Pull.learn(trees, past, warmth, days);
    }

    /** Learns from trees of one species. */
    public static Accounts learn(Grounds grounds, List<TreeRecord> trees, SkyDays past) {
        return new Accounts(grounds, trees, past);
    }

    CanopyTable canopy() {
        return canopy;
    }

    Pull pull() {
        return pull;
    }

    /** What is believed of the warmth from swell to swell of a tree, and what that rests on. */
    public Rhythm rhythm(long plant) {
        return Rhythm.of(warmth, plant);
    }

    /** The usual warmth from swell to swell of a tree. */
    double usualWarmth(long plant) {
        return Math.exp(warmth.mean(plant));
    }

    /** What the accounts say of one tree. */
    Hand hand(long plant) {
        return new Hand(warmth.next(plant), seasonal.next(plant), days.next(plant), close.of(plant), rough.of(plant));
    }

    /** What the accounts say of one tree. */
    record Hand(Levels.Belief warmth, Levels.Belief seasonal, Levels.Belief days, double[] close, double[] rough) {}

    /**
     * Adds up the rate of a next swell over the days after one, for a tree that swelled on a day.
     *
     * @param from rates are summed from the evening of this day
     * @param ends ends of the steps, days after {@code from}, rising
     * @param sums filled with the sum up to the evening of each end
     */
    void rates(Account account, Hand hand, int swell, Line line, int from, int[] ends, double[] sums) {
        switch (account) {
            case WARMTH -> byWarmth(hand.warmth(), 0, swell, line, from, ends, sums);
            case WARMTH_BY_SEASON ->
                byWarmth(hand.seasonal(), SeasonWave.at(seasonWave, swell), swell, line, from, ends, sums);
            case DAYS -> byDays(hand.days(), swell, from, ends, sums);
            case DATES -> byDates(hand.close(), swell, from, ends, sums);
            case TIME_OF_YEAR -> byDates(hand.rough(), swell, from, ends, sums);
            case RAINS -> byPull(hand, swell, line, from, ends, sums);
        }
    }

    // Where the swell has come for sure nothing more is left to reckon.
    private static boolean sure(double[] sums, int at) {
        if (sums[at] <= SURE) {
            return false;
        }
        Arrays.fill(sums, at, sums.length, sums[at]);
        return true;
    }

    private static void byWarmth(
            Levels.Belief belief, double more, int swell, Line line, int from, int[] ends, double[] sums) {
        double per = Math.exp(-belief.mean() - more);
        double begin = line.sky().warmth(swell);
        double before = Age.rate((line.sky().warmth(from) - begin) * per, belief.spread());
        for (int i = 0; i < ends.length; i++) {
            sums[i] = Age.rate((line.sky().warmth(from + ends[i]) - begin) * per, belief.spread()) - before;
            if (sure(sums, i)) {
                return;
            }
        }
    }

    private static void byDays(Levels.Belief belief, int swell, int from, int[] ends, double[] sums) {
        double per = Math.exp(-belief.mean());
        double before = Age.rate((from - swell) * per, belief.spread());
        for (int i = 0; i < ends.length; i++) {
            sums[i] = Age.rate((from + ends[i] - swell) * per, belief.spread()) - before;
            if (sure(sums, i)) {
                return;
            }
        }
    }

    private static void byDates(double[] byDay, int swell, int from, int[] ends, double[] sums) {
        double sum = 0;
        int before = 0;
        for (int i = 0; i < ends.length; i++) {
            int day = from + (before + 1 + ends[i]) / 2;
            sum += (ends[i] - before) * byDay[YearDay.of(day)] * rested(day - swell);
            sums[i] = sum;
            if (sure(sums, i)) {
                return;
            }
            before = ends[i];
        }
    }

    private void byPull(Hand hand, int swell, Line line, int from, int[] ends, double[] sums) {
        double per = Math.exp(-hand.warmth().mean());
        double perDay = Math.exp(-hand.days().mean());
        double begin = line.sky().warmth(swell);
        double last =
                Age.rate((line.sky().warmth(from) - begin) * per, hand.warmth().spread());
        double lastDay = Age.rate((from - swell) * perDay, hand.days().spread());
        double sum = 0;
        int before = 0;
        for (int i = 0; i < ends.length; i++) {
            int step = ends[i] - before;
            int day = from + (before + 1 + ends[i]) / 2;
            double now = Age.rate(
                    (line.sky().warmth(from + ends[i]) - begin) * per,
                    hand.warmth().spread());
            double rested = rested(day - swell);
            double aged =
                    Age.rate((from + ends[i] - swell) * perDay, hand.days().spread());
            sum += rested == 0
                    ? 0
                    : step * pull.rate((now - last) / step, (aged - lastDay) / step, line.pull(day)) * rested;
            last = now;
            lastDay = aged;
            before = ends[i];
            sums[i] = sum;
            if (sure(sums, i)) {
                return;
            }
        }
    }

    /**
     * Draws how long a tree takes from a swell to the next: warmth where the account goes by warmth, else days.
     *
     * @param chance 0 to 1, and {@code normal} a standard normal, both drawn
     * @param most days at the most
     */
    public double draw(Account account, long plant, int swell, double chance, double normal, int most) {
        Hand hand = hand(plant);
        return switch (account) {
            case WARMTH, RAINS -> Math.exp(hand.warmth().mean() + hand.warmth().spread() * normal);
            case WARMTH_BY_SEASON ->
                Math.exp(hand.seasonal().mean()
                        + SeasonWave.at(seasonWave, swell)
                        + hand.seasonal().spread() * normal);
            case DAYS ->
                Math.min(most, Math.exp(hand.days().mean() + hand.days().spread() * normal));
            case DATES -> dates(hand.close(), swell, chance, most);
            case TIME_OF_YEAR -> dates(hand.rough(), swell, chance, most);
        };
    }

    private static double dates(double[] byDay, int swell, double chance, int most) {
        double left = -Math.log(Math.max(1e-9, chance));
        int days = REST_DAYS;
        while (left > 0 && days < most) {
            days += 2;
            left -= 2 * byDay[YearDay.of(swell + days)] * rested(days);
        }
        return days;
    }

    /** Right after a swell no other comes. */
    static double rested(int days) {
        return days <= REST_DAYS ? 0 : Math.min(1, (days - REST_DAYS) / (double) (RESTED_DAYS - REST_DAYS));
    }

    /** A line of weather with what pulls the buds on each of its days. */
    public record Line(SkyDays sky, double[] past, double[] ahead) {

        double pull(int day) {
            int at = Math.max(0, day - sky.firstDay());
            return at < sky.known() ? past[at] : ahead[Math.min(at - sky.known(), ahead.length - 1)];
        }
    }
}
