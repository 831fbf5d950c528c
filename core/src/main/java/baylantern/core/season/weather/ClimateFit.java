package baylantern.core.season.weather;

import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;

/**
 * Monthly normals from recorded days: means of the month, and the spread of the daily mean temperature about it. A
 * whole month's rain is the mean daily rain times the month's length.
 */
public final class ClimateFit {

    /** Fewer days than this tell nothing of a month. */
    public static final int LEAST_DAYS = 20;

    private ClimateFit() {}

    /** Fits the normals; throws {@link IllegalArgumentException} naming the months with too few days. */
    public static Climate of(List<WeatherDay> days) {
        List<String> thin = new ArrayList<>();
        List<Climate.Month> months = new ArrayList<>();
        for (Month month : Month.values()) {
            List<WeatherDay> own =
                    days.stream().filter(d -> d.day().getMonth() == month).toList();
            if (own.size() < LEAST_DAYS) {
                thin.add(month.getDisplayName(TextStyle.FULL, Locale.ENGLISH) + " (" + own.size() + ")");
            } else {
                months.add(normals(own, month.minLength()));
            }
        }
        if (thin.isEmpty()) {
            return new Climate(months);
        }
        throw new IllegalArgumentException("Normals need at least " + LEAST_DAYS
                + " recorded days of every month; too few in " + String.join(", ", thin) + ".");
    }

    private static Climate.Month normals(List<WeatherDay> days, int length) {
        double mean = mean(days, WeatherDay::meanC);
        double variance = mean(days, d -> (d.meanC() - mean) * (d.meanC() - mean));
        return new Climate.Month(
                mean(days, WeatherDay::minC),
                mean(days, WeatherDay::maxC),
                mean(days, WeatherDay::humidityPct),
                mean(days, WeatherDay::windMs),
                mean(days, WeatherDay::rainMm) * length,
                Math.sqrt(variance));
    }

    private static double mean(List<WeatherDay> days, ToDoubleFunction<WeatherDay> of) {
        return days.stream().mapToDouble(of).average().orElseThrow();
    }
}
