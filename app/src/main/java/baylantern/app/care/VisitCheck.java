package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.platform.Rows;
import baylantern.app.sound.FarmCheck;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** How grafts stand and their visits, as stored, are what follows from their looks. */
@Component
class VisitCheck implements FarmCheck {

    private static final int MOST = 1_000_000;

    private final VisitPlanner planner;
    private final CareMapper care;
    private final GraftService grafts;

    VisitCheck(VisitPlanner planner, CareMapper care, GraftService grafts) {
        this.planner = planner;
        this.care = care;
        this.grafts = grafts;
    }

    @Override
    public List<String> amiss() {
        List<Graft> all = grafts.list(GraftFilter.ALL, MOST);
        Set<String> wrong = new TreeSet<>(Comparator.naturalOrder());
        Rows.portions(all).forEach(part -> some(part, wrong));
        return new ArrayList<>(wrong);
    }

    private void some(List<Graft> which, Set<String> wrong) {
        Map<Long, String> codes = which.stream().collect(Collectors.toMap(Graft::id, Graft::code));
        List<VisitRow> wanted = planner.wanted(which, (graft, life) -> {
            if (life.state() != graft.state()) {
                wrong.add(graft.code() + " stands as " + graft.state().words() + "; by its looks it is "
                        + life.state().words() + ".");
            }
        });
        Set<VisitRow> apart = new HashSet<>(wanted);
        List<VisitRow> stored = care.visits(codes.keySet());
        stored.forEach(row -> {
            if (!apart.remove(row)) {
                apart.add(row);
            }
        });
        apart.forEach(row ->
                wrong.add("The visits of " + codes.get(row.graftId()) + " are not those that follow from its looks."));
    }
}
