package baylantern.app.trial;

import baylantern.core.care.GraftState;
import baylantern.core.care.GraftState.Outcome;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/** A graft of a trial: to be made, left out, or made. */
record TurnRow(long trialId, long jobId, int pair, boolean firstWay, boolean refused, long lotId, Made made) {

    /** The graft once it is made. */
    record Made(
            @Nullable Long graftId,
            @Nullable String code,
            @Nullable Long by,
            @Nullable GraftState state) {}

    /** As the store tells it. */
    @AutomapConstructor
    TurnRow(
            long trialId,
            long jobId,
            int pair,
            boolean firstWay,
            boolean refused,
            long lotId,
            @Nullable Long graftId,
            @Nullable String code,
            @Nullable Long doneBy,
            @Nullable GraftState state) {
        this(trialId, jobId, pair, firstWay, refused, lotId, new Made(graftId, code, doneBy, state));
    }

    boolean decided() {
        return ended(Outcome.TAKEN) || ended(Outcome.FAILED);
    }

    boolean took() {
        return ended(Outcome.TAKEN);
    }

    boolean lost() {
        return ended(Outcome.LOST);
    }

    /** Whether it counts, or may come to. */
    boolean counts() {
        return made.state() == null ? !refused : !lost();
    }

    private boolean ended(Outcome outcome) {
        return made.state() != null && made.state().outcome() == outcome;
    }
}
