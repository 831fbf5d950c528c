package baylantern.core.season.account;

import baylantern.core.season.account.Accounts.Line;
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

    /** How much a look may count: 1 as one twig told well, 0 not at all. */
    public static final List<Double> TRUSTS = List.of(0.3, 0.65, 1.0);

    /** Which of them counts beforehand. */
    public static final int USUAL_TRUST = 1;

    private final Accounts accounts;
    private @Nullable Past past;

    /** Foretells by these accounts. */
    public Foretelling(Accounts accounts) {
        this.accounts = accounts;
    }

    /**
     * Chances by account, by trust in the last look (see {@link #TRUSTS}), and by step (see {@link Steps}). Each sums to
     * 1. An account that has nothing to say yet is not among them.
     */
    public Map<Account, double[][]> of(TreeRecord tree, List<Line> lines) {
        OnLook look = new OnLook(accounts, tree, lines);
        Map<Account, double[][]> all = new EnumMap<>(Account.class);
        for (Account account : accounts.speaking()) {
            all.put(account, look.chances(account));
        }
        return all;
    }

    /** Chances of one account by step, at the usual trust. */
    public double[] of(Account account, TreeRecord tree, List<Line> lines) {
        return new OnLook(accounts, tree, lines).chances(account)[USUAL_TRUST];
    }

    /** When the flush under way began, to be asked for many days of the next swell. */
    public Begin begin(TreeRecord tree, Line line) {
        return new Begin(accounts, accounts.course(tree.plant()), new OnLook(accounts, tree, List.of(line)), line);
    }

    private record Past(double[][] drivers, double[] hurried, double[] breaks) {}

    // The days that were are the same in all lines of a site, and so is what passed on them.
    private Past pastOf(SkyDays sky) {
        Past known = past;
        if (known == null || known.drivers != sky.pastDrivers()) {
            known = new Past(
                    sky.pastDrivers(),
                    accounts.hurry().past(sky),
                    accounts.breaks().summed(0, sky.pastDrivers()));
            past = known;
        }
        return known;
    }

    /** Lines of weather that share one past, with what passes on their days. */
    public List<Line> lines(List<SkyDays> skies) {
        Past past = pastOf(skies.get(0));
        Passed breaks = new Passed(past.breaks, breaksAhead(past, skies));
        return skies.stream()
                .map(sky ->
                        new Line(sky, new Passed(past.hurried, accounts.hurry().ahead(sky, past.hurried)), breaks))
                .toList();
    }

    // Few lines have few rains: each goes by the mean of all.
    private double[] breaksAhead(Past past, List<SkyDays> skies) {
        SkyDays first = skies.get(0);
        double[] mean = new double[first.aheadDrivers().length];
        for (SkyDays sky : skies) {
            double[] own = accounts.breaks().summed(past.breaks[first.known() - 1], sky.aheadDrivers());
            for (int i = 0; i < mean.length; i++) {
                mean[i] += own[i] / skies.size();
            }
        }
        return mean;
    }
}
