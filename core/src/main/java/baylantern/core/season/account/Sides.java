package baylantern.core.season.account;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.DayRange;
import baylantern.core.season.flush.Stages;
import baylantern.core.season.flush.Swell;
import baylantern.core.season.flush.Swells;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.apache.commons.statistics.distribution.TruncatedNormalDistribution;
import org.jspecify.annotations.Nullable;

/**
 * How long after the sunny side of a canopy the shaded one swells, learned on two levels, see {@link Levels}, from the
 * looks that told them apart. A look shows how far each side has come on the way from swell to swell; stages are coarse,
 * but what one look hides the next shows too much of, so that over many the difference is right.
 */
public final class Sides {

    private static final double FARM_SPREAD = 4;
    private static final double PLANT_SPREAD = 3;
    /** How far one flush lies from another. */
    private static final double FLUSH_SPREAD = 4;
    /** How far one look lies from another, days: mostly that stages are coarse. */
    private static final double LOOK_SPREAD = 10;
    /** The whole begins so long after its first side at the most: a fifth of it is two fifths of that. */
    private static final double WHOLE_DAYS = 2;

    private static final double WHOLE_SPREAD = 2;
    /** So long after the sunny side the shaded one may still be waited for, days. */
    private static final int MOST_APART = 45;

    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);

    private final double threshold;
    private final Levels looks;

    private Sides(double threshold, Levels looks) {
        this.threshold = threshold;
        this.looks = looks;
    }

    /**
     * The two sides of a tree.
     *
     * @param days so long after the sunny side the shaded one swells, days; negative where it is the first
     * @param spread how far the next flush may lie from that, days
     * @param own looks at this tree that told them apart, and {@code farm} at all trees of the species
     * @param sunny when the sunny side swells next; null where it has begun already what is next for the whole
     * @param shaded when the shaded side does
     * @param following whether that is still the flush which the sunny side has begun
     */
    public record Apart(
            double days,
            double spread,
            int own,
            int farm,
            @Nullable DayRange sunny,
            DayRange shaded,
            boolean following) {}

    /** Learns from the notes of trees of one species, by tree. */
    public static Sides learn(FlushRules rules, Accounts accounts, Map<Long, List<BudNote>> trees) {
        List<Levels.Value> looks = new ArrayList<>();
        trees.forEach((plant, notes) -> {
            double between = accounts.usualDays(plant);
            for (BudNote note : notes) {
                CanopyShares shade = note.shade();
                if (shade != null) {
                    looks.add(new Levels.Value(plant, between * ahead(accounts.stages(), note.sun(), shade), 0));
                }
            }
        });
        Levels.Prior prior = new Levels.Prior(
                rules.value(FigureName.SHADE_DAYS), FARM_SPREAD, PLANT_SPREAD, LOOK_SPREAD, Double.POSITIVE_INFINITY);
        return new Sides(rules.value(FigureName.SWELL_SHARE), new Levels(prior, looks));
    }

    // How much farther one side is than the other on the way from swell to swell, −½ to ½ of it.
    private static double ahead(Stages stages, CanopyShares one, CanopyShares other) {
        double ahead = way(stages, one) - way(stages, other);
        return ahead - Math.rint(ahead);
    }

    // Where the twigs stand on the mean; those that rest stand before those that swell, where there are both.
    private static double way(Stages stages, CanopyShares canopy) {
        boolean begins = canopy.active() > 0 && canopy.of(BudStage.M) + canopy.of(BudStage.R) > 0;
        return canopy.present().stream()
                .mapToDouble(stage -> canopy.of(stage) * (stages.middle(stage) - (begins && !stage.active() ? 1 : 0)))
                .sum();
    }

    /**
     * When the sides of a tree swell; empty where its notes tell none apart.
     *
     * @param next the next swell of the whole canopy as it is foretold on the day {@code today}
     */
    public Optional<Apart> of(long plant, List<BudNote> notes, DayRange next, LocalDate today) {
        if (notes.stream().allMatch(note -> note.shade() == null)) {
            return Optional.empty();
        }
        Levels.Belief look = looks.next(plant);
        double days = look.mean();
        double spread = Math.sqrt(Math.max(0, look.spread() * look.spread() - looks.scatter() * looks.scatter())
                + FLUSH_SPREAD * FLUSH_SPREAD);
        double whole = Math.min(days, 0) + Math.min(WHOLE_DAYS, Math.abs(days));
        BudNote last = Collections.max(notes, Comparator.comparing(BudNote::day));
        DayRange waited = oneHasBegun(last) ? following(notes, last, days, spread) : null;
        // What should have come by now is not waited for any more.
        DayRange following = waited != null && isTo(waited, today) ? waited : null;
        boolean wholeToo = last.canopy().active() >= threshold;
        return Optional.of(new Apart(
                days,
                spread,
                look.own(),
                looks.seen(),
                following == null || wholeToo ? moved(next, -whole, WHOLE_SPREAD) : null,
                following != null ? following : moved(next, days - whole, Math.hypot(spread, WHOLE_SPREAD)),
                following != null));
    }

    // The sunny side has begun and the shaded one was seen at rest.
    private boolean oneHasBegun(BudNote look) {
        CanopyShares shade = look.shade();
        return shade != null
                && look.sun().active() >= threshold
                && shade.active() < threshold
                && shade.leading().rests();
    }

    private static boolean isTo(DayRange range, LocalDate today) {
        LocalDate high = range.high();
        return high != null && !today.isAfter(high);
    }

    // It follows after the look that saw it so.
    private @Nullable DayRange following(List<BudNote> notes, BudNote last, double days, double spread) {
        List<Swell> sunny = Swells.in(
                notes.stream().map(note -> BudNote.of(note.day(), note.sun())).toList(), threshold);
        if (sunny.isEmpty()) {
            return null;
        }
        Swell begun = sunny.get(sunny.size() - 1);
        double looked = ChronoUnit.DAYS.between(begun.day(), last.day());
        if (looked > MOST_APART) {
            return null;
        }
        double wide = Math.hypot(spread, begun.halfGapDays() / Math.sqrt(3));
        var left = TruncatedNormalDistribution.of(days, wide, looked, Math.max(looked, days) + 6 * wide);
        return new DayRange(
                later(begun.day(), left.inverseCumulativeProbability(0.1)),
                later(begun.day(), left.inverseCumulativeProbability(0.5)),
                later(begun.day(), left.inverseCumulativeProbability(0.9)));
    }

    private static LocalDate later(LocalDate from, double days) {
        return from.plusDays(Math.round(days));
    }

    // What moves it is not known exactly either: the ends go out as two spreads add up.
    private static DayRange moved(DayRange range, double days, double spread) {
        LocalDate mid = range.mid();
        if (mid == null) {
            return range;
        }
        double end = NORMAL.inverseCumulativeProbability(0.9) * spread;
        return new DayRange(wider(range.low(), mid, days, -end), later(mid, days), wider(range.high(), mid, days, end));
    }

    private static @Nullable LocalDate wider(@Nullable LocalDate end, LocalDate mid, double days, double more) {
        return end == null
                ? null
                : later(mid, days + Math.copySign(Math.hypot(ChronoUnit.DAYS.between(mid, end), more), more));
    }
}
