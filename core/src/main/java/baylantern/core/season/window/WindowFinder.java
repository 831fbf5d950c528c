package baylantern.core.season.window;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.FlushRules.WoodRule;
import baylantern.core.rules.Technique;
import baylantern.core.season.flush.DayRange;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Scores every coming day for grafting this wood on these stocks.
 *
 * <p>In each run of the weather stock and wood stand at some stage, the days after bring some healing and some danger;
 * the score of a day is stock × wood × healing × risk and its wicks are stock, wood, and healing against the site's best
 * month × risk. What is shown is the mean over the runs; the share of runs with all wicks lit is how sure it is.
 */
public final class WindowFinder {

    private final FlushRules rules;
    private final GraftSky sky;
    private final WoodRule woodRule;
    private final Readiness ready;

    /**
     * A finder for one species of wood.
     *
     * @param bark whether the technique needs slipping bark
     * @param pinchDays days from today until wood pinched today is ready
     */
    public WindowFinder(FlushRules rules, GraftSky sky, String woodSpecies, Technique.Bark bark, int pinchDays) {
        this.rules = rules;
        this.sky = sky;
        this.woodRule = rules.woodOf(woodSpecies);
        this.ready = new Readiness(rules, woodRule, bark, sky.years().runs(), pinchDays);
    }

    /**
     * What a pairing comes to by what was done so far: every day, the lit windows, the lamp of today; and what pinching
     * would do.
     *
     * @param planned every day as it is if its tips are pinched in time, for a plan that has them pinched
     */
    public record Found(
            List<WindowDay> days,
            List<GraftWindow> windows,
            Lamp lamp,
            List<WindowDay> planned,
            @Nullable Offer offer) {}

    /**
     * What pinching would do; it stands or falls with the pinching.
     *
     * @param pinchBy the last day on which to pinch for it
     * @param window the window it would open
     */
    public record Offer(LocalDate pinchBy, GraftWindow window) {}

    /** Scores every day of the sky for a pairing. */
    public Found find(Growth stock, Growth wood) {
        boolean[][] lit = new boolean[sky.years().runs()][sky.days()];
        List<WindowDay> scored = days(stock, wood, Doing.NOTHING, lit);
        List<GraftWindow> windows = windows(scored, lit);
        boolean[][] litThen = new boolean[sky.years().runs()][sky.days()];
        List<WindowDay> planned = days(stock, wood, Doing.PINCH, litThen);
        return new Found(
                scored,
                windows,
                new LampWords(rules, sky, woodRule).lamp(stock, wood, scored.get(0)),
                planned,
                offer(windows(planned, litThen), windows));
    }

    /** Whether stocks and wood will meet, and what could be done for it. */
    public Meeting meeting(Growth stock, Growth wood) {
        return new MeetingFinder(rules, sky, ready).of(stock, wood);
    }

    private List<WindowDay> days(Growth stock, Growth wood, Doing doing, boolean[][] lit) {
        List<WindowDay> scored = new ArrayList<>();
        for (int t = 0; t < sky.days(); t++) {
            scored.add(day(stock, wood, t, doing, lit));
        }
        return List.copyOf(scored);
    }

    // The first window that only pinching opens, if it comes before any that opens by itself.
    private @Nullable Offer offer(List<GraftWindow> then, List<GraftWindow> windows) {
        LocalDate own = windows.isEmpty() ? LocalDate.MAX : windows.get(0).first();
        return then.stream()
                .filter(window -> window.pinched() && window.first().isBefore(own))
                .findFirst()
                .map(window -> new Offer(window.first().minusDays(ready.pinchDays()), window))
                .orElse(null);
    }

    private WindowDay day(Growth stock, Growth wood, int t, Doing doing, boolean[][] lit) {
        LocalDate day = sky.years().first().plusDays(t);
        int runs = sky.years().runs();
        double from = rules.value(FigureName.LIT_FROM);
        Readiness.OnDay on = ready.on(stock, wood, day, t, doing);
        Readiness.OnDay plain = ready.on(stock, wood, day, t, Doing.NOTHING);
        double[] sums = new double[6];
        int[] litRuns = new int[4];
        int natural = 0;
        for (int run = 0; run < runs; run++) {
            double stockPart = on.stock(run);
            double woodPart = on.wood(run);
            double weather = sky.relative(run, t) * sky.safety(run, t);
            boolean fair = sky.fair(run, t, from);
            lit[run][t] = stockPart >= from && woodPart >= from && fair;
            litRuns[0] += stockPart >= from ? 1 : 0;
            litRuns[1] += woodPart >= from ? 1 : 0;
            litRuns[2] += fair ? 1 : 0;
            litRuns[3] += lit[run][t] ? 1 : 0;
            natural += on.offered() && plain.wood(run) >= from ? 1 : 0;
            add(
                    sums,
                    stockPart,
                    woodPart,
                    sky.healing(run, t),
                    sky.safety(run, t),
                    weather,
                    stockPart * woodPart * sky.healing(run, t) * sky.safety(run, t));
        }
        for (int i = 0; i < sums.length; i++) {
            sums[i] /= runs;
        }
        double line = rules.value(FigureName.LIT_CHANCE);
        double share = litRuns[3] / (double) runs;
        return new WindowDay(
                day,
                sums[0],
                sums[1],
                sums[2],
                sums[3],
                sums[4],
                sums[5],
                new WindowDay.Chance(
                        litRuns[0] / (double) runs, litRuns[1] / (double) runs, litRuns[2] / (double) runs, share),
                share >= line,
                on.offered() && natural < line * runs);
    }

    private static void add(double[] sums, double... parts) {
        for (int i = 0; i < sums.length; i++) {
            sums[i] += parts[i];
        }
    }

    private List<GraftWindow> windows(List<WindowDay> days, boolean[][] lit) {
        List<GraftWindow> found = new ArrayList<>();
        int begun = -1;
        for (int t = 0; t <= days.size(); t++) {
            boolean on = t < days.size() && days.get(t).lit();
            if (on && begun < 0) {
                begun = t;
            } else if (!on && begun >= 0) {
                found.add(window(days, begun, t - 1, lit));
                begun = -1;
            }
        }
        return List.copyOf(found);
    }

    private GraftWindow window(List<WindowDay> days, int first, int last, boolean[][] lit) {
        WindowDay best = days.get(first);
        for (WindowDay day : days.subList(first, last + 1)) {
            best = day.score() > best.score() ? day : best;
        }
        return new GraftWindow(
                days.get(first).day(),
                best.day(),
                days.get(last).day(),
                ends(days, sky.years().ahead(best.day()), last, lit),
                best.chance().lit(),
                best.pinched());
    }

    // In every run lit on the best day: how long it stays so.
    private DayRange ends(List<WindowDay> days, int best, int last, boolean[][] lit) {
        int[] ends = new int[lit.length];
        int count = 0;
        for (boolean[] run : lit) {
            if (run[best]) {
                int end = best;
                while (end + 1 < run.length && run[end + 1]) {
                    end++;
                }
                ends[count++] = end;
            }
        }
        if (count == 0) {
            LocalDate only = days.get(last).day();
            return new DayRange(only, only, only);
        }
        int[] sorted = java.util.Arrays.copyOf(ends, count);
        java.util.Arrays.sort(sorted);
        return DayRange.of(sorted, sky.years().first(), days.size() - 1);
    }

    /** A day among others, null where it is not. */
    public static @Nullable WindowDay on(List<WindowDay> days, LocalDate day) {
        return days.stream().filter(d -> d.day().equals(day)).findFirst().orElse(null);
    }
}
