package baylantern.core.fit.pairing;

import baylantern.core.fit.FitRefused;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Which stick goes on which stem: the pairs that together lose least.
 *
 * <pre>
 *   cost(stick, stem) = 1 − contact expected of the best technique allowed + spoil·(thicker/thinner − 1)²
 *   unmatched         costs 1 − least for the two it leaves apart, so a pair worse than that stays apart
 * </pre>
 *
 * <p>Solved as a minimum-cost assignment. Sticks of one lot and size are interchangeable: among equals the order is
 * kept, thin to thick, so that the drawing does not cross itself.
 */
public final class Pairing {

    /** The most sticks and the most stems at once. */
    public static final int MOST = 500;

    private Pairing() {}

    /** A stick or a stem, by name. */
    public record Piece(
            String id,
            double diameterMm,
            @Nullable Double barkMm,
            @Nullable String speciesKey) {}

    /** What the best technique gives a pair; null technique where none is allowed. */
    public record Worth(@Nullable String techniqueKey, double share, double spoilt, double score) {

        /** No technique is allowed. */
        public static final Worth NONE = new Worth(null, 0, 0, 0);
    }

    /** Tells what a pair is worth; asked for several pairs at the same time. */
    @FunctionalInterface
    public interface Judge {
        Worth of(Piece stick, Piece stem);
    }

    /** A stick on a stem. */
    public record Paired(String stickId, String stemId, Worth worth, boolean locked) {}

    /** Two that must not come together, or must. */
    public record Bond(String stickId, String stemId) {}

    /**
     * A solution.
     *
     * @param cost sum over pairs, and what the unmatched cost
     */
    public record Solution(List<Paired> pairs, List<String> spareSticks, List<String> spareStems, double cost) {}

    /**
     * Pairs sticks and stems.
     *
     * @param least contact expected under which a pair is better left apart, 0 to 1
     * @param progress told after each stick how many are judged
     * @param cancelled asked after each stick
     */
    public static Solution solve(
            List<Piece> sticks,
            List<Piece> stems,
            Judge judge,
            double least,
            Set<Bond> locks,
            Set<Bond> exclusions,
            IntConsumer progress,
            BooleanSupplier cancelled) {
        atMost("sticks", sticks.size());
        atMost("stems", stems.size());
        checkLocks(locks);
        List<Piece> a = sorted(sticks);
        List<Piece> b = sorted(stems);
        Worth[][] worth = new Worth[a.size()][b.size()];
        int n = Math.max(a.size(), b.size());
        double[][] cost = new double[n][n];
        double apart = 1 - least;
        for (int i = 0; i < a.size() && !cancelled.getAsBoolean(); i++) {
            int row = i;
            IntStream.range(0, b.size()).parallel().forEach(k -> {
                Bond bond = new Bond(a.get(row).id(), b.get(k).id());
                Worth w = exclusions.contains(bond) ? Worth.NONE : judge.of(a.get(row), b.get(k));
                worth[row][k] = w;
                boolean locked = locks.contains(bond) && w.techniqueKey() != null;
                // What a pair saves against leaving both apart; never more than nothing.
                double saved = Math.min(0, cost(w) - apart + TIE * (row - k) * (row - k));
                cost[row][k] = locked ? -LOCKED : w.techniqueKey() == null ? 0 : saved;
            });
            progress.accept(i + 1);
        }
        if (cancelled.getAsBoolean()) {
            return new Solution(List.of(), List.of(), List.of(), 0);
        }
        return read(a, b, worth, cost, Assignment.solve(cost), locks, apart);
    }

    // Among equals the pair nearer in order wins; far less than any cost that matters.
    private static final double TIE = 1e-9;

    // So much better than any other pair that a lock always holds.
    private static final double LOCKED = 10_000;

    /** What a pair loses. */
    static double cost(Worth worth) {
        return 1 - worth.share() + worth.spoilt();
    }

    private static Solution read(
            List<Piece> a,
            List<Piece> b,
            Worth[][] worth,
            double[][] cost,
            int[] chosen,
            Set<Bond> locks,
            double apart) {
        List<Paired> pairs = new ArrayList<>();
        Set<String> used = new HashSet<>();
        double sum = 0;
        for (int i = 0; i < a.size(); i++) {
            int k = chosen[i];
            if (k < b.size() && cost[i][k] < 0) {
                boolean locked = locks.contains(new Bond(a.get(i).id(), b.get(k).id()));
                pairs.add(new Paired(a.get(i).id(), b.get(k).id(), worth[i][k], locked));
                used.addAll(Arrays.asList("s" + a.get(i).id(), "t" + b.get(k).id()));
                sum += cost(worth[i][k]);
            }
        }
        List<String> spareSticks =
                a.stream().map(Piece::id).filter(id -> !used.contains("s" + id)).toList();
        List<String> spareStems =
                b.stream().map(Piece::id).filter(id -> !used.contains("t" + id)).toList();
        sum += apart * Math.min(spareSticks.size(), spareStems.size());
        return new Solution(pairs, spareSticks, spareStems, sum);
    }

    private static List<Piece> sorted(List<Piece> pieces) {
        List<Piece> sorted = new ArrayList<>(pieces);
        sorted.sort(Comparator.comparingDouble(Piece::diameterMm));
        return sorted;
    }

    private static void atMost(String field, int n) {
        if (n > MOST) {
            throw new FitRefused(
                    field,
                    n,
                    "up to " + MOST,
                    n + " " + field + " are too many to pair at once; take up to " + MOST + ".");
        }
        if (n == 0) {
            throw new FitRefused(field, 0, "1 to " + MOST, "There are no " + field + " to pair.");
        }
    }

    private static void checkLocks(Set<Bond> locks) {
        Map<String, Bond> seen = new HashMap<>();
        for (Bond lock : locks) {
            for (String end : List.of("s" + lock.stickId(), "t" + lock.stemId())) {
                Bond before = seen.put(end, lock);
                if (before != null) {
                    throw new FitRefused(
                            "locks", end.substring(1), "each once", end.substring(1) + " is locked to two others.");
                }
            }
        }
    }
}
