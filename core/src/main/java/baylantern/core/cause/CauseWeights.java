package baylantern.core.cause;

import baylantern.core.care.Trace;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The causes of a failure with their weights.
 *
 * @param weights heaviest first; their shares are 1 in all
 * @param next the sign that tells most if it is looked for now, null where none would tell anything
 */
public record CauseWeights(List<Weight> weights, @Nullable Trace next) {

    /** Copies. */
    public CauseWeights {
        weights = List.copyOf(weights);
    }

    /**
     * A cause.
     *
     * @param share how likely it is, 0 to 1
     * @param low and high hold it nine times in ten, as far as the weights of signs are known
     * @param reasons what speaks for and against it, weightiest first
     */
    public record Weight(String cause, double share, double low, double high, List<Reason> reasons) {

        /** Copies. */
        public Weight {
            reasons = List.copyOf(reasons);
        }
    }

    /**
     * What speaks for a cause, or against it.
     *
     * @param times how many times likelier the cause is for it; under 1 it speaks against it
     */
    public record Reason(String words, double times) {}
}
