package baylantern.core.season.account;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.season.flush.Course;
import baylantern.core.season.flush.FlushLength;
import baylantern.core.season.flush.Stages;
import java.util.Arrays;
import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Every account of a species, learned from the trees of a farm up to some day. Each gives, for a tree that swelled on a
 * day, a rate at which it swells again on every later day.
 */
public final class Accounts {

    private static final double CLOSE_DAYS = 7;
    private static final double ROUGH_DAYS = 20;
    // What is left then, one in a million, changes no day that is told.
    private static final double SURE = 14;
    private static final int MOST_OF_A_YEAR_DAYS = 330;

    private final Levels warmth;
    private final SeasonWave season;
    private final Levels days;
    private final Dates close;
    private final Dates rough;
    private final Hurry hurry;
    private final Breaks breaks;
    private final CanopyTable canopy;
    private final CanopyTable canopyByNext;
    private final double toNext;
    private final double ripeningSpread;
    private final double unseen;
    private final List<Account> speaking;
    private final Map<Long, Hand> hands = new ConcurrentHashMap<>();

    /**
     * What is held beforehand.
     *
     * @param priorWarmth what the species usually takes from swell to swell, degree-days
     * @param warmthADay bud warmth of a day in the mean of the year, degree-days
     * @param latitudeDeg where the trees stand, below 0 in the south
     */
    public record Grounds(FlushRules rules, double priorWarmth, double warmthADay, double latitudeDeg) {

        // In days farms differ more than in warmth, and so do flushes.
        private static final double FARM_SPREAD_DAYS = 0.35;
        private static final double CYCLE_TIMES_DAYS = 1.3;

        Levels.Prior warmth() {
            return warmth(rules, priorWarmth);
        }

        private static Levels.Prior warmth(FlushRules rules, double priorWarmth) {
            return Levels.Prior.between(
                    Math.log(priorWarmth),
                    rules.value(FigureName.FARM_SPREAD),
                    rules.value(FigureName.PLANT_SPREAD),
                    rules.value(FigureName.CYCLE_SPREAD));
        }

        Levels.Prior days() {
            return Levels.Prior.between(
                    Math.log(priorWarmth / warmthADay),
                    FARM_SPREAD_DAYS,
                    rules.value(FigureName.PLANT_SPREAD),
                    CYCLE_TIMES_DAYS * rules.value(FigureName.CYCLE_SPREAD));
        }

        WinterRest rest() {
            return WinterRest.at(latitudeDeg, rules);
        }

        /** The warmth from swell to swell with nothing seen, of a species that usually takes so many degree-days. */
        public static Rhythm unlearned(FlushRules rules, double priorWarmth) {
            return Rhythm.of(new Levels(warmth(rules, priorWarmth), List.of()), 0);
        }
    }

    private Accounts(Grounds grounds, List<TreeRecord> trees, SkyDays past) {
        Gaps all = Gaps.of(trees, past, grounds);
        List<Gap> gaps = all.plain();
        this.unseen = all.unseen();
        this.speaking = speaking(trees);
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
        this.season = SeasonWave.learn(grounds, gaps);
        double aYear = YearDay.YEAR_DAYS * grounds.warmthADay() / grounds.priorWarmth();
        Map<Long, Integer> lags = Lags.of(trees, CLOSE_DAYS);
        this.close = new Dates(trees, lags, CLOSE_DAYS, aYear);
        this.rough = new Dates(trees, lags, ROUGH_DAYS, aYear);
        List<LookedAt> looks = LookedAt.of(trees, past, tree -> usualWarmth(tree.plant()));
        this.ripeningSpread = grounds.rules().value(FigureName.RIPENING_SPREAD);
        this.toNext = ToNext.of(grounds.rules(), looks);
        this.canopy = new CanopyTable(grounds.rules(), toNext, looks);
        this.canopyByNext = new CanopyTable(grounds.rules(), FlushLength.BY_NEXT.toNext(), looks);
        this.hurry = HurryTurns.learn(grounds, gaps, past);
        this.breaks = Breaks.learn(gaps, hurry, past);
    }

    // Dates of a part of the year would say of the rest that nothing comes in it.
    private static List<Account> speaking(List<TreeRecord> trees) {
        IntSummaryStatistics looked = trees.stream()
                .flatMap(tree -> tree.looks().stream())
                .mapToInt(TreeRecord.Look::day)
                .summaryStatistics();
        boolean aYear = looked.getCount() > 0 && looked.getMax() - looked.getMin() >= MOST_OF_A_YEAR_DAYS;
        return Arrays.stream(Account.values())
                .filter(account -> aYear || !account.needsAYear())
                .toList();
    }

    /** Learns from trees of one species. */
    public static Accounts learn(Grounds grounds, List<TreeRecord> trees, SkyDays past) {
        return new Accounts(grounds, trees, past);
    }

    /** The accounts that have something to say by now. */
    public List<Account> speaking() {
        return speaking;
    }

    /** Where each stage lies on the way from swell to swell, as the looks of the farm showed. */
    public Stages stages() {
        return canopy.stages();
    }

    /** The course of a tree's flushes, as the looks of the farm showed. */
    public Course course(long plant) {
        return new Course(canopy.stages(), new FlushLength(usualWarmth(plant), toNext));
    }

    /** By how much flushes of a tree differ in how long they take to ripen, on the log scale. */
    public double ripeningSpread() {
        return ripeningSpread;
    }

    /** What a twig looks like along the course of a flush. */
    CanopyTable canopy() {
        return canopy;
    }

    /** The same along the way to the next swell: by it a look tells when that comes. */
    CanopyTable canopyByNext() {
        return canopyByNext;
    }

    /** The share of flushes that nobody sees here, 0 to 1. */
    double unseen() {
        return unseen;
    }

    Hurry hurry() {
        return hurry;
    }

    Breaks breaks() {
        return breaks;
    }

    /** What is believed of the warmth from swell to swell of a tree, and what that rests on. */
    public Rhythm rhythm(long plant) {
        return Rhythm.of(warmth, plant);
    }

    /** The usual days from swell to swell of a tree. */
    double usualDays(long plant) {
        return Math.exp(days.mean(plant));
    }

    /** The usual warmth from swell to swell of a tree. */
    double usualWarmth(long plant) {
        return Math.exp(warmth.mean(plant));
    }

    /** What the accounts say of one tree. */
    Hand hand(long plant) {
        return hands.computeIfAbsent(
                plant,
                key -> new Hand(
                        new AgeTable(warmth.next(plant)),
                        new AgeTable(season.levels().next(plant)),
                        new AgeTable(days.next(plant)),
                        new AgeTable(hurry.season().levels().next(plant)),
                        close.of(plant),
                        rough.of(plant)));
    }

    /** What the accounts say of one tree. */
    record Hand(
            AgeTable warmth, AgeTable seasonal, AgeTable days, AgeTable hurried, DatesClock close, DatesClock rough) {}

    /**
     * Adds up the rate of a next swell over the steps of a line, for a tree that swelled on a day.
     *
     * @param sums filled with the sum from the evening on which the line goes on up to the end of each step
     * @return how many steps were filled, all but where the swell has come for sure before the last
     */
    int rates(Account account, Hand hand, int swell, Onward line, double[] sums) {
        int reckoned = withoutRain(account, hand, swell, line, sums);
        if (!account.knowsTheSeason()) {
            return reckoned;
        }
        double[] breaks = line.breaks();
        double before = 0;
        double sum = 0;
        for (int i = 0; i < reckoned; i++) {
            sum += breaks[i] * (sums[i] - before);
            before = sums[i];
            sums[i] = sum;
        }
        return reckoned;
    }

    private int withoutRain(Account account, Hand hand, int swell, Onward line, double[] sums) {
        return switch (account) {
            case WARMTH -> byWarmth(hand.warmth(), 1, swell, line, sums);
            case WARMTH_BY_SEASON -> byWarmth(hand.seasonal(), season.times(swell), swell, line, sums);
            case DAYS -> byAge(hand.days(), 1, swell, line.from(), line.days(), sums);
            case RAINS -> byHurry(hand.hurried(), hurry.season().times(swell), swell, line, sums);
            case DATES -> byDates(hand.close(), swell, line, sums);
            case TIME_OF_YEAR -> byDates(hand.rough(), swell, line, sums);
        };
    }

    private static int byWarmth(AgeTable age, double times, int swell, Onward line, double[] sums) {
        return byAge(age, times, line.warmthOn(swell), line.warmthBefore(), line.warmth(), sums);
    }

    private static int byHurry(AgeTable age, double times, int swell, Onward line, double[] sums) {
        return byAge(age, times, line.hurriedOn(swell), line.hurriedOn(line.from()), line.hurried(), sums);
    }

    private static int byAge(AgeTable age, double times, double begin, double now, double[] ends, double[] sums) {
        double per = age.per() * times;
        double before = age.rate((now - begin) * per);
        for (int i = 0; i < sums.length; i++) {
            sums[i] = age.rate((ends[i] - begin) * per) - before;
            if (sums[i] > SURE) {
                return i + 1;
            }
        }
        return sums.length;
    }

    private static int byDates(DatesClock clock, int swell, Onward line, double[] sums) {
        DatesClock.Since since = clock.since(swell);
        double before = since.rate(line.from());
        for (int i = 0; i < sums.length; i++) {
            sums[i] = since.rate(line.end(i)) - before;
            if (sums[i] > SURE) {
                return i + 1;
            }
        }
        return sums.length;
    }

    /**
     * Draws how long a tree takes from a swell to the next: warmth where the account goes by warmth, else days.
     *
     * @param chance 0 to 1, and {@code normal} a standard normal, both drawn
     * @param most days at the most
     */
    public double draw(Account account, long plant, int swell, double chance, double normal, int most) {
        return switch (account) {
            // What hurries a clock so far ahead is not known: then warmth tells.
            case WARMTH, RAINS -> Math.exp(warmth.next(plant).drawn(normal));
            case WARMTH_BY_SEASON -> Math.exp(season.levels().next(plant).drawn(normal) + season.at(swell));
            case DAYS -> Math.min(most, Math.exp(days.next(plant).drawn(normal)));
            case DATES -> dates(hand(plant).close(), swell, chance, most);
            case TIME_OF_YEAR -> dates(hand(plant).rough(), swell, chance, most);
        };
    }

    private static double dates(DatesClock clock, int swell, double chance, int most) {
        double reached = -Math.log(Math.max(1e-9, chance));
        DatesClock.Since since = clock.since(swell);
        int days = Rest.FIRST_DAYS;
        while (days < most && since.rate(swell + days) < reached) {
            days += 2;
        }
        return days;
    }

    /**
     * A line of weather with what has passed by the evening of each of its days: of the hurried clock, and of the times by which
     * rain after a dry spell multiplies the rate.
     */
    public record Line(SkyDays sky, Passed hurried, Passed breaks) {

        double hurried(int day) {
            return hurried.by(sky, day);
        }

        double breaks(int day) {
            return breaks.by(sky, day);
        }
    }
}
