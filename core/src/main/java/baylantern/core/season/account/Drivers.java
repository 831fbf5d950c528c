package baylantern.core.season.account;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;

/**
 * What may drive buds besides warmth, day by day: the time of year in two waves, rain after a dry spell (alone and on
 * long days), cold nights gathered, warm days after them, and a warm or cool spell. Each lies about 0 and within some
 * units of it. Sums run over past days only, so that a day is told from what was known on it.
 */
final class Drivers {

    /** How many there are. */
    static final int COUNT = 9;

    /** How many numbers a day has: after the drivers of the clock that of {@link #breaks}. */
    static final int NUMBERS = COUNT + 1;

    private static final int WET_DAYS = 10;
    private static final double WET_MM = 35;
    private static final int DRY_DAYS = 50;
    private static final double DRY_OF_NORMAL = 0.75;
    private static final int PULSE_DAYS = 24;
    private static final int BREAK_DAYS = 14;
    private static final int CHILL_DAYS = 75;
    private static final int SPELL_DAYS = 14;
    private static final double SPELL_C = 3;

    private final Stretch days;
    private final double meanRain;
    private final double chillC;
    private final SunTurn sun;
    private final int firstDay;

    /** Days in a row from {@code firstDay}, counted from the epoch; cold is gathered under {@code chillC}. */
    Drivers(int firstDay, Stretch days, double yearRainMm, double chillC, SunTurn sun) {
        this.firstDay = firstDay;
        this.days = days;
        this.meanRain = Math.max(0.2, yearRainMm / YearDay.YEAR_DAYS);
        this.chillC = chillC;
        this.sun = sun;
    }

    /** How strongly rain has broken a dry spell in the last fortnight, 0 to 1; it stands after the drivers of a day. */
    static double breaks(double[] day) {
        return day[COUNT];
    }

    /** All drivers of the days from one index to another, the first included. */
    double[][] from(int first, int end) {
        double[] wet = rolling(days.rain(), WET_DAYS);
        double[] longWet = rolling(days.rain(), WET_DAYS + DRY_DAYS);
        double[] cold = rolling(map(days.mean(), m -> Math.min(1, Math.max(0, (chillC - m) / 4))), CHILL_DAYS);
        double[] spell = rolling(minus(days.mean(), days.normal()), SPELL_DAYS);
        double[] lately = rolling(days.mean(), SPELL_DAYS);
        double[] strength = strength(wet, longWet, first, end);
        double[] pulses = most(strength, first, end, PULSE_DAYS);
        double[] breaks = most(strength, first, end, BREAK_DAYS);
        double[][] all = new double[end - first][];
        for (int i = first; i < end; i++) {
            int day = firstDay + i;
            double pulse = pulses[i];
            double chill = cold[i] / CHILL_DAYS * 3;
            double warm = Math.min(2, Math.max(0, (lately[i] / Math.min(i + 1, SPELL_DAYS) - chillC) / 4));
            double[] own = Arrays.copyOf(sun.waves(day), NUMBERS);
            int at = YearDay.WAVES;
            own[at++] = 2 * pulse - 0.5;
            own[at++] = pulse * sun.dayLength(day);
            own[at++] = chill - 0.5;
            own[at++] = Math.min(1, chill) * warm - 0.3;
            own[at] = spell[i] / Math.min(i + 1, SPELL_DAYS) / SPELL_C;
            own[COUNT] = breaks[i];
            all[i - first] = own;
        }
        return all;
    }

    private static double[] map(double[] of, DoubleUnaryOperator each) {
        double[] mapped = new double[of.length];
        for (int i = 0; i < of.length; i++) {
            mapped[i] = each.applyAsDouble(of[i]);
        }
        return mapped;
    }

    private static double[] minus(double[] a, double[] b) {
        double[] less = new double[a.length];
        for (int i = 0; i < a.length; i++) {
            less[i] = a[i] - b[i];
        }
        return less;
    }

    private static double[] rolling(double[] of, int over) {
        double[] sums = new double[of.length];
        double sum = 0;
        for (int i = 0; i < of.length; i++) {
            sum += of[i] - (i >= over ? of[i - over] : 0);
            sums[i] = sum;
        }
        return sums;
    }

    // How strongly it rained after a dry spell.
    private double[] strength(double[] wet, double[] longWet, int first, int end) {
        double[] strength = new double[wet.length];
        for (int i = Math.max(0, first - PULSE_DAYS); i < end; i++) {
            double before = longWet[i] - wet[i];
            double dry = Math.max(0, 1 - before / (DRY_OF_NORMAL * DRY_DAYS * meanRain));
            strength[i] = i < DRY_DAYS ? 0 : Math.min(1, wet[i] / WET_MM) * Math.min(1, 2 * dry);
        }
        return strength;
    }

    // The strongest of so many days up to each; what is weaker than a later one is never asked again.
    private static double[] most(double[] of, int first, int end, int days) {
        double[] most = new double[of.length];
        int[] strong = new int[of.length];
        int oldest = 0;
        int after = 0;
        for (int i = Math.max(0, first - days + 1); i < end; i++) {
            while (after > oldest && of[strong[after - 1]] <= of[i]) {
                after--;
            }
            strong[after++] = i;
            if (strong[oldest] <= i - days) {
                oldest++;
            }
            most[i] = of[strong[oldest]];
        }
        return most;
    }
}
