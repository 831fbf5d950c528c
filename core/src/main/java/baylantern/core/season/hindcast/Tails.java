package baylantern.core.season.hindcast;

import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What share is to lie beyond each end of a range, by lead. A tenth is what is wanted; where the ranges told so far held
 * more or less often than four times in five, more or less is left out from then on, so that they come to hold as often
 * as they should also where what is learned keeps changing (Gibbs and Candès 2021).
 *
 * @param byLead the share beyond each end, 0 to 1, see {@link Widths#LEADS}
 */
record Tails(List<Double> byLead) {

    /** The share wanted beyond each end. */
    static final double WANTED = 0.1;

    private static final double HELD_WANTED = 1 - 2 * WANTED;
    // For each share that they held too often, so much more is left out at each end.
    private static final double FOLLOWS = 3;
    private static final double PRIOR_CASES = 4;
    private static final double LEAST = 0.03;
    private static final double MOST = 0.3;

    /** Those wanted, with nothing told yet. */
    static Tails wanted() {
        return new Tails(Collections.nCopies(Widths.LEADS.size(), WANTED));
    }

    /**
     * Those of ranges told of which it was known by the evening of a day whether they held. One that is over without a
     * swell does not count until the swell is seen: it may have come unseen, and would have ranges too wide.
     *
     * @param counts how much each counts, since looks on one flush are not independent
     * @param now counted from the epoch
     */
    static Tails of(List<Hindcast.Told> told, double counts, int now) {
        List<Hindcast.Told> known =
                told.stream().filter(one -> one.known() <= now).toList();
        return new Tails(IntStream.range(0, Widths.LEADS.size())
                .mapToObj(lead -> of(known, counts, now, lead))
                .toList());
    }

    private static int lead(Hindcast.Told told) {
        return Widths.lead(told.said().range().mid());
    }

    private static double of(List<Hindcast.Told> known, double counts, int now, int lead) {
        double own = known.stream().filter(one -> lead(one) == lead).count() * counts;
        double all = PRIOR_CASES;
        double held = PRIOR_CASES * HELD_WANTED;
        for (Hindcast.Told one : known) {
            double near = lead(one) == lead ? 1 : Widths.ofAnotherLead(own);
            double weight = counts * near * Widths.fresh(now - one.said().day());
            all += weight;
            held += weight * one.held();
        }
        return Math.max(LEAST, Math.min(MOST, WANTED + FOLLOWS * (held / all - HELD_WANTED)));
    }
}
