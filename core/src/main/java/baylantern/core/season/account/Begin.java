package baylantern.core.season.account;

import baylantern.core.rules.BudStage;
import baylantern.core.season.account.Accounts.Line;
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
    private static final double ANOTHER_STAGE = 1e-6;

    private final Accounts accounts;
    private final OnLook look;
    private final Line line;
    private final Map<Account, double[]> weights = new EnumMap<>(Account.class);

    Begin(Accounts accounts, OnLook look, Line line) {
        this.accounts = accounts;
        this.look = look;
        this.line = line;
    }

    /**
     * A day, counted from the epoch.
     *
     * @param leads the account by which the next swell was told
     * @param after days from the last look to the next swell, above 0
     * @param chance drawn, 0 to 1
     */
    public int day(Account leads, double after, double chance) {
        Account account = leads == Account.DATES ? leads : Account.WARMTH;
        int next = look.now() + Math.max(1, (int) Math.round(after));
        double[] weighs = weights.computeIfAbsent(account, this::weighed);
        double[] fits = new double[weighs.length];
        double sum = 0;
        for (int i = 0; i < fits.length; i++) {
            fits[i] = weighs[i] == 0 ? 0 : weighs[i] * fit(account, look.begun().get(i), next);
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
    private double fit(Account account, Begun.Day day, int next) {
        int begun = day.day();
        double[] sums = new double[2];
        int ahead = next - look.now();
        Onward onward = new Onward(line, look.now(), new int[] {ahead - 1, ahead});
        int reckoned = accounts.rates(account, look.hand(), begun, onward, sums);
        double chance = Math.exp(-sums[0]) - Math.exp(-sums[reckoned - 1]);
        boolean anywhere = account == Account.DATES && look.hides(day);
        double from = line.sky().warmth(begun);
        double whole = line.sky().warmth(next) - from;
        double way = whole <= 0 ? 0 : (line.sky().warmth(look.now()) - from) / whole;
        return (chance + LEAST) * (anywhere || shows(accounts.stages().at(way)) ? 1 : ANOTHER_STAGE);
    }

    // Mature and resting look alike.
    private boolean shows(BudStage stage) {
        return stage == look.stage() || (stage.rests() && look.stage().rests());
    }
}
