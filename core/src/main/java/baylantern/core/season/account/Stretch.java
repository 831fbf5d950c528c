package baylantern.core.season.account;

import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.WeatherDay;
import java.util.function.IntFunction;

/**
 * Days in a row as the accounts read them.
 *
 * @param rain mm
 * @param mean °C
 * @param normal the mean of the climate on the same day, °C
 * @param warmth bud warmth of the day, degree-days
 */
record Stretch(double[] rain, double[] mean, double[] normal, double[] warmth) {

    static Stretch of(int days, IntFunction<WeatherDay> weather, Climate climate, BudWarmth.Counter counter) {
        Stretch stretch = new Stretch(new double[days], new double[days], new double[days], new double[days]);
        for (int t = 0; t < days; t++) {
            WeatherDay day = weather.apply(t);
            stretch.rain[t] = day.rainMm();
            stretch.mean[t] = day.meanC();
            stretch.normal[t] = climate.on(day.day()).meanC();
            stretch.warmth[t] = counter.counted(day);
        }
        return stretch;
    }

    int days() {
        return rain.length;
    }

    /** So many of its days up to {@code end}, then so many of another from {@code begin} on; without warmth. */
    Stretch joined(int end, int memory, Stretch other, int begin, int days) {
        return new Stretch(
                joined(rain, end, memory, other.rain, begin, days),
                joined(mean, end, memory, other.mean, begin, days),
                joined(normal, end, memory, other.normal, begin, days),
                new double[0]);
    }

    private static double[] joined(double[] past, int end, int memory, double[] other, int begin, int days) {
        double[] all = new double[memory + days];
        System.arraycopy(past, end - memory, all, 0, memory);
        System.arraycopy(other, begin, all, memory, days);
        return all;
    }
}
