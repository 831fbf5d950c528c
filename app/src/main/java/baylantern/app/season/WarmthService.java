package baylantern.app.season;

import baylantern.app.platform.FarmClock;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.warmth.DailySums;
import baylantern.core.season.warmth.HealingClock;
import baylantern.core.season.warmth.HealingRate;
import baylantern.core.season.warmth.WarmthClock;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;

/** Warmth of the site, past and expected, by species. */
@Service
public class WarmthService {

    private static final int BACK_YEARS = 15;
    private static final int AHEAD_DAYS = 1000;

    private final WeatherService weather;
    private final Rulebook rules;
    private final FarmClock clock;
    private final Supplier<Map<String, HealingClock>> clocks;
    private final Supplier<Map<String, DailySums>> sums;

    WarmthService(WeatherService weather, Rulebook rules, FarmClock clock, Pulse pulse) {
        this.weather = weather;
        this.rules = rules;
        this.clock = clock;
        this.clocks = pulse.kept(ConcurrentHashMap::new);
        this.sums = pulse.kept(ConcurrentHashMap::new);
    }

    /** The healing clock of a species at this site. */
    public HealingClock healing(String speciesKey) {
        return clocks.get()
                .computeIfAbsent(
                        speciesKey,
                        key -> new WarmthClock(
                                HealingRate.of(species(key)),
                                weather.weather(),
                                clock.today().minusYears(BACK_YEARS),
                                clock.today().plusDays(AHEAD_DAYS)));
    }

    /** Bud warmth of a species along known and normal weather. */
    DailySums budWarmth(String speciesKey) {
        return sums.get()
                .computeIfAbsent(
                        speciesKey,
                        key -> BudWarmth.of(species(key), rules.flush())
                                .along(
                                        weather.weather(),
                                        clock.today().minusYears(BACK_YEARS),
                                        clock.today().plusDays(AHEAD_DAYS)));
    }

    private Species species(String key) {
        return rules.species(key).orElseThrow();
    }
}
