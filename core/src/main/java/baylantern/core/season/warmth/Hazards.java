package baylantern.core.season.warmth;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.season.weather.WeatherDay;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Finds the dangers in the days after a graft. */
public final class Hazards {

    private final double coldC;
    private final double heatC;
    private final double dryIndex;
    private final double rainMm;
    private final int rainDays;
    private final double frostPerC;
    private final double heatPerC;
    private final double dryPerIndex;
    private final double rainPerMm;
    private final double leastDanger;

    /** Limits: the cold limit of the species in °C, the rest from the rulebook. */
    public Hazards(double coldLimitC, FlushRules rules) {
        this.coldC = coldLimitC;
        this.heatC = rules.value(FigureName.HEAT);
        this.dryIndex = rules.value(FigureName.HOT_DRY);
        this.rainMm = rules.value(FigureName.HEAVY_RAIN);
        this.rainDays = (int) rules.value(FigureName.RAIN_DAYS);
        this.frostPerC = rules.value(FigureName.FROST_PER_C);
        this.heatPerC = rules.value(FigureName.HEAT_PER_C);
        this.dryPerIndex = rules.value(FigureName.DRY_PER_INDEX);
        this.rainPerMm = rules.value(FigureName.RAIN_PER_MM);
        this.leastDanger = rules.value(FigureName.LEAST_DANGER);
    }

    /** Every danger in the days after a graft, the first of them the day of grafting. */
    public List<Hazard> in(List<WeatherDay> days) {
        List<Hazard> found = new ArrayList<>();
        add(found, Hazard.Kind.FROST, days, this::frost, "a padded sleeve over the union, or wait");
        add(found, Hazard.Kind.HEAT, days, this::heat, "shade, and foil outdoors");
        add(found, Hazard.Kind.HOT_DRY_WIND, days, this::dry, "a bag with air in it, out of the wind, water the stock");
        List<WeatherDay> firstDays = days.subList(0, Math.min(rainDays, days.size()));
        add(found, Hazard.Kind.HEAVY_RAIN, firstDays, this::rain, "a rain cap over the cut, inverted T for buds");
        return List.copyOf(found);
    }

    /** The worst of what lies within a reach from each of the first days on; most dangers never come, which is soon said. */
    private static double[] worst(double[] severity, int grafts, int reach) {
        double[] worst = new double[grafts];
        for (int i = 0; i < severity.length; i++) {
            if (severity[i] > 0) {
                for (int t = Math.max(0, i - reach + 1); t <= Math.min(i, grafts - 1); t++) {
                    worst[t] = Math.max(worst[t], severity[i]);
                }
            }
        }
        return worst;
    }

    private double[] each(List<WeatherDay> days, ToDoubleFunction<WeatherDay> severity) {
        return days.stream().mapToDouble(severity).toArray();
    }

    /** Share of safety left, 1 where no danger is, 0 where loss is sure: the product of 1 − severity. */
    public double safety(List<WeatherDay> days) {
        return safeties(days, 1, days.size())[0];
    }

    /**
     * The same for grafts made on each of the first {@code grafts} days, of which each meets the {@code ahead} days from
     * its own on.
     */
    public double[] safeties(List<WeatherDay> days, int grafts, int ahead) {
        double[] left = new double[grafts];
        Arrays.fill(left, 1);
        take(left, worst(each(days, this::frost), grafts, ahead));
        take(left, worst(each(days, this::heat), grafts, ahead));
        take(left, worst(each(days, this::dry), grafts, ahead));
        take(left, worst(each(days, this::rain), grafts, Math.min(rainDays, ahead)));
        return left;
    }

    private static void take(double[] left, double[] worst) {
        for (int t = 0; t < left.length; t++) {
            left[t] *= 1 - worst[t];
        }
    }

    /**
     * Whether frost comes in the days after a graft, or heavy rain in the first of them, for grafts made on each of the
     * first {@code grafts} days. Either takes a graft, however warm the other days are.
     */
    public boolean[] stops(List<WeatherDay> days, int grafts, int ahead) {
        double[] frost = worst(each(days, this::frost), grafts, ahead);
        double[] rain = worst(each(days, this::rain), grafts, Math.min(rainDays, ahead));
        boolean[] stops = new boolean[grafts];
        for (int t = 0; t < grafts; t++) {
            stops[t] = frost[t] > 0 || rain[t] > 0;
        }
        return stops;
    }

    private static void add(
            List<Hazard> found,
            Hazard.Kind kind,
            List<WeatherDay> days,
            ToDoubleFunction<WeatherDay> severity,
            String answer) {
        List<LocalDate> concerned = days.stream()
                .filter(day -> severity.applyAsDouble(day) > 0)
                .map(WeatherDay::day)
                .toList();
        if (!concerned.isEmpty()) {
            double worst = days.stream().mapToDouble(severity).max().orElse(0);
            found.add(new Hazard(kind, worst, concerned, answer));
        }
    }

    /** Whether a day goes over the limit of a danger; a storm has its limit elsewhere. */
    public boolean comes(Hazard.Kind kind, WeatherDay day) {
        return switch (kind) {
            case FROST -> frost(day) > 0;
            case HEAT -> heat(day) > 0;
            case HOT_DRY_WIND -> dry(day) > 0;
            case HEAVY_RAIN -> rain(day) > 0;
            case STORM -> false;
        };
    }

    /** Severity of cold on a day, 0 to 1: it begins at the limit. */
    double frost(WeatherDay day) {
        return grown(coldC - day.minC(), frostPerC);
    }

    double heat(WeatherDay day) {
        return grown(day.maxC() - heatC, heatPerC);
    }

    double dry(WeatherDay day) {
        return grown(Drying.index(day) - dryIndex, dryPerIndex);
    }

    double rain(WeatherDay day) {
        return grown(day.rainMm() - rainMm, rainPerMm);
    }

    // From a first quarter at the limit up to one, the steeper the farther beyond.
    private double grown(double beyond, double perUnit) {
        return beyond > 0 ? Math.min(1, leastDanger + perUnit * beyond) : 0;
    }
}
