package baylantern.core.season.warmth;

import baylantern.core.rules.FlushRules;
import baylantern.core.season.weather.WeatherDay;

/** Whether the weather of one day goes over a limit of fresh grafts: frost, heat, drying air, rain. */
public final class HazardLimits {

    private final Hazards hazards;

    /** Limits: the cold limit of the species in °C, the rest from the rulebook. */
    public HazardLimits(double coldLimitC, FlushRules rules) {
        this.hazards = new Hazards(coldLimitC, rules);
    }

    /** Colder than the species bears. */
    public boolean frost(WeatherDay day) {
        return hazards.frost(day) > 0;
    }

    /** Hotter than fresh grafts bear in the sun. */
    public boolean heat(WeatherDay day) {
        return hazards.heat(day) > 0;
    }

    /** Air that dries a graft before it heals. */
    public boolean dry(WeatherDay day) {
        return hazards.dry(day) > 0;
    }

    /** So much rain that it gets into a fresh union. */
    public boolean rain(WeatherDay day) {
        return hazards.rain(day) > 0;
    }
}
