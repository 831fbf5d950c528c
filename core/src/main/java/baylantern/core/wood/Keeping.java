package baylantern.core.wood;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.WoodRules;
import java.util.List;

/**
 * How long cut wood of a species lives.
 *
 * <p>Viability after an effective age is {@code v = exp(−ln(1/0.7) · u²)}, where {@code u} is the share of life used: the
 * sum over the days of {@code rate / A}, {@code A} being the days to 70 % for the way of keeping. The rate of a day is
 * {@code Q10^((T − Tref)/10)}, times as much unwrapped, in water, and under the species' chilling limit, where it grows
 * evenly to {@code chillTimes} over {@link #CHILL_SPAN_C}. A Weibull survival with shape 2, its scale set so that
 * {@code v(1) = 0.7}; Q10 after van 't Hoff (1884). With several ways of keeping the shares add up, which is the same
 * formula with age measured in shares of {@code A}.
 */
public final class Keeping {

    /** How far under the chilling limit, in °C, the harm is full. */
    static final double CHILL_SPAN_C = 3;

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
        double mean = day.tempsC().stream()
                .mapToDouble(t -> rate(t, day.method()))
                .average()
                .orElseThrow();
        double bare = day.wrapped() ? 1 : rules.value(FigureName.BARE_TIMES);
        double water = day.method() == KeepMethod.WATER ? rules.value(FigureName.WATER_TIMES) : 1;
        return day.length() * mean * bare * water / days(day.method());
    }

    private double rate(double tempC, KeepMethod method) {
        return Math.pow(keep.q10(), (tempC - referenceC(method)) / 10) * chill(tempC);
    }

    private double chill(double tempC) {
        Double limit = keep.chillBelowC();
        if (limit == null || tempC >= limit) {
            return 1;
        }
        return 1 + (keep.chillTimes() - 1) * Math.min(1, (limit - tempC) / CHILL_SPAN_C);
    }

    /** Days to 70 % viability at the reference warmth. */
    public double days(KeepMethod method) {
        return switch (method) {
            case COOL_BOX -> keep.coolBoxDays();
            case FRIDGE -> keep.fridgeDays();
            case AMBIENT, WATER -> keep.ambientDays();
        };
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
