package baylantern.core.cause;

import baylantern.core.care.Trace;
import baylantern.core.rules.Technique;
import java.util.Set;

/**
 * A failed graft.
 *
 * @param group the sort of its technique
 * @param seen signs seen at it
 * @param unseen signs looked for and not seen
 * @param own what is on record of it alone: keys of circumstances
 */
public record CauseCase(Technique.Group group, Set<Trace> seen, Set<Trace> unseen, Set<String> own) {

    /** Copies; requires that nothing is both seen and not seen. */
    public CauseCase {
        seen = Set.copyOf(seen);
        unseen = Set.copyOf(unseen);
        own = Set.copyOf(own);
        for (Trace sign : seen) {
            if (unseen.contains(sign)) {
                throw new IllegalArgumentException(sign.words() + " cannot be both seen and not seen");
            }
        }
    }
}
