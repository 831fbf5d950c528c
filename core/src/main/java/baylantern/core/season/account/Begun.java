package baylantern.core.season.account;

import baylantern.core.rules.BudStage;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * On which days the flush under way may have begun, each with a weight: between the two looks that bracket the last
 * swell, or after one that nobody saw, or, where no swell was ever seen, any day that fits the stage.
 */
final class Begun {

    private static final int IN_GAP = 5;
    static final int STEP_DAYS = 6;
    // Fine enough for the shortest stage.
    private static final int ALONE_STEP_DAYS = 3;
    private static final int LONGEST_DAYS = 420;
    // Who overlooked it once is likely to overlook it again.
    private static final double STILL_UNSEEN = 0.8;
    private static final double UNLIKELY = 0.5;
    private static final double LEAST = 1e-3;
    private static final double YOUNG = 0.45;
    private static final double GROWN = 0.7;
    private static final int QUICKEST_DAYS = 45;

    private final Accounts accounts;
    private final TreeRecord tree;
    private final double usual;

    Begun(Accounts accounts, TreeRecord tree) {
        this.accounts = accounts;
        this.tree = tree;
        this.usual = accounts.usualWarmth(tree.plant());
    }

    /** A day and its weight; {@code after} the swell before it where it is one that went unseen, else the day itself. */
    record Day(int day, double weight, int after) {

        /** True for one that nobody saw: what the looks say against it stands in its weight. */
        boolean unseen() {
            return after < day;
        }
    }

    /** The days, judged on the evening of the last look; the tree must have been looked at. */
    List<Day> days(SkyDays sky) {
        int now = tree.looks().get(tree.looks().size() - 1).day();
        if (tree.swells().isEmpty()) {
            return alone(sky, now);
        }
        TreeRecord.Seen last = tree.swells().get(tree.swells().size() - 1);
        List<Day> days = within(last, sky);
        int middle = last.day();
        for (int day = middle + QUICKEST_DAYS; day <= now; day += STEP_DAYS) {
            double against = against(day, sky);
            if (against > LEAST) {
                days.add(new Day(day, against, middle));
            }
        }
        return days;
    }

    private List<Day> within(TreeRecord.Seen swell, SkyDays sky) {
        List<Day> days = new ArrayList<>();
        int gap = swell.by() - swell.after();
        int parts = Math.max(1, Math.min(IN_GAP, gap));
        double sum = 0;
        TreeRecord.@Nullable Look look = lookOn(swell.by());
        for (int i = 0; i < parts; i++) {
            int day = swell.after() + 1 + (int) Math.floor((i + 0.5) * gap / parts);
            day = Math.min(day, swell.by());
            double likely = look == null
                    ? 1
                    : accounts.canopy().likely(look.canopy(), (sky.warmth(swell.by()) - sky.warmth(day)) / usual);
            days.add(new Day(day, likely, day));
            sum += likely;
        }
        double all = sum;
        return new ArrayList<>(
                days.stream().map(d -> new Day(d.day, d.weight / all, d.day)).toList());
    }

    private TreeRecord.@Nullable Look lookOn(int day) {
        for (int i = tree.looks().size() - 1; i >= 0; i--) {
            if (tree.looks().get(i).day() == day) {
                return tree.looks().get(i);
            }
        }
        return null;
    }

    private List<Day> alone(SkyDays sky, int now) {
        List<Day> days = new ArrayList<>();
        for (int day = now; day > now - LONGEST_DAYS; day -= ALONE_STEP_DAYS) {
            days.add(new Day(day, against(day, sky), day));
        }
        return days;
    }

    // Looks that showed rest or old leaves where a young flush should have stood speak against its having begun.
    private double against(int day, SkyDays sky) {
        double weight = 1;
        for (int i = tree.looks().size() - 1; i >= 0 && tree.looks().get(i).day() > day; i--) {
            TreeRecord.Look look = tree.looks().get(i);
            double way = (sky.warmth(look.day()) - sky.warmth(day)) / usual;
            BudStage stage = look.canopy().leading();
            if (way < YOUNG && stage.rests()) {
                weight *= weight == 1 ? accounts.unseen() : STILL_UNSEEN;
            } else if (way > GROWN && !stage.rests()) {
                weight *= UNLIKELY;
            }
        }
        return weight;
    }
}
