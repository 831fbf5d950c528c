package baylantern.core.season.weather;

import baylantern.core.rules.Quantity;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The weather of one day.
 *
 * @param minC lowest temperature, °C
 * @param maxC highest temperature, °C, not below {@code minC}
 * @param humidityPct mean relative humidity, 0 to 100 %
 * @param windMs mean wind, m/s
 * @param rainMm rain, mm
 * @param origin how it is known
 */
public record WeatherDay(
        LocalDate day, double minC, double maxC, double humidityPct, double windMs, double rainMm, Origin origin) {

    private static final int HOURS = 24;

    /** How the weather of a day is known. */
    public enum Origin {
        RECORDED,
        FORECAST,
        /** No record: taken from the climate of the site. */
        FILLED
    }

    /** Requires {@code minC <= maxC}, else {@link IllegalArgumentException} with both. */
    public WeatherDay {
        if (!(minC <= maxC)) {
            throw new IllegalArgumentException(
                    day + ": the lowest " + Quantity.celsius(minC) + " is above the highest " + Quantity.celsius(maxC));
        }
    }

    /** Mean of lowest and highest, °C. */
    public double meanC() {
        return (minC + maxC) / 2;
    }

    /** The warmth of the day's hours in °C, on a sine between its lowest and highest. */
    public List<Double> courseC() {
        return IntStream.range(0, HOURS)
                .mapToObj(hour -> meanC() + (maxC - minC) / 2 * Math.sin(2 * Math.PI * (hour + 0.5) / HOURS))
                .toList();
    }

    /** The same weather on another day, known in another way. */
    public WeatherDay as(LocalDate other, Origin known) {
        return new WeatherDay(other, minC, maxC, humidityPct, windMs, rainMm, known);
    }
}
