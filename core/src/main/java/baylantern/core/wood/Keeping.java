package baylantern.core.wood;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.WoodRules;
import java.util.List;

/**
 * How long cut wood of a species lives.
 *
 * <p>Viability after an effective age is {@code v = exp(−ln(1/0.7) · u²)}, where {@code u} is the share of life used: the
 * sum over the days of {@code rate(T)}, the share a day at the warmth T uses. A Weibull survival with shape 2, its scale set
 * so that {@code v(1) = 0.7}. What the place is called does not matter, only how warm it is: {@code 1 / rate} goes through
 * the rulebook's days for a fridge, a cool box and the shade, evenly on the log scale between them (a Q10 of its own for each
 * stretch, after van 't Hoff 1884), level over the whole range of a fridge, since its days stand for all of it, and on with
 * the species' Q10 above the shade and below the fridge; where cold hurts buds, colder than a fridge keeps no longer. Bare
 * wood, and wood that stands in water, age as many times faster as the rulebook says. Several ways of keeping add up.
 */
public final class Keeping {

    private static final double LN_SEVENTY = Math.log(1 / 0.7);

    private final WoodRules rules;
    private final WoodRules.Keep keep;

    public Keeping(WoodRules rules, String speciesKey) {
        this.rules = rules;
        this.keep = rules.keep(speciesKey);
    }

    /** Viability, 0 to 1, at a share of life used, 0 or more; 1 is 70 %. */
    public static double viability(double used) {
        return Math.exp(-LN_SEVENTY * used * used);
    }

    /** The share of life used at which viability falls to a share, over 0 and up to 1. */
    public static double usedAt(double share) {
        return Math.sqrt(Math.log(1 / share) / LN_SEVENTY);
    }

    /** The share of life some days have used. */
    public double used(List<StoreDay> days) {
        return days.stream().mapToDouble(this::used).sum();
    }

    /** The share of life a day, or a part of it, has used. */
    public double used(StoreDay day) {
        double mean =
                day.tempsC().stream().mapToDouble(t -> 1 / days(t)).average().orElseThrow();
        double bare = day.wrapped() ? 1 : rules.value(FigureName.BARE_TIMES);
        double water = day.method() == KeepMethod.WATER ? rules.value(FigureName.WATER_TIMES) : 1;
        return day.length() * mean * bare * water;
    }

    /** Days to 70 % viability, well wrapped, at a steady warmth in °C; never more where it is warmer. */
    public double days(double tempC) {
        Figure fridge = rules.figure(FigureName.FRIDGE_C);
        double coolC = referenceC(KeepMethod.COOL_BOX);
        double shadeC = referenceC(KeepMethod.AMBIENT);
        if (tempC >= shadeC) {
            return keep.ambientDays() / times(tempC - shadeC);
        }
        if (tempC >= coolC) {
            return between(tempC, coolC, keep.coolBoxDays(), shadeC, keep.ambientDays());
        }
        if (tempC > fridge.high()) {
            return between(tempC, fridge.high(), keep.fridgeDays(), coolC, keep.coolBoxDays());
        }
        boolean colder = tempC < fridge.low() && keep.chillBelowC() == null;
        return colder ? keep.fridgeDays() / times(tempC - fridge.low()) : keep.fridgeDays();
    }

    private double times(double warmerC) {
        return Math.pow(keep.q10(), warmerC / 10);
    }

    private static double between(double tempC, double fromC, double fromDays, double toC, double toDays) {
        return fromDays * Math.pow(toDays / fromDays, (tempC - fromC) / (toC - fromC));
    }

    /** The warmth the figures of a way of keeping hold for, in °C. */
    public double referenceC(KeepMethod method) {
        return switch (method) {
            case COOL_BOX -> rules.value(FigureName.COOL_BOX_C);
            case FRIDGE -> rules.value(FigureName.FRIDGE_C);
            case AMBIENT, WATER -> rules.value(FigureName.AMBIENT_C);
        };
    }

    /**
     * Where a lot stands.
     *
     * @param past how it was kept until today
     * @param next a day as it will be kept from today on
     * @param span how far keeping differs here from the figures
     */
    public Freshness freshness(List<StoreDay> past, StoreDay next, KeepSpan span) {
        double used = used(past);
        double daily = used(next) / next.length();
        return new Freshness(
                used,
                viability(used / span.mid()),
                viability(used / span.low()),
                viability(used / span.high()),
                Math.max(0, 1 - used / span.low()),
                Math.max(0, 1 - used / span.high()),
                left(used, daily, rules.value(FigureName.GOOD_SHARE), span),
                left(used, daily, rules.value(FigureName.LAST_SHARE), span));
    }

    private static Freshness.DaysLeft left(double used, double daily, double share, KeepSpan span) {
        double end = usedAt(share);
        return new Freshness.DaysLeft(
                days(span.low() * end - used, daily),
                days(span.mid() * end - used, daily),
                days(span.high() * end - used, daily));
    }

    private static double days(double share, double daily) {
        return Math.max(0, share / daily);
    }
}
