package baylantern.core.season.account;

import baylantern.core.season.account.Accounts.Line;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What each account says of a tree's next swell, day by day from the day after its last look, given that look: every day
 * on which the flush under way may have begun counts by how well it fits, every day of the next swell by how well the
 * stage seen last stands between the two.
 */
public final class Foretelling {

    /** So many days after the last look are told. */
    static final int DAYS = 430;

    private final Accounts accounts;
    private @Nullable Past past;

    /** How much a look may count: 1 as one twig told well, 0 not at all. */
    public static final List<Double> TRUSTS = List.of(0.3, 0.65, 1.0);

    /** Foretells by these accounts. */
    public Foretelling(Accounts accounts) {
        this.accounts = accounts;
    }

    /** Ends of the steps in which chances are told, days after the last look: single days first, then wider. */
    private static final int[] ENDS = ends();

    private static final int RAIN_LINES = 4;
    private static final int SINGLE_DAYS = 40;
    private static final int WIDE_DAYS = 3;
    private static final double LEAST_WEIGHT = 2e-4;
    private static final double LEAST_OF_MOST = 0.01;

    private static int[] ends() {
        List<Integer> ends = new ArrayList<>();
        for (int end = 1; end <= DAYS; end += end < SINGLE_DAYS ? 1 : WIDE_DAYS) {
            ends.add(end);
        }
        return ends.stream().mapToInt(Integer::intValue).toArray();
    }

    /** How many steps there are, the one beyond all others included. */
    public static int steps() {
        return ENDS.length + 1;
    }

    /** Where a step ends, days after the last look. */
    public static int end(int step) {
        return ENDS[step];
    }

    // Warmth differs little between lines, dates not at all; rain does.
    private static int lines(Account account, int all) {
        return switch (account) {
            case WARMTH, WARMTH_BY_SEASON -> Math.min(3, all);
            case DAYS, DATES, TIME_OF_YEAR -> 1;
            case RAINS -> Math.min(RAIN_LINES, all);
        };
    }

    /**
     * Chances by account, by trust in the last look (see {@link #TRUSTS}), and by step; the last step is beyond all
     * others. Each sums to 1.
     */
    public Map<Account, double[][]> of(TreeRecord tree, List<Line> lines) {
        Told told = new Told(tree, lines);
        Map<Account, double[][]> all = new EnumMap<>(Account.class);
        for (Account account : Account.values()) {
            all.put(account, told.of(account));
        }
        return all;
    }

    /** Chances of one account by step, at the usual trust. */
    public double[] of(Account account, TreeRecord tree, List<Line> lines) {
        return new Told(tree, lines).of(account)[1];
    }

    /** When the flush under way began, to be asked for many days of the next swell. */
    public Begin begin(TreeRecord tree, Line line) {
        return new Begin(new Told(tree, List.of(line)), line);
    }

    /** The day on which the flush under way began, given when the next swell comes; drawn by the account of warmth. */
    public final class Begin {
        private final Told told;
        private final Line line;
        private final double[] weights;

        private Begin(Told told, Line line) {
            this.told = told;
            this.line = line;
            this.weights = new double[told.begun.size()];
            for (int i = 0; i < weights.length; i++) {
                weights[i] = weight(Account.WARMTH, told.hand, told.begun.get(i), line, told.now);
            }
        }

        /**
         * A day, counted from the epoch.
         *
         * @param after days from the last look to the next swell, above 0
         * @param chance drawn, 0 to 1
         */
        public int day(double after, double chance) {
            int next = told.now + Math.max(1, (int) Math.round(after));
            double[] fits = new double[weights.length];
            double sum = 0;
            for (int i = 0; i < fits.length; i++) {
                fits[i] =
                        weights[i] == 0 ? 0 : weights[i] * fit(told.begun.get(i).day(), next);
                sum += fits[i];
            }
            double left = chance * sum;
            int at = 0;
            while (at + 1 < fits.length && left >= fits[at]) {
                left -= fits[at];
                at++;
            }
            return told.begun.get(at).day();
        }

        // How well a swell then, the look, and the next swell go together.
        private double fit(int begun, int next) {
            double[] sums = new double[2];
            int ahead = next - told.now;
            accounts.rates(Account.WARMTH, told.hand, begun, line, told.now, new int[] {ahead - 1, ahead}, sums);
            double chance = Math.exp(-sums[0]) - Math.exp(-sums[1]);
            double from = line.sky().warmth(begun);
            double whole = line.sky().warmth(next) - from;
            double way = whole <= 0 ? 0 : (line.sky().warmth(told.now) - from) / whole;
            return (chance + 1e-9) * told.seen[told.seen.length - 1][CanopyTable.bin(way)];
        }
    }

    /** One tree on one look. */
    private final class Told {
        private final Accounts.Hand hand;
        private final int now;
        private final double[][] seen;
        private final List<Begun.Day> begun;
        private final List<Line> lines;

        Told(TreeRecord tree, List<Line> lines) {
            TreeRecord.Look last = tree.looks().get(tree.looks().size() - 1);
            double[] once = accounts.canopy().likely(last.canopy());
            this.seen = new double[TRUSTS.size()][once.length];
            for (int k = 0; k < seen.length; k++) {
                for (int i = 0; i < once.length; i++) {
                    seen[k][i] = Math.pow(once[i], TRUSTS.get(k));
                }
            }
            this.hand = accounts.hand(tree.plant());
            this.now = last.day();
            this.lines = lines;
            this.begun = new Begun(accounts, tree).days(lines.get(0).sky());
        }

        double[][] of(Account account) {
            double[][] chances = new double[TRUSTS.size()][steps()];
            int used = lines(account, lines.size());
            // What is past is the same in every line.
            double[] weights = new double[begun.size()];
            double most = 0;
            for (int i = 0; i < weights.length; i++) {
                weights[i] = weight(account, hand, begun.get(i), lines.get(0), now);
                most = Math.max(most, weights[i]);
            }
            for (Line line : lines.subList(0, used)) {
                double[][] one = new double[TRUSTS.size()][steps()];
                for (int i = 0; i < weights.length; i++) {
                    if (weights[i] > LEAST_OF_MOST * most) {
                        add(account, begun.get(i).day(), weights[i], line, one);
                    }
                }
                for (int k = 0; k < one.length; k++) {
                    scale(one[k], chances[k], used);
                }
            }
            return chances;
        }

        private void add(Account account, int swell, double weight, Line line, double[][] chances) {
            double[] sums = new double[ENDS.length];
            accounts.rates(account, hand, swell, line, now, ENDS, sums);
            double from = line.sky().warmth(swell);
            double way = line.sky().warmth(now) - from;
            double left = 1;
            for (int i = 0; i < sums.length; i++) {
                double stays = Math.exp(-sums[i]);
                double chance = left - stays;
                if (chance > 1e-9) {
                    double whole = line.sky().warmth(now + ENDS[i]) - from;
                    int bin = CanopyTable.bin(whole <= 0 ? 0 : way / whole);
                    for (int k = 0; k < seen.length; k++) {
                        chances[k][i] += weight * chance * seen[k][bin];
                    }
                }
                left = stays;
            }
            for (int k = 0; k < seen.length; k++) {
                chances[k][sums.length] += weight * left * seen[k][CanopyTable.bin(0.3)] * 0.5;
            }
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

    private double weight(Account account, Accounts.Hand hand, Begun.Day begun, Line line, int now) {
        double weight = begun.weight();
        if (weight > LEAST_WEIGHT && begun.after() < begun.day()) {
            int gone = begun.day() - begun.after();
            double unto = since(account, hand, begun.after(), line, gone - Begun.STEP_DAYS);
            weight *= Math.exp(-unto) - Math.exp(-since(account, hand, begun.after(), line, gone));
        }
        return weight > LEAST_WEIGHT && now > begun.day()
                ? weight * Math.exp(-since(account, hand, begun.day(), line, now - begun.day()))
                : weight;
    }

    // The rate summed over the days after a swell.
    private double since(Account account, Accounts.Hand hand, int swell, Line line, int days) {
        int steps = (days + WIDE_DAYS - 1) / WIDE_DAYS;
        int[] ends = new int[steps];
        for (int i = 0; i < steps; i++) {
            ends[i] = Math.min(days, (i + 1) * WIDE_DAYS);
        }
        double[] sums = new double[steps];
        accounts.rates(account, hand, swell, line, swell, ends, sums);
        return sums[steps - 1];
    }

    private record Past(double[][] drivers, double[] pull) {}

    // The days that were are the same in all lines of a site, and pull as they did.
    private double[] pastOf(SkyDays sky) {
        Past known = past;
        if (known == null || known.drivers != sky.pastDrivers()) {
            known = new Past(sky.pastDrivers(), accounts.pull().of(sky.pastDrivers()));
            past = known;
        }
        return known.pull;
    }

    /** Lines of weather that share one past, with the pull of their days. */
    public List<Line> lines(List<SkyDays> skies) {
        double[] past = pastOf(skies.get(0));
        return skies.stream()
                .map(sky -> new Line(sky, past, accounts.pull().of(sky.aheadDrivers())))
                .toList();
    }
}
