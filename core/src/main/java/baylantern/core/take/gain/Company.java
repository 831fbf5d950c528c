package baylantern.core.take.gain;

import baylantern.core.take.fact.FactColumn;
import baylantern.core.take.fact.FactTable;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * In what else two groups differ: a kind that one has far more of than the other.
 *
 * @param aspect its key
 * @param kind in words
 * @param inFirst share of the first group that is so, of those of whom it is known, 0 to 1
 */
public record Company(String aspect, String words, String kind, double inFirst, double inSecond) {

    /** Shares that differ by this much are worth a word. */
    private static final double WORTH = 0.25;

    /** What is found in two groups of a table beside that by which they were told apart, the greatest difference first. */
    public static List<Company> of(FactTable table, FactColumn by, int[] first, int[] second) {
        return table.columns().stream()
                .filter(column -> column != by)
                .flatMap(column -> most(column, first, second).stream())
                .filter(one -> Math.abs(one.inFirst() - one.inSecond()) >= WORTH)
                .sorted(Comparator.comparingDouble(one -> -Math.abs(one.inFirst() - one.inSecond())))
                .toList();
    }

    private static Optional<Company> most(FactColumn column, int[] first, int[] second) {
        double[] a = shares(column, first);
        double[] b = shares(column, second);
        int most = -1;
        for (int kind = 0; kind < a.length; kind++) {
            if (most < 0 || Math.abs(a[kind] - b[kind]) > Math.abs(a[most] - b[most])) {
                most = kind;
            }
        }
        return most < 0
                ? Optional.empty()
                : Optional.of(new Company(
                        column.aspect().key(),
                        column.aspect().words(),
                        column.kinds().get(most).words(),
                        a[most],
                        b[most]));
    }

    private static double[] shares(FactColumn column, int[] grafts) {
        double[] shares = new double[column.kinds().size()];
        double known = 0;
        for (int graft : grafts) {
            int kind = column.of(graft);
            if (kind != FactColumn.UNKNOWN) {
                shares[kind]++;
                known++;
            }
        }
        for (int kind = 0; kind < shares.length; kind++) {
            shares[kind] = known == 0 ? 0 : shares[kind] / known;
        }
        return shares;
    }
}
