package baylantern.app.platform;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moves the demo's day. Stepping back takes back what was done on the later days. */
@Service
public class DemoClock implements FarmClock.Standing {

    /** The day the demo starts on. */
    public static final LocalDate FIRST_DAY = LocalDate.of(2026, 5, 14);

    private static final int FARTHEST_DAYS = 400;

    private final boolean demo;
    private final FarmClock clock;
    private final ActMapper acts;
    private final ActService actService;
    private final DayTurn dayTurn;
    private final Derived<LocalDate> day;

    DemoClock(
            LanternSettings settings,
            FarmClock clock,
            ActMapper acts,
            ActService actService,
            DayTurn dayTurn,
            Changes changes) {
        this.demo = settings.demo();
        this.clock = clock;
        this.acts = acts;
        this.actService = actService;
        this.dayTurn = dayTurn;
        this.day = changes.derive(this::kept, Fact.DAY);
    }

    private LocalDate kept() {
        LocalDate kept = acts.demoDay();
        return kept == null ? FIRST_DAY : kept;
    }

    @Override
    public @Nullable LocalDate standsOn() {
        return demo ? day.get() : null;
    }

    /** True in the demo. */
    public boolean demo() {
        return demo;
    }

    /** Steps by some days, from the first day to 400 days on; tells how many acts were taken back. */
    @Transactional
    public int step(int days) {
        LocalDate day = clock.today().plusDays(days);
        if (!demo) {
            throw FarmProblem.conflict("Only the demo's clock can be moved.");
        }
        if (day.isBefore(FIRST_DAY) || day.isAfter(FIRST_DAY.plusDays(FARTHEST_DAYS))) {
            throw FarmProblem.wrong(
                    "days",
                    days,
                    FIRST_DAY + " to " + FIRST_DAY.plusDays(FARTHEST_DAYS),
                    "The demo's clock does not go to " + day + ".");
        }
        int undone = days < 0 ? actService.undoAfter(day) : 0;
        Rows.one(acts.saveDemoDay(day));
        dayTurn.tell();
        return undone;
    }
}
