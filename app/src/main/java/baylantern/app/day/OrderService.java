package baylantern.app.day;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The order a grower chooses for the blocks of a day. */
@Service
class OrderService {

    private final LayoutService layouts;
    private final RunMapper runs;
    private final TrailService trail;

    OrderService(LayoutService layouts, RunMapper runs, TrailService trail) {
        this.layouts = layouts;
        this.runs = runs;
        this.trail = trail;
    }

    /** Blocks in the order wanted. */
    record OrderEntry(
            @NotEmpty(message = "needs blocks") @Size(max = 500, message = "are at most 500")
            List<String> blocks) {}

    /** Puts the blocks of a day in another order. */
    @Transactional
    BenchDayService.Done order(LocalDate day, OrderEntry entry) {
        LayoutService.Layout layout = layouts.of(day);
        if (!layout.jobs().isEmpty()) {
            throw FarmProblem.conflict("Work on this day has begun: what comes next is chosen graft by graft.");
        }
        if (entry.blocks().size() != layout.order().size()
                || !Set.copyOf(entry.blocks()).equals(LayoutService.keys(layout))) {
            throw FarmProblem.conflict("The day has changed meanwhile: it is shown anew.");
        }
        long act = trail.follow("Order of " + day + " chosen");
        Rows.any(runs.deleteTurns(day));
        Rows.all(runs.insertTurns(day, entry.blocks()), entry.blocks().size());
        return new BenchDayService.Done(act, "Order chosen");
    }

    /** Goes back to the best order. */
    @Transactional
    BenchDayService.Done bestOrder(LocalDate day) {
        long act = trail.follow("Best order of " + day + " taken");
        Rows.any(runs.deleteTurns(day));
        return new BenchDayService.Done(act, "Best order taken");
    }
}
