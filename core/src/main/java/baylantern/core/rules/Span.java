package baylantern.core.rules;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** How far a number of a row may be moved where the files give no range of their own. */
final class Span {

    private static final double TIMES = 2;

    /** Never quite none and never quite all: what is counted as impossible could never be seen. */
    private static final double LEAST_SHARE = 0.001;

    private static final double ALMOST_HALF = 0.45;
    private static final int DIGITS = 2;

    private Span() {}

    /** Between two ends, drawn in to two digits: nobody reads more of them. */
    static Figure ends(double value, double low, double high, String unit, String why) {
        return new Figure(
                value,
                Math.min(value, told(low, RoundingMode.CEILING)),
                Math.max(value, told(high, RoundingMode.FLOOR)),
                unit,
                why);
    }

    private static double told(double x, RoundingMode inward) {
        return new BigDecimal(Double.toString(x))
                .round(new MathContext(DIGITS, inward))
                .doubleValue();
    }

    /** Half as much to twice as much. */
    static Figure times(double value, String unit, String why) {
        return ends(value, value / TIMES, value * TIMES, unit, why);
    }

    /** Half as far from 1 to twice as far, as factors count, and never past 1: what speaks for never speaks against. */
    static Figure factor(double value, String unit, String why) {
        double low = value >= 1 ? Math.max(1, value / TIMES) : value / TIMES;
        double high = value >= 1 ? value * TIMES : Math.min(1, value * TIMES);
        return ends(value, low, high, unit, why);
    }

    /** A share, 0 to 1, at half to twice its odds. */
    static Figure odds(double value, String unit, String why) {
        return ends(
                value,
                Math.min(value, Math.max(LEAST_SHARE, atOdds(value, 1 / TIMES))),
                Math.max(value, Math.min(1 - LEAST_SHARE, atOdds(value, TIMES))),
                unit,
                why);
    }

    private static double atOdds(double share, double times) {
        return share * times / (share * times + 1 - share);
    }

    /** A share, 0 to 1, by so much less or more. */
    static Figure about(double value, double by, String unit, String why) {
        return ends(value, Math.max(0, value - by), Math.min(1, value + by), unit, why);
    }

    /** Between two others that it must neither pass nor meet, though those move as well: almost half way to each. */
    static Figure between(double below, double value, double above, String unit, String why) {
        return ends(value, value - ALMOST_HALF * (value - below), value + ALMOST_HALF * (above - value), unit, why);
    }
}
