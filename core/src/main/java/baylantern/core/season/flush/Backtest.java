package baylantern.core.season.flush;

import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/**
 * How well the forecasts would have done: each interval is forecast on the day of its first swell from all the others
 * (leave one out) and from the climate alone, without knowing the weather that followed.
 */
public final class Backtest {

    private static final int RUNS = 100;
    private static final int DAYS = 1100;
    private static final LocalDate ANY_YEAR = LocalDate.of(2023, 1, 1);

    private final WarmthRuns climate;
    private final long seed;

    /** Draws the runs of the climate once; then {@link #of} may be asked for any plants of the species. */
    public Backtest(BudWarmth warmth, Climate climate, long seed) {
        Weather normal = new Weather(climate, List.of());
        WeatherYears years = WeatherYears.draw(normal, ANY_YEAR, RUNS, DAYS, seed);
        this.climate = WarmthRuns.of(warmth, normal, years, ANY_YEAR.minusDays(400));
        this.seed = seed;
    }

    /**
     * What came of it.
     *
     * @param flushes forecasts held against what happened
     * @param meanErrorDays mean distance of the middle of the forecast from the day seen
     * @param heldShare how often the 10–90 % range held the day seen, 0 to 1
     * @param priorErrorDays the mean distance had nothing been learned
     * @param leftOut intervals in which a flush went unseen, not counted
     */
    public record Result(int flushes, double meanErrorDays, double heldShare, double priorErrorDays, int leftOut) {}

    /** Holds forecasts against these intervals, of one plant or all of them. */
    public Result of(RhythmModel model, List<Interval> intervals) {
        double error = 0;
        double priorError = 0;
        int held = 0;
        int count = 0;
        for (Interval interval : intervals) {
            if (model.cycles(interval) > 1) {
                continue;
            }
            long seen =
                    ChronoUnit.DAYS.between(interval.from().day(), interval.to().day());
            int[] forecast = forecast(model.without(interval), interval);
            int[] prior = forecast(model.prior(), interval);
            error += Math.abs(middle(forecast) - seen);
            priorError += Math.abs(middle(prior) - seen);
            held += at(forecast, 0.1) <= seen && seen <= at(forecast, 0.9) ? 1 : 0;
            count++;
        }
        return count == 0
                ? new Result(0, 0, 0, 0, intervals.size())
                : new Result(count, error / count, held / (double) count, priorError / count, intervals.size() - count);
    }

    private int[] forecast(Rhythm rhythm, Interval interval) {
        SplittableRandom random =
                new SplittableRandom(seed + interval.from().day().toEpochDay());
        LocalDate from =
                ANY_YEAR.withDayOfYear(Math.min(365, interval.from().day().getDayOfYear()));
        double spread = Math.sqrt(rhythm.meanVariance() + rhythm.cycleVariance() + interval.dateVariance());
        int[] days = new int[RUNS];
        for (int run = 0; run < RUNS; run++) {
            double warmth = climate.at(run, from) + Math.exp(rhythm.logMean() + spread * random.nextGaussian());
            days[run] = climate.reached(run, warmth) - (from.getDayOfYear() - 1);
        }
        Arrays.sort(days);
        return days;
    }

    private static int middle(int[] sorted) {
        return at(sorted, 0.5);
    }

    private static int at(int[] sorted, double share) {
        return sorted[(int) Math.round(share * (sorted.length - 1))];
    }
}
