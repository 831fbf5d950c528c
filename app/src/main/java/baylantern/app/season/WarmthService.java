package baylantern.app.season;

import baylantern.app.platform.Changes;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.FarmClock;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.warmth.DailySums;
import baylantern.core.season.warmth.HealingClock;
import baylantern.core.season.warmth.HealingRate;
import baylantern.core.season.warmth.WarmthClock;
import org.springframework.stereotype.Service;

/** Warmth of the site, past and expected, by species. */
@Service
public class WarmthService {

    private static final int BACK_YEARS = 15;
    private static final int AHEAD_DAYS = 1000;

    private final WeatherService weather;
    private final Rulebook rules;
    private final FarmClock clock;
    private final DerivedEach<String, HealingClock> clocks;
    private final DerivedEach<String, DailySums> sums;

    WarmthService(WeatherService weather, Rulebook rules, FarmClock clock, Changes changes) {
        this.weather = weather;
        this.rules = rules;
        this.clock = clock;
        this.clocks = changes.deriveEach(this::clock, SeasonFacts.SKY);
        this.sums = changes.deriveEach(this::sums, SeasonFacts.SKY);
    }

    /** The healing clock of a species at this site. */
    public HealingClock healing(String speciesKey) {
        return clocks.get(speciesKey);
    }

    private HealingClock clock(String speciesKey) {
        return new WarmthClock(
                HealingRate.of(species(speciesKey)),
                weather.weather(),
                clock.today().minusYears(BACK_YEARS),
                clock.today().plusDays(AHEAD_DAYS));
    }

    /** Bud warmth of a species along known and normal weather. */
    DailySums budWarmth(String speciesKey) {
        return sums.get(speciesKey);
    }

    private DailySums sums(String speciesKey) {
        return BudWarmth.of(species(speciesKey), rules.flush())
                .along(
                        weather.weather(),
                        clock.today().minusYears(BACK_YEARS),
                        clock.today().plusDays(AHEAD_DAYS));
    }

    private Species species(String key) {
        return rules.species(key).orElseThrow();
    }
}
