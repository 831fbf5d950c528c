package baylantern.core.care;

import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A graft's life read from its looks. It only moves forward; a look that shows less than is known already is kept and
 * changes nothing, unless it is marked as a correction. One that tells nothing of its life changes nothing either. A graft
 * alive in leaf at a look {@code establishedAfter} healing days or more after grafting, or at any living look after its
 * second flush, counts as established.
 */
public final class GraftLife {

    private final LocalDate madeOn;
    private final List<Step> steps;

    private GraftLife(LocalDate madeOn, List<Step> steps) {
        this.madeOn = madeOn;
        this.steps = steps;
    }

    /** A look and the life it led to. */
    public record Step(Look look, GraftState before, GraftState after) {}

    /**
     * Reads the looks in the order given, which is the order they were seen in.
     *
     * @param establishedAfter healing days
     */
    public static GraftLife of(LocalDate madeOn, List<Look> looks, HealingClock clock, double establishedAfter) {
        List<Step> steps = new ArrayList<>();
        GraftState state = GraftState.MADE;
        for (Look look : looks) {
            boolean old = clock.between(madeOn, look.seenOn()) >= establishedAfter;
            GraftState next = next(state, look, old);
            steps.add(new Step(look, state, next));
            state = next;
        }
        return new GraftLife(madeOn, List.copyOf(steps));
    }

    private static GraftState next(GraftState state, Look look, boolean old) {
        if (!look.sign().ofItsLife()) {
            return state;
        }
        GraftState shown = look.sign().shows();
        if (look.correction()) {
            return ripened(shown, look.sign(), old);
        }
        if (!state.live()) {
            return state;
        }
        if (shown == GraftState.FAILED || shown == GraftState.LOST) {
            return shown;
        }
        boolean secondSeenBefore =
                state == GraftState.SECOND_FLUSH && look.sign().living();
        GraftState further = shown.ordinal() > state.ordinal() ? shown : state;
        return ripened(further, look.sign(), old || secondSeenBefore);
    }

    private static GraftState ripened(GraftState state, Sign sign, boolean oldEnough) {
        boolean inLeaf = state.atLeast(GraftState.LEAFED) && !state.atLeast(GraftState.ESTABLISHED);
        return inLeaf && oldEnough && sign.living() ? GraftState.ESTABLISHED : state;
    }

    /** The life now. */
    public GraftState state() {
        return steps.isEmpty() ? GraftState.MADE : steps.get(steps.size() - 1).after();
    }

    /** The life as it was known at the end of a day. */
    public GraftState stood(LocalDate day) {
        GraftState state = GraftState.MADE;
        for (Step step : steps) {
            state = step.look().seenOn().isAfter(day) ? state : step.after();
        }
        return state;
    }

    /** Every look with the life before and after it. */
    public List<Step> steps() {
        return steps;
    }

    /** The last look, empty where nobody has looked yet. */
    public Optional<Look> lastLook() {
        return steps.isEmpty()
                ? Optional.empty()
                : Optional.of(steps.get(steps.size() - 1).look());
    }

    /** The day this life was first reached and has held since, empty where it has not. */
    public Optional<LocalDate> reached(GraftState state) {
        return Optional.ofNullable(reachedBy(state)).map(this::dayOf);
    }

    /** Which look first showed this life that has held since: −1 for one it was made with, null where none has. */
    @Nullable
    Integer reachedBy(GraftState state) {
        if (state == GraftState.MADE) {
            return -1;
        }
        Integer by = null;
        for (int i = 0; i < steps.size(); i++) {
            by = !steps.get(i).after().atLeast(state) ? null : by == null ? (Integer) i : by;
        }
        return by;
    }

    /** Which look found it, the last one where only that counts; null where none has. */
    @Nullable
    Integer foundBy(Trace trace) {
        Integer by = null;
        for (int i = 0; i < steps.size(); i++) {
            boolean here = steps.get(i).look().found().contains(trace);
            by = here && (by == null || trace.again()) ? (Integer) i : by;
        }
        return by;
    }

    /** True where any look found it. */
    public boolean found(Trace trace) {
        return foundBy(trace) != null;
    }

    /** The day of a look by its place in the steps, the day of making for −1. */
    LocalDate dayOf(int step) {
        return step < 0 ? madeOn : steps.get(step).look().seenOn();
    }

    /** The lengths that were measured, oldest first; one that a later look takes back by a correction is left out. */
    public List<ScionGrowth.Length> lengths() {
        List<ScionGrowth.Length> lengths = new ArrayList<>();
        for (Step step : steps) {
            Double mm = step.look().lengthMm();
            if (step.look().correction() && mm != null && !lengths.isEmpty()) {
                lengths.removeIf(before -> before.mm() > mm);
            }
            if (mm != null) {
                lengths.add(new ScionGrowth.Length(step.look().seenOn(), mm));
            }
        }
        return List.copyOf(lengths);
    }

    /** True where this sign can only be told of a graft in this state as a correction. */
    public static boolean needsCorrection(GraftState state, Sign sign) {
        return !state.live() && sign.shows() != state;
    }
}
