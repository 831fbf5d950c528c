package baylantern.core.season.window;

import baylantern.core.rules.BudStage;
import baylantern.core.season.flush.Outlook;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Stocks, or parents of wood, as one: the outlooks of the plants watched among them.
 *
 * @param name as a grower says it, for instance "Shade House stocks"
 * @param floweringUntil in flower up to this day, null where it is not
 * @param flowersLikely days on which it flowered in other years, for a warning
 * @param pinched shoots that were pinched and have not been cut
 * @param shelf cut wood that lies in the stores
 * @param barred why none may be taken from the plants, null where it may; then the outlooks are of the others
 */
public record Growth(
        String name,
        List<Outlook> outlooks,
        @Nullable LocalDate floweringUntil,
        List<LocalDate> flowersLikely,
        List<Pinched> pinched,
        List<Shelved> shelf,
        @Nullable String barred) {

    /** Nothing pinched, nothing cut, all free. */
    public Growth(
            String name, List<Outlook> outlooks, @Nullable LocalDate floweringUntil, List<LocalDate> flowersLikely) {
        this(name, outlooks, floweringUntil, flowersLikely, List.of(), List.of(), null);
    }

    /** Pinched shoots that serve on a day. */
    public List<Pinched> pinchedReady(LocalDate day) {
        return pinched.stream().filter(shoots -> shoots.ready(day)).toList();
    }

    /** True where nothing of them is watched, so that nothing can be said. */
    public boolean unwatched() {
        return outlooks.isEmpty();
    }

    /** Mean over the plants of a score laid out by stage, in one run so many days ahead. */
    double score(double[] byStage, int run, int ahead) {
        double sum = 0;
        for (Outlook outlook : outlooks) {
            sum += byStage[outlook.stage(run, ahead).ordinal()];
        }
        return outlooks.isEmpty() ? 0 : sum / outlooks.size();
    }

    /** The stage most plants and runs agree on, so many days ahead. */
    public Outlook.Likely likeliest(int ahead) {
        double[] shares = new double[BudStage.values().length];
        for (Outlook outlook : outlooks) {
            for (int run = 0; run < outlook.runs(); run++) {
                shares[outlook.stage(run, ahead).ordinal()] += 1.0 / outlook.runs() / outlooks.size();
            }
        }
        int best = 0;
        for (int i = 1; i < shares.length; i++) {
            best = shares[i] > shares[best] ? i : best;
        }
        return new Outlook.Likely(BudStage.values()[best], shares[best]);
    }

    /** True where it is in flower on a day. */
    public boolean flowering(LocalDate day) {
        return floweringUntil != null && !day.isAfter(floweringUntil);
    }
}
