package baylantern.app.season;

import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherReading;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A stored day of weather; what was not measured is null. */
record WeatherRow(
        LocalDate onDay,
        double minC,
        double maxC,
        @Nullable Double humidityPct,
        @Nullable Double windMs,
        @Nullable Double rainMm,
        WeatherDay.Origin origin,
        boolean fromStation) {

    static WeatherRow of(WeatherReading reading, WeatherDay.Origin origin, boolean fromStation) {
        return new WeatherRow(
                reading.day(),
                reading.minC(),
                reading.maxC(),
                reading.humidityPct(),
                reading.windMs(),
                reading.rainMm(),
                origin,
                fromStation);
    }

    WeatherReading reading() {
        return new WeatherReading(onDay, minC, maxC, humidityPct, windMs, rainMm);
    }
}
