package baylantern.core.season.window;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Species;
import baylantern.core.season.warmth.Hazards;
import baylantern.core.season.warmth.HealingRate;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;

/** What the weather does for grafts of one species made on each coming day, in every run. */
public final class GraftSky {

    private static final int MID_MONTH = 15;

    private final WeatherYears years;
    private final int ahead;
    private final Hazards hazards;
    private final double best;
    private final double[][] healing;
    private final double[][] safety;
    private final boolean[][] stopped;

    /** Reckons the first {@code days} days of the runs, which must go on for the healing days after them. */
    public GraftSky(Species species, FlushRules rules, Climate climate, WeatherYears years, int days) {
        HealingRate rate = HealingRate.of(species);
        this.years = years;
        this.ahead = (int) rules.value(FigureName.HEALING_AHEAD);
        this.hazards = new Hazards(species.figure(FigureName.COLD_LIMIT).value(), rules);
        this.best = bestMonth(rate, climate);
        this.healing = new double[years.runs()][days];
        this.safety = new double[years.runs()][days];
        this.stopped = new boolean[years.runs()][];
        for (int run = 0; run < years.runs(); run++) {
            heal(rate, run, days);
            List<WeatherDay> met = days(run, 0, days + ahead);
            safety[run] = hazards.safeties(met, days, ahead);
            stopped[run] = hazards.stops(met, days, ahead);
        }
    }

    private void heal(HealingRate rate, int run, int days) {
        double[] sums = new double[days + ahead + 1];
        for (int t = 0; t < days + ahead; t++) {
            WeatherDay day = years.at(run, t);
            sums[t + 1] = sums[t] + rate.over(day.minC(), day.maxC());
        }
        for (int t = 0; t < days; t++) {
            healing[run][t] = (sums[t + ahead] - sums[t]) / ahead;
        }
    }

    /** The healing rate of the climate's best month, 0 to 1. */
    private static double bestMonth(HealingRate rate, Climate climate) {
        double best = 0;
        for (Month month : Month.values()) {
            Climate.Month normal = climate.on(LocalDate.of(2023, month, MID_MONTH));
            best = Math.max(best, rate.over(normal.minC(), normal.maxC()));
        }
        return best;
    }

    /** The days whose weather a graft made {@code t} days ahead meets, in one run. */
    public List<WeatherDay> after(int run, int t) {
        return days(run, t, ahead);
    }

    private List<WeatherDay> days(int run, int from, int count) {
        List<WeatherDay> days = new ArrayList<>(count);
        for (int i = from; i < Math.min(from + count, years.days()); i++) {
            days.add(years.at(run, i));
        }
        return days;
    }

    /** Mean healing rate over the days after a graft, 0 to 1. */
    public double healing(int run, int t) {
        return healing[run][t];
    }

    /** The same against the site's best month, 0 to 1. */
    public double relative(int run, int t) {
        return best == 0 ? 0 : Math.min(1, healing[run][t] / best);
    }

    /** What no danger takes away, 0 to 1. */
    public double safety(int run, int t) {
        return safety[run][t];
    }

    /** True where frost or heavy rain would take the graft. */
    public boolean stopped(int run, int t) {
        return stopped[run][t];
    }

    /** True where the weather after a graft heals from a line on, 0 to 1, and takes nothing. */
    boolean fair(int run, int t, double line) {
        return relative(run, t) * safety(run, t) >= line && !stopped(run, t);
    }

    /** The dangers that are looked for. */
    public Hazards hazards() {
        return hazards;
    }

    /** How many days ahead are reckoned. */
    public int days() {
        return healing[0].length;
    }

    /** The runs behind. */
    public WeatherYears years() {
        return years;
    }
}
