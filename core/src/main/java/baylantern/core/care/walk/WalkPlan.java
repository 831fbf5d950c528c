package baylantern.core.care.walk;

import java.time.LocalDate;
import java.util.List;

/**
 * Walks that make every errand, in order of their days.
 *
 * @param late errands no walk makes in their time, for the days on which nobody walks
 */
public record WalkPlan(List<Walk> walks, List<Errand> late) {

    /** One walk, place by place. */
    public record Walk(LocalDate day, List<AtPlace> places) {}

    /** What is done at a place. */
    public record AtPlace(long place, List<Errand> errands) {}
}
