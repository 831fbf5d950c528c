package baylantern.app.device;

import baylantern.app.season.WeatherStation;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherReading;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.springframework.stereotype.Component;

/**
 * A stand-in for a weather station: the same seed and climate always give the same weather on the same day. Warm and
 * cool spells last some days; a frost is rare; one week in August 2025 is hot, dry and windy.
 */
@Component
class SimulatedStation implements WeatherStation {

    private static final LocalDate EPOCH = LocalDate.of(2020, 1, 1);
    private static final LocalDate HOT_FROM = LocalDate.of(2025, 8, 9);
    private static final LocalDate HOT_TO = LocalDate.of(2025, 8, 16);
    private static final int FORECAST_DAYS = 7;
    private static final double FORECAST_ERROR_C = 0.4;

    @Override
    public List<WeatherReading> measured(Climate climate, long seed, LocalDate from, LocalDate to) {
        List<WeatherReading> found = new ArrayList<>();
        double fresh = Math.sqrt(1 - WeatherYears.PERSISTENCE * WeatherYears.PERSISTENCE);
        double away = 0;
        LocalDate first = from.isBefore(EPOCH) ? from : EPOCH;
        for (LocalDate day = first; !day.isAfter(to); day = day.plusDays(1)) {
            SplittableRandom random = new SplittableRandom(seed * 1_000_003 + day.toEpochDay());
            Climate.Month normal = climate.on(day);
            away = WeatherYears.PERSISTENCE * away + fresh * normal.spreadC() * random.nextGaussian();
            if (!day.isBefore(from)) {
                found.add(reading(day, normal, away, random));
            }
        }
        return List.copyOf(found);
    }

    private static WeatherReading reading(LocalDate day, Climate.Month normal, double away, SplittableRandom random) {
        WeatherDay drawn = WeatherYears.drawn(day, normal, away, random);
        boolean hot = !day.isBefore(HOT_FROM) && !day.isAfter(HOT_TO);
        return new WeatherReading(
                day,
                tenth(drawn.minC() + (hot ? 3 : 0)),
                tenth(drawn.maxC() + (hot ? 9 : 0)),
                tenth(hot ? 32 : drawn.humidityPct()),
                tenth(hot ? 9 : drawn.windMs()),
                tenth(hot ? 0 : drawn.rainMm()));
    }

    @Override
    public List<WeatherReading> forecast(Climate climate, long seed, LocalDate from) {
        List<WeatherReading> told = new ArrayList<>();
        for (WeatherReading truth : measured(climate, seed, from, from.plusDays(FORECAST_DAYS - 1L))) {
            long ahead = truth.day().toEpochDay() - from.toEpochDay();
            SplittableRandom random =
                    new SplittableRandom(seed + 7 * truth.day().toEpochDay());
            double error = FORECAST_ERROR_C * Math.sqrt(ahead + 1.0) * random.nextGaussian();
            told.add(new WeatherReading(
                    truth.day(),
                    tenth(truth.minC() + error),
                    tenth(truth.maxC() + error),
                    truth.humidityPct(),
                    truth.windMs(),
                    truth.rainMm()));
        }
        return List.copyOf(told);
    }

    private static double tenth(double x) {
        return Math.round(x * 10) / 10.0;
    }
}
