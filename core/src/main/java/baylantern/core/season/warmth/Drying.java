package baylantern.core.season.warmth;

import baylantern.core.season.weather.WeatherDay;

/**
 * How hard the air pulls water from a fresh graft.
 *
 * <p>Saturation vapour pressure es(T) = 0.6108·exp(17.27·T/(T + 237.3)) kPa; the actual one from the mean humidity and
 * the mean of es at the lowest and highest temperature (FAO irrigation and drainage paper 56, Allen and others 1998,
 * equations 11, 12 and 19). The daytime deficit takes es three quarters of the way from lowest to highest. The drying
 * index 1 − exp(−(deficit/2.2)·(1 + wind/10)) is this application's own, 0 still and moist, near 1 hot, dry and windy.
 */
public final class Drying {

    private static final double DAYTIME = 0.75;
    private static final double DEFICIT_SCALE_KPA = 2.2;
    private static final double WIND_SCALE_MS = 10;

    private Drying() {}

    /** Saturation vapour pressure in kPa at a temperature in °C. */
    public static double saturationKpa(double temperatureC) {
        return 0.6108 * Math.exp(17.27 * temperatureC / (temperatureC + 237.3));
    }

    /** Vapour-pressure deficit of the daytime in kPa, 0 or more. */
    public static double daytimeDeficitKpa(WeatherDay day) {
        double mean = (saturationKpa(day.minC()) + saturationKpa(day.maxC())) / 2;
        double actual = mean * day.humidityPct() / 100;
        double daytime = saturationKpa(day.minC() + DAYTIME * (day.maxC() - day.minC()));
        return Math.max(0, daytime - actual);
    }

    /** The drying index of a day, 0 to 1. */
    public static double index(WeatherDay day) {
        return 1 - Math.exp(-daytimeDeficitKpa(day) / DEFICIT_SCALE_KPA * (1 + day.windMs() / WIND_SCALE_MS));
    }
}
