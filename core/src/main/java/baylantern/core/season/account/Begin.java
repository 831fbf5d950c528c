package baylantern.core.season.account;

import baylantern.core.rules.BudStage;
import baylantern.core.season.account.Accounts.Line;
import baylantern.core.season.flush.Course;
import java.util.EnumMap;
import java.util.Map;

/**
 * The day on which the flush under way began, given when the next swell comes: drawn by the account of warmth among days
 * that put the tree into the stage it was seen in, so that what is told of today is what was seen. Where dates of other
 * years lead, they tell themselves when it began: a date that passed at rest is likelier one at which a flush went unseen
 * than one that the tree let pass, and then the tree stands where that flush has brought it.
 */
public final class Begin {

    private static final double LEAST = 1e-5;
    private static final double NEXT_STAGE = 0.05;
    private static final double ANOTHER_STAGE = 1e-6;
    private static final int STAGES = BudStage.values().length;
    // So few looks at plants at rest find a twig that swells: it is one of the first, on one of the last days of rest.
    private static final double SWELLS_AT_REST = 0.004;

    private final Accounts accounts;
    private final Course course;
    private final OnLook look;
    private final Line line;
    private final Map<Account, double[]> weights = new EnumMap<>(Account.class);

    Begin(Accounts accounts, Course course, OnLook look, Line line) {
        this.accounts = accounts;
        this.course = course;
        this.look = look;
        this.line = line;
    }

    /**
     * A day, counted from the epoch.
     *
     * @param leads the account by which the next swell was told
     * @param after days from the last look to the next swell, above 0
     * @param chance drawn, 0 to 1
     * @param longer how much longer this flush takes to ripen than others, 1 as long
     */
    public int day(Account leads, double after, double chance, double longer) {
        Account account = leads == Account.DATES ? leads : Account.WARMTH;
        int next = look.now() + Math.max(1, (int) Math.round(after));
        double[] weighs = weights.computeIfAbsent(account, this::weighed);
        double[] fits = new double[weighs.length];
        double sum = 0;
        for (int i = 0; i < fits.length; i++) {
            fits[i] = weighs[i] == 0 ? 0 : weighs[i] * fit(account, look.begun().get(i), next, longer);
            sum += fits[i];
        }
        double left = chance * sum;
        int at = 0;
        while (at + 1 < fits.length && left >= fits[at]) {
            left -= fits[at];
            at++;
        }
        return look.begun().get(at).day();
    }

    private double[] weighed(Account account) {
        return look.begun().stream()
                .mapToDouble(day -> look.weight(account, day))
                .toArray();
    }

    // How well a swell then, the look, and the next swell go together.
    private double fit(Account account, Begun.Day day, int next, double longer) {
        int begun = day.day();
        double[] sums = new double[2];
        int ahead = next - look.now();
        Onward onward = new Onward(line, look.now(), new int[] {ahead - 1, ahead});
        int reckoned = accounts.rates(account, look.hand(), begun, onward, sums);
        double chance = Math.exp(-sums[0]) - Math.exp(-sums[reckoned - 1]);
        boolean anywhere = account == Account.DATES && look.hides(day);
        double from = line.sky().warmth(begun);
        double gone = line.sky().warmth(look.now()) - from;
        BudStage stands = course.at(gone / longer, line.sky().warmth(next) - from);
        return (chance + LEAST) * (anywhere ? 1 : likely(stands));
    }

    // Mature and resting look alike; a twig that was looked at alone may be a stage before or behind the most.
    private double likely(BudStage stands) {
        if (stands == look.stage() || (stands.rests() && look.stage().rests())) {
            return 1;
        }
        if (look.stage() == BudStage.S && stands == BudStage.R) {
            return SWELLS_AT_REST;
        }
        int apart = Math.abs(stands.ordinal() - look.stage().ordinal());
        return apart == 1 || apart == STAGES - 1 ? NEXT_STAGE : ANOTHER_STAGE;
    }
}
