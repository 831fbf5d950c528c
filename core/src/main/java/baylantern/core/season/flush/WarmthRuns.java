package baylantern.core.season.flush;

import baylantern.core.season.warmth.DailySums;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.Arrays;

/**
 * Bud warmth before a first day, as it was, and after it in every run of the weather. Warmth is counted from the evening
 * before the first day: negative before, positive after.
 */
public final class WarmthRuns {

    private final LocalDate first;
    private final DailySums past;
    private final double zero;
    private final double[][] sums;
    private final double[] means;

    private WarmthRuns(LocalDate first, DailySums past, double[][] sums) {
        this.first = first;
        this.past = past;
        this.zero = past.upTo(first.minusDays(1));
        this.sums = sums;
        this.means = new double[sums[0].length];
        for (double[] run : sums) {
            for (int t = 0; t < run.length; t++) {
                means[t] += run[t] / sums.length;
            }
        }
    }

    /** Reckons the runs; the past is known from {@code since}. */
    public static WarmthRuns of(BudWarmth warmth, Weather weather, WeatherYears years, LocalDate since) {
        DailySums past = warmth.along(weather, since, years.first().minusDays(1));
        double[][] sums = new double[years.runs()][years.days() + 1];
        for (int run = 0; run < sums.length; run++) {
            BudWarmth.Counter counter = warmth.from(weather, years.first());
            for (int t = 0; t < years.days(); t++) {
                sums[run][t + 1] = sums[run][t] + counter.counted(years.at(run, t));
            }
        }
        return new WarmthRuns(years.first(), past, sums);
    }

    /** The first day of the runs. */
    public LocalDate first() {
        return first;
    }

    /** How many runs. */
    public int runs() {
        return sums.length;
    }

    /** How many days each run goes on. */
    public int days() {
        return sums[0].length - 1;
    }

    /** Warmth at the evening of a day in one run. */
    public double at(int run, LocalDate day) {
        return day.isBefore(first) ? past.upTo(day) - zero : at(run, (int) (day.toEpochDay() - first.toEpochDay()));
    }

    /** Warmth at the evening of the day so many days after the first. */
    public double at(int run, int ahead) {
        return sums[run][Math.min(ahead + 1, days())];
    }

    /** Mean warmth over the runs at the evening of the day so many days after the first. */
    public double mean(int ahead) {
        return means[Math.min(ahead + 1, days())];
    }

    /** Warmth reached at the end of a run. */
    public double end(int run) {
        return sums[run][days()];
    }

    /** By how many days after the first the warmth is reached, negative before; {@link #days()} where it is not. */
    public int reached(int run, double warmth) {
        if (warmth <= 0) {
            return (int) (past.reaching(warmth + zero).toEpochDay() - first.toEpochDay());
        }
        int at = Arrays.binarySearch(sums[run], warmth);
        int index = at >= 0 ? at : -at - 1;
        while (index > 1 && sums[run][index - 1] >= warmth) {
            index--;
        }
        return index > days() ? days() : index - 1;
    }
}
