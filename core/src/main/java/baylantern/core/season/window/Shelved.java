package baylantern.core.season.window;

import java.time.LocalDate;

/**
 * A lot of cut wood that lies in a store.
 *
 * @param code its code
 * @param sticks sticks left, at least 1
 * @param score how ready its wood is by its grade, 0 to 1
 * @param low day until which it is good at least, as it is kept now
 * @param mid day until which it is good, as likely as not
 * @param high day until which it is good at most
 */
public record Shelved(String code, int sticks, double score, LocalDate low, LocalDate mid, LocalDate high) {

    // Low and high are where one of ten lots lies beyond.
    private static final double LOW_AT = 0.1;

    /** Requires days in order and a stick at least. */
    public Shelved {
        if (mid.isBefore(low) || high.isBefore(mid) || sticks < 1 || score < 0 || score > 1) {
            throw new IllegalArgumentException(code + ": " + sticks + " sticks, good until " + low + " " + high);
        }
    }

    /** The chance that it is still good on a day, 0 to 1; straight between the three days, as far again beyond them. */
    public double good(LocalDate day) {
        double at = day.toEpochDay();
        double lowAt = low.toEpochDay();
        double midAt = mid.toEpochDay();
        double highAt = high.toEpochDay();
        double gone =
                at <= midAt ? between(at, lowAt, midAt, LOW_AT, 0.5) : between(at, midAt, highAt, 0.5, 1 - LOW_AT);
        return 1 - Math.max(0, Math.min(1, gone));
    }

    // A lot whose three days are one ends on it.
    private static double between(double at, double from, double to, double fromShare, double toShare) {
        if (to <= from) {
            return at <= from ? 0 : 1;
        }
        return fromShare + (toShare - fromShare) * (at - from) / (to - from);
    }
}
