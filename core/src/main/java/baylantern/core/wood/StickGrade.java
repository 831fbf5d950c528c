package baylantern.core.wood;

import baylantern.core.rules.WoodRules.Grade;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a stick is good for, and why.
 *
 * @param score 0 to 1
 * @param actions what to do first, in the order of the looks; at least one where the grade is B
 * @param readyFrom the first day it may be ready, null where nothing is to be waited for
 * @param readyTo the last day by which it should be ready
 * @param reasons every look with what it means, worst first
 */
public record StickGrade(
        Grade grade,
        double score,
        List<String> actions,
        @Nullable LocalDate readyFrom,
        @Nullable LocalDate readyTo,
        List<Reason> reasons) {

    /**
     * What one look means.
     *
     * @param look what was looked at, for instance "bark" or "diameterMm"
     * @param found what was seen, in the rule's words or as a measure
     * @param wanted the range wanted, null where there is none
     */
    public record Reason(
            String look,
            String found,
            Grade grade,
            String why,
            @Nullable String wanted) {}
}
