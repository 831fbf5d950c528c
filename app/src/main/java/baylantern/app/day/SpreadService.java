package baylantern.app.day;

import baylantern.app.platform.FarmProblem;
import baylantern.core.day.crew.DaysOfWork;
import baylantern.core.day.crew.Stint;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A graft day that is too long for one, spread over the days after it: what comes last in its order goes there. */
@Service
class SpreadService {

    private static final double MINUTES = 60;

    private final LayoutService layouts;
    private final TeamService teams;
    private final DayService days;
    private final DayMapper plans;
    private final Rulebook rules;

    SpreadService(LayoutService layouts, TeamService teams, DayService days, DayMapper plans, Rulebook rules) {
        this.layouts = layouts;
        this.teams = teams;
        this.days = days;
        this.plans = plans;
        this.rules = rules;
    }

    /** The longest a day may be, minutes from its beginning. */
    static double limit(Rulebook rules) {
        return rules.day(FigureName.DAY_HOURS) * MINUTES;
    }

    /** Moves what does not fit into the day to the days after it. */
    @Transactional
    BenchDayService.Done spread(LocalDate day) {
        LayoutService.Layout layout = layouts.of(day);
        if (!layout.jobs().isEmpty()) {
            throw FarmProblem.conflict(
                    "Work on this day has begun: end it, and what was not made can be planned anew.");
        }
        List<List<Stint>> cut = DaysOfWork.cut(teams.of(day).crew(), layouts.stints(layout.order()), limit(rules));
        if (cut.size() < 2) {
            throw FarmProblem.wrong("day", day, "a day longer than it may be", "All of it fits into one day.");
        }
        Map<String, Integer> planOf =
                layout.order().stream().collect(Collectors.toMap(DayBlock::key, DayBlock::planNo, (a, b) -> a));
        Map<Integer, TreeMap<LocalDate, Integer>> grafts = new HashMap<>();
        for (int i = 0; i < cut.size(); i++) {
            for (Stint stint : cut.get(i)) {
                grafts.computeIfAbsent(planOf.get(stint.block()), plan -> new TreeMap<>())
                        .merge(day.plusDays(i), stint.grafts(), Integer::sum);
            }
        }
        List<DayService.Part> parts = new ArrayList<>();
        for (DayRow plan : plans.standing()) {
            TreeMap<LocalDate, Integer> own = grafts.get(plan.planNo());
            if (plan.onDay().equals(day) && own != null) {
                // What cannot be laid out yet stays where the rest of its line begins.
                int laid = own.values().stream().mapToInt(n -> n).sum();
                own.merge(own.firstKey(), plan.grafts() - laid, Integer::sum);
                parts.add(new DayService.Part(plan, own));
            }
        }
        return days.spread(day, cut.size(), parts);
    }
}
