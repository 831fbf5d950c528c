package baylantern.app.season;

import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.WeatherReading;
import java.time.LocalDate;
import java.util.List;

/** A weather station at the farm. */
public interface WeatherStation {

    /**
     * What was measured on these days, both included.
     *
     * @param climate of the site
     * @param seed tells one station from another
     */
    List<WeatherReading> measured(Climate climate, long seed, LocalDate from, LocalDate to);

    /** What it expects of a day and the six after. */
    List<WeatherReading> forecast(Climate climate, long seed, LocalDate from);
}
