package baylantern.app.platform;

import jakarta.annotation.PostConstruct;
import java.time.LocalDate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moves the demo's day. Stepping back takes back what was done on the later days. */
@Service
public class DemoClock {

    /** The day the demo starts on. */
    public static final LocalDate FIRST_DAY = LocalDate.of(2026, 5, 14);

    private static final int FARTHEST_DAYS = 400;

    private final boolean demo;
    private final FarmClock clock;
    private final ActMapper acts;
    private final ActService actService;
    private final DayTurn dayTurn;

    DemoClock(
            @Value("${lantern.demo}") boolean demo,
            FarmClock clock,
            ActMapper acts,
            ActService actService,
            DayTurn dayTurn) {
        this.demo = demo;
        this.clock = clock;
        this.acts = acts;
        this.actService = actService;
        this.dayTurn = dayTurn;
    }

    @PostConstruct
    void resume() {
        if (demo) {
            LocalDate kept = acts.demoDay();
            clock.standOn(kept == null ? FIRST_DAY : kept);
        }
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
        acts.saveDemoDay(day);
        clock.standOn(day);
        dayTurn.tell();
        return undone;
    }
}
