package baylantern.core.season.hindcast;

import baylantern.core.rules.Known;
import baylantern.core.season.account.Account;
import java.util.Arrays;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;

/**
 * One look on a past day: what each account said then, and what came of it so far.
 *
 * @param day the day of the look, counted from the epoch
 * @param told chances by account, trust in the look, and step after it; only of those that had something to say
 * @param counts how much it counts, since looks on one flush are not independent
 */
record LookCase(long plant, int day, Map<Account, double[][]> told, Came came, double counts) {

    // Nobody is quite sure of an account; without this a poor one would be kept for its wide tails alone.
    private static final double STRAY = 0.1;
    private static final double LEAST = 1e-4;
    private static final int PLACES = 12;

    private double from() {
        return Math.max(0, came.after() - day);
    }

    private double to() {
        return Math.max(from() + 1, came.by() - day);
    }

    /** What each account gave the days between which it came, a day's worth; or that it had not come. */
    Stacking.Scored scored(int[] trust) {
        double[] chances = new double[trust.length];
        Arrays.fill(chances, Stacking.SILENT);
        for (Account account : told.keySet()) {
            chances[account.ordinal()] = scoredOf(account, trust[account.ordinal()]);
        }
        return new Stacking.Scored(chances, counts);
    }

    boolean spoke(Account account) {
        return told.containsKey(account);
    }

    double scoredOf(Account account, int trust) {
        Days days = new Days(Known.in(told, account)[trust]);
        if (came.open()) {
            return (1 - STRAY) * (1 - days.by(from())) + STRAY * (1 - WideGuess.by(from()));
        }
        double stray = WideGuess.by(to()) - WideGuess.by(from());
        return ((1 - STRAY) * (days.by(to()) - days.by(from())) + STRAY * stray) / (to() - from());
    }

    /**
     * Where between the two looks it came, as the forecast itself would place it, days after the look; where it has not
     * come, the day after which it will.
     *
     * @param by the share that the forecast has come by a day after the look
     */
    double placed(DoubleUnaryOperator by) {
        if (came.open()) {
            return from();
        }
        double sum = 0;
        double at = 0;
        for (int i = 0; i < PLACES; i++) {
            double a = from() + (to() - from()) * i / PLACES;
            double b = from() + (to() - from()) * (i + 1) / PLACES;
            double mass = mass(by, a, b);
            sum += mass;
            at += mass * (a + b) / 2;
        }
        return at / sum;
    }

    /** How likely it lay in a range, given between which looks it came, 0 to 1; {@code by} as for {@link #placed}. */
    double held(DoubleUnaryOperator by, Widths.Range range) {
        double low = Math.max(from(), range.low());
        double high = Math.min(to(), range.high());
        return high <= low ? 0 : mass(by, low, high) / mass(by, from(), to());
    }

    private static double mass(DoubleUnaryOperator by, double from, double to) {
        return by.applyAsDouble(to) - by.applyAsDouble(from) + LEAST * (to - from);
    }
}
