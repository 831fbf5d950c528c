package baylantern.core.rules;

import java.util.List;

/**
 * A kind of visit and its rules.
 *
 * @param ask the task as the round says it
 * @param risk what a delay costs
 * @param needs what is put over or beside each graft, in the plural; empty where nothing is
 * @param caution what to mind while doing it, empty where nothing is
 */
public record VisitKind(
        String key,
        String name,
        String ask,
        String risk,
        String why,
        String needs,
        String caution,
        List<VisitRule> rules) {

    VisitKind with(List<VisitRule> others) {
        return new VisitKind(key, name, ask, risk, why, needs, caution, others);
    }
}
