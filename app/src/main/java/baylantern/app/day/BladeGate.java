package baylantern.app.day;

import baylantern.app.platform.FarmClock;
import baylantern.app.wood.CleanService;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Says when a blade is due to be cleaned on a graft day. */
@Component
class BladeGate {

    private final CleanService cleaning;
    private final FarmClock clock;

    BladeGate(CleanService cleaning, FarmClock clock) {
        this.cleaning = cleaning;
        this.clock = clock;
    }

    /** Why a blade is cleaned before a graft: at the start of the day, and at another lot, variety or tree since it last was. */
    CleanService.@Nullable Occasion before(JobRow facing, List<JobRow> jobs, long person) {
        Instant cleaned = cleaning.lastCleaned(person);
        Optional<JobRow> last = jobs.stream()
                .filter(job -> Objects.equals(job.made().doneBy(), person))
                .max(Comparator.comparing(
                        job -> Objects.requireNonNull(job.made().doneAt())));
        if (last.isEmpty()) {
            boolean today = cleaned != null && clock.dayOf(cleaned).equals(clock.today());
            return today ? null : CleanService.Occasion.START;
        }
        JobRow before = last.get();
        if (cleaned != null
                && cleaned.isAfter(Objects.requireNonNull(before.made().doneAt()))) {
            return null;
        }
        return between(before, facing);
    }

    /** Why a blade is cleaned between two grafts, null where it need not be. */
    static CleanService.@Nullable Occasion between(JobRow before, JobRow facing) {
        if (!before.host().equals(facing.host())) {
            return CleanService.Occasion.NEW_TREE;
        }
        return before.how().lotId() == facing.how().lotId() ? null : CleanService.Occasion.NEW_LOT;
    }
}
