package baylantern.core.rules;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as a person writes them. */
public final class Plain {

    private static final int PLACES = 2;

    private Plain() {}

    /** At most two places, no zeros at the end: "7.5", "12", "0.83". */
    public static String number(double x) {
        if (!Double.isFinite(x)) {
            return Double.toString(x);
        }
        BigDecimal rounded = BigDecimal.valueOf(x).setScale(PLACES, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }
}
