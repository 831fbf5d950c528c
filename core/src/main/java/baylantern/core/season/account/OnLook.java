package baylantern.core.season.account;

import baylantern.core.rules.BudStage;
import baylantern.core.season.account.Accounts.Line;
import baylantern.core.season.flush.FlushLength;
import java.util.List;

/** One tree on the evening of its last look: what each account makes of it. */
final class OnLook {

    private static final int WARMTH_LINES = 3;
    private static final int RAIN_LINES = 4;
    private static final double LEAST_WEIGHT = 2e-4;
    private static final double LEAST_OF_MOST = 0.01;
    // Beyond the steps nothing is told apart: such a look would stand early on its way, and counts by half.
    private static final double BEYOND = 0.5;
    private static final int BEYOND_BIN = CanopyTable.bin(0.3);
    private static final int RESTED_BIN = CanopyTable.bin(0.85);

    private final Accounts accounts;
    private final Accounts.Hand hand;
    private final int now;
    private final BudStage stage;
    private final double[][] seen;
    private final List<Begun.Day> begun;
    private final List<Line> lines;
    private final List<Onward> onwards;
    // By line and begin: into which part of the way the look falls, by when the next swell comes.
    private final int[][][] bins;

    OnLook(Accounts accounts, TreeRecord tree, List<Line> lines) {
        this.accounts = accounts;
        TreeRecord.Look last = tree.looks().get(tree.looks().size() - 1);
        double[] once = accounts.canopyByNext().likely(last.canopy());
        this.seen = new double[Foretelling.TRUSTS.size()][once.length];
        for (int k = 0; k < seen.length; k++) {
            for (int i = 0; i < once.length; i++) {
                seen[k][i] = Math.pow(once[i], Foretelling.TRUSTS.get(k));
            }
        }
        this.hand = accounts.hand(tree.plant());
        this.now = last.day();
        this.stage = last.canopy().leading();
        this.lines = lines;
        this.onwards = lines.stream()
                .limit(RAIN_LINES)
                .map(line -> new Onward(line, now, Steps.ends()))
                .toList();
        this.begun = new Begun(accounts, tree).days(lines.get(0).sky());
        this.bins = new int[onwards.size()][begun.size()][];
    }

    Accounts.Hand hand() {
        return hand;
    }

    /** The day of the look, counted from the epoch. */
    int now() {
        return now;
    }

    /** Days on which the flush under way may have begun. */
    List<Begun.Day> begun() {
        return begun;
    }

    /** True of a flush nobody saw, where the look showed rest: then the look does not say where it stands. */
    boolean hides(Begun.Day day) {
        return day.unseen() && stage.rests();
    }

    /** The stage that most of the canopy showed. */
    BudStage stage() {
        return stage;
    }

    // Warmth differs little between lines, dates not at all; rain does.
    private static int lines(Account account, int all) {
        return switch (account) {
            case WARMTH, WARMTH_BY_SEASON -> Math.min(WARMTH_LINES, all);
            case DAYS, DATES, TIME_OF_YEAR -> 1;
            case RAINS -> Math.min(RAIN_LINES, all);
        };
    }

    /** Chances by trust and step. */
    double[][] chances(Account account) {
        double[][] chances = new double[seen.length][Steps.count()];
        int used = lines(account, lines.size());
        // What is past is the same in every line.
        double[] weights = new double[begun.size()];
        double most = 0;
        for (int i = 0; i < weights.length; i++) {
            weights[i] = weight(account, begun.get(i));
            most = Math.max(most, weights[i]);
        }
        for (int at = 0; at < used; at++) {
            double[][] one = new double[seen.length][Steps.count()];
            for (int i = 0; i < weights.length; i++) {
                if (weights[i] > LEAST_OF_MOST * most) {
                    add(account, i, weights[i], at, one);
                }
            }
            for (int k = 0; k < one.length; k++) {
                scale(one[k], chances[k], used);
            }
        }
        return chances;
    }

    private int[] bins(int line, int swell) {
        if (bins[line][swell] == null) {
            Onward onward = onwards.get(line);
            double from = onward.warmthOn(begun.get(swell).day());
            double gone = onward.warmthBefore() - from;
            int[] all = new int[onward.count()];
            // A flush nobody saw looks as if it had not been; what speaks against that stands in its weight.
            int least = hides(begun.get(swell)) ? RESTED_BIN : 0;
            for (int i = 0; i < all.length; i++) {
                all[i] = Math.max(least, CanopyTable.bin(FlushLength.BY_NEXT.way(gone, onward.warmth()[i] - from)));
            }
            bins[line][swell] = all;
        }
        return bins[line][swell];
    }

    private void add(Account account, int swell, double weight, int line, double[][] chances) {
        double[] sums = new double[Steps.count() - 1];
        int reckoned = accounts.rates(account, hand, begun.get(swell).day(), onwards.get(line), sums);
        double[] comes = new double[reckoned];
        double left = 1;
        for (int i = 0; i < reckoned; i++) {
            double stays = Math.exp(-sums[i]);
            comes[i] = weight * (left - stays);
            left = stays;
        }
        int[] into = bins(line, swell);
        for (int k = 0; k < seen.length; k++) {
            double[] likely = seen[k];
            double[] chance = chances[k];
            for (int i = 0; i < reckoned; i++) {
                chance[i] += comes[i] * likely[into[i]];
            }
            chance[sums.length] += weight * left * likely[BEYOND_BIN] * BEYOND;
        }
    }

    private static void scale(double[] one, double[] into, int lines) {
        double sum = 0;
        for (double chance : one) {
            sum += chance;
        }
        if (sum > 0) {
            for (int i = 0; i < one.length; i++) {
                into[i] += one[i] / sum / lines;
            }
        } else {
            into[into.length - 1] += 1.0 / lines;
        }
    }

    /** How well a day fits as the begin of the flush under way, by what an account says of the time since. */
    double weight(Account account, Begun.Day begun) {
        double weight = begun.weight();
        if (weight > LEAST_WEIGHT && begun.after() < begun.day()) {
            int gone = begun.day() - begun.after();
            double unto = since(account, begun.after(), gone - Begun.STEP_DAYS);
            weight *= Math.exp(-unto) - Math.exp(-since(account, begun.after(), gone));
        }
        return weight > LEAST_WEIGHT && now > begun.day()
                ? weight * Math.exp(-since(account, begun.day(), now - begun.day()))
                : weight;
    }

    // The rate summed over the days after a swell.
    private double since(Account account, int swell, int days) {
        double[] sums = new double[1];
        accounts.rates(account, hand, swell, new Onward(lines.get(0), swell, new int[] {days}), sums);
        return sums[0];
    }
}
