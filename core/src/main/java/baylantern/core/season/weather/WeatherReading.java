package baylantern.core.season.weather;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A day of weather as a file or a station tells it; what was not measured is null.
 *
 * @param minC lowest temperature, °C
 * @param maxC highest temperature, °C
 * @param humidityPct mean relative humidity, %
 * @param windMs mean wind, m/s
 * @param rainMm rain, mm
 */
public record WeatherReading(
        LocalDate day,
        double minC,
        double maxC,
        @Nullable Double humidityPct,
        @Nullable Double windMs,
        @Nullable Double rainMm) {

    /** A whole day: what was not measured comes from the normal weather of that day. */
    public WeatherDay completed(WeatherDay normal, WeatherDay.Origin origin) {
        return new WeatherDay(
                day,
                minC,
                maxC,
                humidityPct == null ? normal.humidityPct() : humidityPct,
                windMs == null ? normal.windMs() : windMs,
                rainMm == null ? normal.rainMm() : rainMm,
                origin);
    }
}
