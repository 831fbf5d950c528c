package baylantern.core.season.hindcast;

import baylantern.core.season.account.Account;
import baylantern.core.season.account.Accounts;
import baylantern.core.season.account.Foretelling;
import baylantern.core.season.account.Gaps;
import baylantern.core.season.account.Skies;
import baylantern.core.season.account.SkyDays;
import baylantern.core.season.account.TreeRecord;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * Goes through the past of a species' trees as it was lived: on the days on which somebody looked it is foretold from
 * what was known then, with the weights and widths learned by then, and held against what came.
 */
public final class Hindcast {

    // What is learned grows stale by two months at most, or by a small part of a long record.
    private static final int STEP_DAYS = 60;
    private static final int MOST_STEPS = 24;
    private static final double LOOKS_A_FLUSH = 6.5;
    private static final double LEAST_COUNTS = 0.15;

    private final Accounts.Grounds grounds;
    private final Foretelling unlearned;
    private final Gaps gaps;
    private final List<TreeRecord> trees;
    private final Skies skies;
    private final int until;
    private final int every;
    private final double counts;
    private final List<Asked> asked = new ArrayList<>();
    private final List<Told> told = new ArrayList<>();
    private final Map<Integer, List<SkyDays>> lines = new HashMap<>();
    private final @Nullable Consumer<Foretold> listener;

    /**
     * What was foretold on a past look.
     *
     * @param day the day of the look, counted from the epoch
     * @param range in days after it
     * @param prior the middle had nothing been learned
     */
    public record Foretold(long plant, int day, Widths.Range range, double prior) {}

    /**
     * A range told on a past look, and what came.
     *
     * @param came the day of the swell, as likely as the looks around it tell, in days after the look
     * @param held how likely the range held it, 0 to 1
     * @param known the day on which it was seen to have come, counted from the epoch
     */
    public record Told(Foretold said, double came, double held, int known) {}

    /**
     * Goes through the past up to the evening of a day.
     *
     * @param until counted from the epoch; later looks are not read
     * @param most about so many looks are gone through, evenly over trees and time
     */
    public Hindcast(Accounts.Grounds grounds, List<TreeRecord> trees, Skies skies, int until, int most) {
        this(grounds, trees, skies, until, most, null);
    }

    /** The same, telling the listener of every look gone through, also where nobody saw what came. */
    Hindcast(
            Accounts.Grounds grounds,
            List<TreeRecord> trees,
            Skies skies,
            int until,
            int most,
            @Nullable Consumer<Foretold> listener) {
        this.listener = listener;
        this.grounds = grounds;
        this.trees = trees.stream().map(tree -> tree.until(until)).toList();
        this.skies = skies;
        this.unlearned = new Foretelling(Accounts.learn(grounds, List.of(), skies.past()));
        this.gaps = Gaps.of(this.trees, skies.past(), grounds);
        this.until = until;
        int looks = this.trees.stream().mapToInt(tree -> tree.looks().size()).sum();
        this.every = Math.max(1, (looks + most - 1) / most);
        this.counts = Math.min(1, Math.max(LEAST_COUNTS, every / LOOKS_A_FLUSH));
        int first = this.trees.stream()
                .filter(tree -> !tree.looks().isEmpty())
                .mapToInt(tree -> tree.looks().get(0).day())
                .min()
                .orElse(until);
        int step = Math.max(STEP_DAYS, (until - first) / MOST_STEPS);
        for (int now = first; now < until; now += step) {
            step(now, now + step);
        }
    }

    private void step(int now, int end) {
        List<Due> due = due(now, end);
        // What was known then is learned only where it is asked for.
        if (due.isEmpty()) {
            return;
        }
        Accounts accounts = Accounts.learn(
                grounds, trees.stream().map(tree -> tree.until(now)).toList(), skies.past());
        Lessons lessons = new Lessons(cases(now), Tails.of(told, counts, now), now);
        Foretelling foretelling = new Foretelling(accounts);
        due.forEach(one -> foretell(one.tree, one.day, lessons, foretelling));
    }

    /** A look to be gone through. */
    private record Due(TreeRecord tree, int day) {}

    private List<Due> due(int now, int end) {
        List<Due> due = new ArrayList<>();
        for (TreeRecord tree : trees) {
            for (int i = 0; i < tree.looks().size(); i++) {
                int day = tree.looks().get(i).day();
                if (day > now && day <= end && (i + tree.plant()) % every == 0) {
                    due.add(new Due(tree, day));
                }
            }
        }
        return due;
    }

    /**
     * A look gone through.
     *
     * @param came as it was seen later; none where it has not come to this day
     */
    private record Asked(TreeRecord tree, int day, Map<Account, double[][]> told, Optional<TreeRecord.Seen> came) {}

    // What was known on the evening of a day of what came of the looks before it.
    private List<LookCase> cases(int now) {
        List<LookCase> cases = new ArrayList<>();
        for (Asked one : asked) {
            Came known = one.came
                    .filter(seen -> seen.by() <= now)
                    .map(Came::between)
                    .orElseGet(() -> Came.notBy(lastLook(one.tree, now)));
            if (known.after() > one.day || !known.open()) {
                cases.add(new LookCase(one.tree.plant(), one.day, one.told, known, counts));
            }
        }
        return cases;
    }

    private static int lastLook(TreeRecord tree, int now) {
        int last = Integer.MIN_VALUE;
        for (TreeRecord.Look look : tree.looks()) {
            last = look.day() <= now ? look.day() : last;
        }
        return last;
    }

    private void foretell(TreeRecord tree, int day, Lessons lessons, Foretelling foretelling) {
        Optional<TreeRecord.Seen> came = tree.next(day);
        // Of a swell after one that nobody saw none can say how long it took, so it is no case.
        boolean hid = came.filter(seen -> gaps.hidAFlush(tree.plant(), seen)).isPresent();
        if (hid && listener == null) {
            return;
        }
        List<SkyDays> ahead = lines.computeIfAbsent(day, skies::from);
        TreeRecord then = tree.until(day);
        Map<Account, double[][]> chances = foretelling.of(then, foretelling.lines(ahead));
        Days days = lessons.together(tree.plant(), chances);
        Widths.Range range = lessons.widths().of(days);
        double prior = new Days(unlearned.of(Account.WARMTH, then, unlearned.lines(ahead.subList(0, 1)))).at(0.5);
        Foretold said = new Foretold(tree.plant(), day, range, prior);
        if (!hid) {
            asked.add(new Asked(tree, day, chances, came));
            came.ifPresent(seen -> {
                LookCase one = new LookCase(tree.plant(), day, chances, Came.between(seen), counts);
                // As the range was told, so it is held: by the corrected chances.
                DoubleUnaryOperator by = after -> lessons.widths().by(days, after);
                told.add(new Told(said, one.placed(by), one.held(by, range), seen.by()));
            });
        }
        if (listener != null) {
            listener.accept(said);
        }
    }

    /** What all of it taught. */
    public Lessons lessons() {
        return new Lessons(cases(until), Tails.of(told, counts, until), until);
    }

    /** Every range told, in the order of the looks. */
    public List<Told> told() {
        return told.stream()
                .sorted(Comparator.comparingInt((Told one) -> one.said().day())
                        .thenComparingLong(one -> one.said().plant()))
                .toList();
    }
}
