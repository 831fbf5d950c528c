package baylantern.app.day;

import baylantern.app.bench.HabitService;
import baylantern.app.platform.Rows;
import baylantern.core.bench.Cover;
import baylantern.core.take.fact.Aspect;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** How a graft of a day is made where growers disagree: as its line and the farm do it, unless a trial says which way. */
@Component
class Ways {

    private final HabitService habits;
    private final RunMapper runs;
    private final Arms arms;

    Ways(HabitService habits, RunMapper runs, Arms arms) {
        this.habits = habits;
        this.runs = runs;
        this.arms = arms;
    }

    /** Lays the grafts of a day that are still to be made into the trials that run. */
    void lay(LocalDate day) {
        Map<Long, Arms.Way> before = arms.of(day);
        List<Arms.ToMake> open = runs.jobs(day).stream()
                .filter(job -> job.open() && !before.containsKey(job.id()))
                .map(this::toMake)
                .toList();
        arms.lay(open).forEach((job, way) -> {
            switch (way.aspect()) {
                case Aspect.TECHNIQUE -> Rows.one(runs.byTechnique(job, way.kind()));
                case Aspect.COVER -> Rows.one(runs.underCover(job, Cover.valueOf(way.kind())));
                default -> {}
            }
        });
    }

    /** What the trials that run will do with what is laid out of a day that is not begun, a sentence each. */
    List<String> ahead(List<Blocks.Line> lines) {
        return arms.ahead(lines.stream()
                .flatMap(line -> line.pieces().stream().map(piece -> toMake(line.plan(), piece)))
                .toList());
    }

    private Arms.ToMake toMake(DayRow plan, Blocks.Piece piece) {
        return new Arms.ToMake(
                0,
                plan.speciesKey(),
                plan.varietyId(),
                plan.techniqueKey(),
                piece.lot().id(),
                said(plan.planNo()));
    }

    private Set<String> said(int planNo) {
        return habits.ofPlan(planNo).keySet().stream().map(Aspect::school).collect(Collectors.toSet());
    }

    private Arms.ToMake toMake(JobRow job) {
        return new Arms.ToMake(
                job.id(),
                job.how().speciesKey(),
                job.how().varietyId(),
                job.how().techniqueKey(),
                job.how().lotId(),
                said(job.planNo()));
    }

    /** The schools a graft follows that the farm's other grafts need not: question to school. */
    Map<String, String> own(JobRow job) {
        Map<String, String> own = new LinkedHashMap<>(habits.ofPlan(job.planNo()));
        own.putAll(tried(job));
        return own;
    }

    /** All schools a graft follows. */
    Map<String, String> followed(JobRow job) {
        Map<String, String> followed =
                habits.followed(job.how().speciesKey(), job.how().techniqueKey(), job.planNo());
        followed.putAll(tried(job));
        return followed;
    }

    private Map<String, String> tried(JobRow job) {
        Arms.Way way = of(job);
        return way == null
                ? Map.of()
                : Aspect.question(way.aspect())
                        .map(question -> Map.of(question, way.kind()))
                        .orElse(Map.of());
    }

    /** The way a trial has a graft made; null where it is in none. */
    Arms.@Nullable Way of(JobRow job) {
        return arms.of(job.onDay()).get(job.id());
    }

    /** By job the job it is paired with; none of a graft in no trial. */
    Map<Long, Long> partners(LocalDate day) {
        Map<Long, Arms.Way> ways = arms.of(day);
        Map<Long, Long> partners = new LinkedHashMap<>();
        ways.forEach((job, way) -> ways.forEach((other, its) -> {
            if (!Objects.equals(job, other) && way.pairedWith(its)) {
                partners.put(job, other);
            }
        }));
        return partners;
    }
}
