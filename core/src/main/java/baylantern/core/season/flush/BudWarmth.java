package baylantern.core.season.flush;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Species;
import baylantern.core.season.warmth.DailySums;
import baylantern.core.season.warmth.DegreeDays;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherDay;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * The warmth that moves the buds of a species: degree-days, none of them on days when winter holds the buds, that is
 * while the mean of the last days is below the hold. Standing still under the hold keeps the interval between two swells
 * comparable whether a winter lies in it or not.
 *
 * @param baseC lower threshold of degree-days, °C
 * @param upperC cut-off, °C
 * @param holdC hold, °C
 * @param holdDays days whose mean is held against it
 */
public record BudWarmth(double baseC, double upperC, double holdC, int holdDays) {

    /** The figures of a species. */
    public static BudWarmth of(Species species, FlushRules rules) {
        return new BudWarmth(
                species.figure(FigureName.BASE).value(),
                species.figure(FigureName.UPPER).value(),
                species.figure(FigureName.WINTER_HOLD).value(),
                (int) rules.value(FigureName.HOLD_DAYS));
    }

    /** Degree-days of one day, hold or not. */
    public double degreeDays(WeatherDay day) {
        return DegreeDays.of(day.minC(), day.maxC(), baseC, upperC);
    }

    /** The running sum along known and normal weather, both days included. */
    public DailySums along(Weather weather, LocalDate first, LocalDate last) {
        int days = (int) ChronoUnit.DAYS.between(first, last) + 1;
        Counter counter = from(weather, first);
        return DailySums.of(first, days, day -> counter.counted(weather.on(day)));
    }

    /** Counts days in a row from a first one on, knowing the days before it. */
    public Counter from(Weather weather, LocalDate first) {
        Counter counter = new Counter();
        for (int back = holdDays - 1; back > 0; back--) {
            counter.counted(weather.on(first.minusDays(back)));
        }
        return counter;
    }

    /** Counts days in a row of which nothing before the first is known. */
    public Counter fromNothing() {
        return new Counter();
    }

    /** The bud warmth of day after day. */
    public final class Counter {
        private final HeldMean mean = new HeldMean(holdDays);

        private Counter() {}

        /** Degree-days of the next day, none while winter holds. */
        public double counted(WeatherDay day) {
            return mean.add(day.meanC()) < holdC ? 0 : degreeDays(day);
        }
    }

    /** The mean of the last so many values, as they come. */
    private static final class HeldMean {
        private final double[] last;
        private int count;
        private double sum;

        HeldMean(int length) {
            this.last = new double[length];
        }

        double add(double value) {
            int at = count % last.length;
            sum += value - (count >= last.length ? last[at] : 0);
            last[at] = value;
            count++;
            return sum / Math.min(count, last.length);
        }
    }
}
