package baylantern.core.care;

import baylantern.core.rules.VisitRule;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A visit that hangs on the length of the scion, once any length is known: due from the look that measured it long enough,
 * before that from the day growth makes it so.
 */
record SizedVisit(VisitRule rule, CarePlan.Case graft) {

    /** A visit at size has a week at least: it is not measured every day. */
    private static final int LEAST_DAYS = 7;

    /** Which look measured it long enough, −1 where growth alone foretells it; empty where no length decides. */
    Optional<CarePlan.Start> start() {
        return graft.growth().isEmpty() || rule.when().size().isEmpty()
                ? Optional.empty()
                : Optional.of(measured().orElseGet(this::lastMeasured));
    }

    /** The visit by size, empty where no length decides. */
    Optional<PlannedVisit> visit(String kind) {
        return rule.when().size().flatMap(size -> graft.growth().map(growth -> visit(kind, size, growth)));
    }

    private PlannedVisit visit(String kind, VisitRule.Size size, ScionGrowth growth) {
        LocalDate earliest = measured()
                .map(CarePlan.Start::day)
                .orElseGet(() -> growth.reaches(size.fromMm()).mid());
        LocalDate late = growth.reaches(size.toMm()).mid();
        LocalDate latest = later(late, earliest.plusDays(LEAST_DAYS));
        LocalDate target = growth.reaches((size.fromMm() + size.toMm()) / 2).mid();
        return new PlannedVisit(kind, 0, earliest, target.isAfter(latest) ? latest : later(target, earliest), latest);
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }

    private Optional<CarePlan.Start> measured() {
        double from = rule.when().size().orElseThrow().fromMm();
        List<GraftLife.Step> steps = graft.life().steps();
        for (int i = 0; i < steps.size(); i++) {
            Double mm = steps.get(i).look().lengthMm();
            if (mm != null && mm >= from) {
                return Optional.of(new CarePlan.Start(i, steps.get(i).look().seenOn()));
            }
        }
        return Optional.empty();
    }

    // What growth foretells can be answered by looks after the last length alone.
    private CarePlan.Start lastMeasured() {
        List<GraftLife.Step> steps = graft.life().steps();
        for (int i = steps.size() - 1; i >= 0; i--) {
            if (steps.get(i).look().lengthMm() != null) {
                return new CarePlan.Start(i, steps.get(i).look().seenOn());
            }
        }
        throw new IllegalStateException("growth without a length");
    }
}
