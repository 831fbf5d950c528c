package baylantern.core.season.flush;

import baylantern.core.rules.BudStage;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What a plant's buds will do in every run of the weather. */
public final class Outlook {

    /** How many flushes ahead are told. */
    public static final int FLUSHES = 3;

    private static final double PASSED_SHARE = 0.8;
    private static final BudStage[] STAGES = BudStage.values();

    private final WarmthRuns warmth;
    private final Course course;
    private final double[][] swells;
    private final double[] longer;
    private final boolean fromStageAlone;
    private final Map<Integer, int[]> sorted = new ConcurrentHashMap<>();
    private volatile byte @Nullable [][] shown;

    /**
     * Of runs of the weather.
     *
     * @param swells for each run the warmth at which swells come, rising; the first is the swell of the flush seen last
     * @param longer for each run how much longer a flush takes to ripen than its course has it, 1 as long
     */
    public Outlook(WarmthRuns warmth, Course course, double[][] swells, double[] longer, boolean fromStageAlone) {
        this.warmth = warmth;
        this.course = course;
        this.swells = swells;
        this.longer = longer;
        this.fromStageAlone = fromStageAlone;
    }

    /** True where the last swell is not known or does not fit, so that the stage seen last is all there is to go by. */
    public boolean fromStageAlone() {
        return fromStageAlone;
    }

    /**
     * Flushes that have passed since the plant was last looked at. The first counts only where nearly every run has it: one
     * that may or may not have come is still the next, and its range begins in the past. Of those after it most runs say.
     */
    public int unseen() {
        int k = 1;
        while (k < shortest() && ahead(k)[(int) ((k == 1 ? PASSED_SHARE : 0.5) * (swells.length - 1))] < 0) {
            k++;
        }
        return k - 1;
    }

    private int shortest() {
        return Arrays.stream(swells).mapToInt(run -> run.length).min().orElse(0);
    }

    private int medianAhead(int k) {
        int[] days = ahead(k);
        return days[days.length / 2];
    }

    /** The next three swells, in order; fewer where the forecast does not reach so far. */
    public List<DayRange> next() {
        int from = unseen() + 1;
        return IntStream.range(from, Math.min(from + FLUSHES, shortest()))
                .mapToObj(k -> DayRange.of(ahead(k), warmth.first(), warmth.days()))
                .toList();
    }

    private int[] ahead(int k) {
        return sorted.computeIfAbsent(k, this::reckonAhead);
    }

    private int[] reckonAhead(int k) {
        int[] days = new int[swells.length];
        for (int run = 0; run < days.length; run++) {
            days[run] = warmth.reached(run, swells[run][k]);
        }
        Arrays.sort(days);
        return days;
    }

    /** Days from today to the next swell in every run, negative where it has come unseen. */
    public int[] nextAhead() {
        int[] days = new int[swells.length];
        for (int run = 0; run < days.length; run++) {
            days[run] = warmth.reached(run, swells[run][1]);
        }
        return days;
    }

    /** The chance, day by day from today, that the next swell comes, 0 to 1; smoothed over five days. */
    public double[] near(int days) {
        double[] chances = new double[days];
        int[] smooth = {1, 2, 3, 2, 1};
        for (int ahead : ahead(1)) {
            for (int i = 0; i < smooth.length; i++) {
                int day = Math.max(0, ahead + i - 2);
                if (ahead >= 0 && day < days) {
                    chances[day] += smooth[i] / 9.0 / swells.length;
                }
            }
        }
        return chances;
    }

    /** The middle day of the swell seen last, where it had to be guessed from the stage. */
    LocalDate begun() {
        return warmth.first().plusDays(medianAhead(0));
    }

    /** The middle days of all swells to come within the reach of the forecast, those unseen in the past too. */
    List<LocalDate> middles() {
        return IntStream.range(1, shortest())
                .map(this::medianAhead)
                .filter(ahead -> ahead < warmth.days())
                .mapToObj(ahead -> warmth.first().plusDays(ahead))
                .toList();
    }

    // The swell that comes next, looked for from one that is known not to lie behind it.
    private static int between(double[] swells, int from, double now) {
        int k = from;
        while (k < swells.length - 1 && swells[k] <= now) {
            k++;
        }
        return k;
    }

    /** The stage in one run so many days after the first. */
    public BudStage stage(int run, int ahead) {
        return STAGES[shown()[run][Math.min(ahead, warmth.days())]];
    }

    // Asked for each run and day by every pairing the plant stands in, so it is kept; worked out twice it is the same.
    private byte[][] shown() {
        byte[][] known = shown;
        if (known == null) {
            known = new byte[swells.length][warmth.days() + 1];
            for (int run = 0; run < known.length; run++) {
                int k = 1;
                for (int ahead = 0; ahead < known[run].length; ahead++) {
                    double now = warmth.at(run, ahead);
                    k = between(swells[run], k, now);
                    known[run][ahead] = (byte) stage(run, k, now).ordinal();
                }
            }
            shown = known;
        }
        return known;
    }

    private BudStage stage(int run, int next, double now) {
        double begun = swells[run][next - 1];
        return course.at((now - begun) / longer[run], swells[run][next] - begun);
    }

    /** The stage most runs agree on, and how many of them, 0 to 1. */
    public Likely likeliest(int ahead) {
        int[] counts = new int[BudStage.values().length];
        for (int run = 0; run < swells.length; run++) {
            counts[stage(run, ahead).ordinal()]++;
        }
        int best = 0;
        for (int i = 1; i < counts.length; i++) {
            best = counts[i] > counts[best] ? i : best;
        }
        return new Likely(BudStage.values()[best], counts[best] / (double) swells.length);
    }

    /** Share of runs in which the plant is swelling, pushing or flushing. */
    public double activeShare(int ahead) {
        int active = 0;
        for (int run = 0; run < swells.length; run++) {
            active += stage(run, ahead).active() ? 1 : 0;
        }
        return active / (double) swells.length;
    }

    /** How many runs, and days ahead, there are. */
    public int runs() {
        return swells.length;
    }

    /** How many days ahead there are. */
    public int days() {
        return warmth.days();
    }

    /**
     * A stage and how sure it is.
     *
     * @param share of the runs, 0 to 1
     */
    public record Likely(BudStage stage, double share) {}
}
