package baylantern.core.season.foresight;

import baylantern.core.season.account.Account;
import baylantern.core.season.account.Accounts;
import baylantern.core.season.account.Begin;
import baylantern.core.season.account.Foretelling;
import baylantern.core.season.account.SkyDays;
import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.flush.WarmthRuns;
import baylantern.core.season.hindcast.Days;
import baylantern.core.season.hindcast.Lessons;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * Draws a tree's next flushes in every run of the weather. The first of them comes from all accounts together, weighed
 * and widened by what past forecasts taught; the runs take its chances in even steps. Those that go by warmth come
 * earlier in a warm run. The flushes after it follow each run's own account.
 */
public final class Foresight {

    private static final int LEAST_SWELLS = 8;
    private static final int MOST_SWELLS = 40;
    private static final int LONGEST_DAYS = 900;
    // The seed of what is the same for all trees, another than that of how early and late they are together.
    private static final long OF_ALL = 2;

    private final Accounts accounts;
    private final Lessons lessons;
    private final Alike alike;
    private final double ripeningSpread;
    private final Foretelling foretelling;
    private final List<Accounts.Line> lines;
    private final WarmthRuns runs;

    /**
     * Foresees for one species.
     *
     * @param lines weather known to yesterday and going on in some ways, by the same runs
     * @param runs bud warmth in every run
     */
    public Foresight(Learned learned, List<SkyDays> lines, WarmthRuns runs) {
        this.accounts = learned.accounts();
        this.lessons = learned.lessons();
        this.ripeningSpread = learned.accounts().ripeningSpread();
        this.alike = Alike.of(learned.told());
        this.foretelling = new Foretelling(accounts);
        this.lines = foretelling.lines(lines);
        this.runs = runs;
    }

    /** The outlook of a tree; empty where it was never looked at. Same seed, same outlook. */
    public Optional<Outlook> of(TreeRecord tree, long seed) {
        if (tree.looks().isEmpty()) {
            return Optional.empty();
        }
        SplittableRandom random = new SplittableRandom(seed);
        Map<Account, double[][]> told = foretelling.of(tree, lines);
        Days days = lessons.together(tree.plant(), told);
        Begin begin = foretelling.begin(tree, lines.get(0));
        int[] order = alike.places(runs.runs(), random);
        Account[] goesBy = goesBy(lessons.weights(tree.plant(), told.keySet()));
        double[][] swells = new double[runs.runs()][];
        double[] longer = new double[runs.runs()];
        for (int run = 0; run < swells.length; run++) {
            double share = (order[run] + random.nextDouble()) / swells.length;
            double after = lessons.widths().at(days, share);
            longer[run] = Math.exp(ripeningSpread * random.nextGaussian());
            int begun = begin.day(goesBy[run], after, random.nextDouble(), longer[run]);
            swells[run] = swells(tree, run, begun, after, goesBy[run], random);
        }
        return Optional.of(new Outlook(
                runs,
                accounts.course(tree.plant()),
                swells,
                longer,
                tree.swells().isEmpty()));
    }

    // Begins, the next swell, and those after it, in the warmth of a run.
    private double[] swells(
            TreeRecord tree, int run, int begun, double after, Account account, SplittableRandom random) {
        int last = tree.looks().get(tree.looks().size() - 1).day();
        double begin = runs.at(run, LocalDate.ofEpochDay(begun));
        double next = Math.max(begin + 1, warmthOn(run, last, after, account));
        double[] all = new double[MOST_SWELLS];
        all[0] = begin;
        all[1] = next;
        int count = 2;
        double end = runs.end(run);
        // Some beyond the end, so that every run has the flushes that are told.
        while ((all[count - 1] <= end || count < LEAST_SWELLS) && count < MOST_SWELLS) {
            all[count] = all[count - 1] + Math.max(1, interval(tree.plant(), run, all[count - 1], account, random));
            count++;
        }
        return Arrays.copyOf(all, count);
    }

    // The warmth by the day; where warmth leads, the day is that of a usual year and a warm run is ahead of it.
    private double warmthOn(int run, int last, double after, Account account) {
        int whole = (int) Math.floor(after);
        double part = after - whole;
        if (byWarmth(account)) {
            return mean(last + whole) + part * (mean(last + whole + 1) - mean(last + whole));
        }
        LocalDate day = LocalDate.ofEpochDay(last + (long) whole);
        double low = runs.at(run, day);
        return low + part * (runs.at(run, day.plusDays(1)) - low);
    }

    private double mean(int epochDay) {
        LocalDate day = LocalDate.ofEpochDay(epochDay);
        if (day.isBefore(runs.first())) {
            return runs.at(0, day);
        }
        return runs.mean((int) (epochDay - runs.first().toEpochDay()));
    }

    private static boolean byWarmth(Account account) {
        return switch (account) {
            case WARMTH, WARMTH_BY_SEASON, RAINS -> true;
            case DAYS, DATES, TIME_OF_YEAR -> false;
        };
    }

    private double interval(long plant, int run, double from, Account account, SplittableRandom random) {
        int day = (int) runs.first().toEpochDay() + runs.reached(run, from);
        double gone = accounts.draw(account, plant, day, random.nextDouble(), random.nextGaussian(), LONGEST_DAYS);
        if (byWarmth(account)) {
            return gone;
        }
        return runs.at(run, LocalDate.ofEpochDay(day + (long) gone)) - from;
    }

    private static int[] shuffled(int count, SplittableRandom random) {
        int[] order = new int[count];
        for (int i = 0; i < count; i++) {
            int other = random.nextInt(i + 1);
            order[i] = order[other];
            order[other] = i;
        }
        return order;
    }

    // So many runs to each account as it is worth, in one order for all trees: where one goes by the rains others do
    // too.
    private Account[] goesBy(Map<Account, Double> weights) {
        Account[] all = new Account[runs.runs()];
        int[] order = shuffled(all.length, new SplittableRandom(OF_ALL));
        for (int i = 0; i < all.length; i++) {
            double at = (i + 0.5) / all.length;
            Account chosen = Account.WARMTH;
            for (Map.Entry<Account, Double> one : weights.entrySet()) {
                chosen = one.getKey();
                at -= one.getValue();
                if (at < 0) {
                    break;
                }
            }
            all[order[i]] = chosen;
        }
        return all;
    }
}
