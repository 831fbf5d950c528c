package baylantern.app.season;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.Hazard;
import baylantern.core.season.warmth.Hazards;
import baylantern.core.season.weather.WeatherDay;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;

/** What a union goes through while it forms: the weather of the first days after a graft. */
@Service
public class FirstWeeks {

    private final WeatherService weather;
    private final WarmthService warmth;
    private final Rulebook rules;

    FirstWeeks(WeatherService weather, WarmthService warmth, Rulebook rules) {
        this.weather = weather;
        this.warmth = warmth;
        this.rules = rules;
    }

    /**
     * The first days of grafts of a species made on a day.
     *
     * @param hazards what endangered them
     * @param healing healing days they had
     */
    public record Weeks(List<WeatherDay> days, List<Hazard> hazards, double healing) {

        /** True where all of it is on record. */
        public boolean recorded() {
            return days.stream().allMatch(day -> day.origin() == WeatherDay.Origin.RECORDED);
        }
    }

    /** The first weeks after a day. */
    public Weeks after(String speciesKey, LocalDate day) {
        int length = (int) rules.flush().value(FigureName.HEALING_AHEAD);
        List<WeatherDay> days = weather.days(day, day.plusDays(length - 1L));
        double cold = rules.species(speciesKey)
                .orElseThrow()
                .figure(FigureName.COLD_LIMIT)
                .value();
        return new Weeks(
                days,
                new Hazards(cold, rules.flush()).in(days),
                warmth.healing(speciesKey).between(day, day.plusDays(length)));
    }
}
