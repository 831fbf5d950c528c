package baylantern.core.season.hindcast;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Corrects a range by the farm's own past misses at the same lead: the middle is drawn to where the past came, and the
 * ends are set so far away that a tenth of the past lay beyond each (split conformal prediction with weights, Barber and
 * others 2023; recent misses count more), more or less where {@link Tails} asks for it. Beforehand it stands on some
 * wide misses, so that a range is never narrow because a form is sure of itself. What has not come by now counts too, as
 * later than it is by now (Efron 1967; the same as the product-limit estimate, Kaplan and Meier 1958).
 */
public final class Widths {

    /** Ends of the leads, days from the look to the middle told; the last has none. */
    public static final List<Integer> LEADS = List.of(30, 60, 120, Integer.MAX_VALUE);

    private static final double PRIOR_CASES = 4;
    private static final double OTHER_LEADS_CASES = 15;
    private static final double SHIFT_SHARE = 0.1;
    private static final double HALF_LIFE_DAYS = 200;
    private static final double LEAST_TIMES = 0.35;
    private static final double[] WIDE_MISSES = {-1.6, -1.2, -0.8, -0.4, 0, 0.4, 0.8, 1.2, 1.6};
    private static final double[] WIDE_MASS = {0.06, 0.1, 0.12, 0.14, 0.16, 0.14, 0.12, 0.1, 0.06};

    private final List<Times> byLead = new ArrayList<>();

    /** What the middle moves by, and how far the ends go, in parts of the range as it was told. */
    private record Times(double shift, double low, double high) {}

    /**
     * A past miss, in days after the look.
     *
     * @param told the range before it was corrected
     * @param came when it came, days after the look; where {@code open} it had not come by then
     * @param day the day of the look, counted from the epoch
     * @param counts how much it counts, since looks on one flush are not independent
     */
    record Miss(Range told, double came, boolean open, int day, double counts) {

        /** How far off, in halves of the range told; under 0 where it came early. */
        double off() {
            return told.off(came);
        }
    }

    /** A range in days after the look. */
    public record Range(double low, double mid, double high) {

        /** How far a day lies off the middle, in halves of the range; under 0 before it. */
        public double off(double day) {
            double days = day - mid;
            return days / Math.max(1, days < 0 ? mid - low : high - mid);
        }
    }

    /** The lead a middle falls into, counted from 0. */
    static int lead(double days) {
        int lead = 0;
        while (days > LEADS.get(lead)) {
            lead++;
        }
        return lead;
    }

    /** What so many days ago counts of what it counts today, 0 to 1. */
    static double fresh(int days) {
        return Math.pow(0.5, days / HALF_LIFE_DAYS);
    }

    /**
     * Learns from misses known on the evening of a day.
     *
     * @param tails how much of them is to lie beyond each end
     * @param now counted from the epoch
     */
    Widths(List<Miss> misses, Tails tails, int now) {
        for (int lead = 0; lead < LEADS.size(); lead++) {
            byLead.add(times(misses, lead, tails.byLead().get(lead), now));
        }
    }

    /**
     * What a case of another lead counts of one of its own, 0 to 1: the less the more there are of its own.
     *
     * @param own how many of them there are, each as it counts
     */
    static double ofAnotherLead(double own) {
        return OTHER_LEADS_CASES / (OTHER_LEADS_CASES + own);
    }

    private static Times times(List<Miss> misses, int lead, double tail, int now) {
        double own = misses.stream()
                .filter(miss -> lead(miss.told.mid) == lead)
                .mapToDouble(Miss::counts)
                .sum();
        List<Off> weighed = new ArrayList<>();
        for (Miss miss : misses) {
            double near = lead(miss.told.mid) == lead ? 1 : ofAnotherLead(own);
            double weight = miss.counts * near * fresh(now - miss.day);
            weighed.add(new Off(miss.off(), weight, miss.open));
        }
        for (int i = 0; i < WIDE_MISSES.length; i++) {
            weighed.add(new Off(WIDE_MISSES[i], WIDE_MASS[i] * PRIOR_CASES, false));
        }
        List<Off> sure = sure(weighed);
        double shift = SHIFT_SHARE * quantile(sure, 0.5);
        return new Times(
                shift,
                Math.max(LEAST_TIMES, shift - quantile(sure, tail)),
                Math.max(LEAST_TIMES, quantile(sure, 1 - tail) - shift));
    }

    /**
     * How far off, and with what weight.
     *
     * @param open true where it will be farther
     */
    record Off(double off, double weight, boolean open) {}

    /** The same by how far off, with the weight of every open one shared by those that are farther; the last stands as it is. */
    static List<Off> sure(List<Off> all) {
        List<Off> sorted = all.stream()
                .sorted(Comparator.comparingDouble(Off::off).thenComparing(Off::open))
                .toList();
        List<Off> sure = new ArrayList<>();
        double farther = sorted.stream().mapToDouble(Off::weight).sum();
        double times = 1;
        for (int i = 0; i < sorted.size(); i++) {
            Off one = sorted.get(i);
            if (one.open && i < sorted.size() - 1) {
                times *= farther / (farther - one.weight);
            } else {
                sure.add(new Off(one.off, one.weight * times, false));
            }
            farther -= one.weight;
        }
        return sure;
    }

    private static double quantile(List<Off> sorted, double share) {
        double all = sorted.stream().mapToDouble(Off::weight).sum();
        double at = 0;
        for (Off one : sorted) {
            at += one.weight;
            if (at >= share * all) {
                return one.off;
            }
        }
        return sorted.get(sorted.size() - 1).off;
    }

    /** The range of some chances, corrected. */
    Range of(Days days) {
        return new Range(at(days, 0.1), at(days, 0.5), at(days, 0.9));
    }

    /** Days after the look by which a share has come, corrected; rises with the share and is above 0. */
    public double at(Days days, double share) {
        return moves(days).to(days.at(share));
    }

    /** The share that has come by so many days after the look, corrected, 0 to 1. */
    double by(Days days, double day) {
        return days.by(moves(days).from(day));
    }

    private Moves moves(Days days) {
        double mid = days.at(0.5);
        Times times = byLead.get(lead(mid));
        double half = times.shift < 0 ? mid - days.at(0.1) : days.at(0.9) - mid;
        return new Moves(mid, Math.max(0.5, mid + times.shift * half), times);
    }

    /** Where the days told go: the middle to {@code moved}, the others nearer to it or farther from it. */
    private record Moves(double mid, double moved, Times times) {

        // Even the earliest day stays ahead.
        private static final double LEAST_PART = 0.25;

        double to(double told) {
            return told < mid
                    ? Math.max(LEAST_PART * moved * told / mid, moved - times.low * (mid - told))
                    : moved + times.high * (told - mid);
        }

        double from(double day) {
            return day < moved
                    ? Math.min(day * mid / moved / LEAST_PART, mid - (moved - day) / times.low)
                    : mid + (day - moved) / times.high;
        }
    }
}
