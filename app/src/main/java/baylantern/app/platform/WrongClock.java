package baylantern.app.platform;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Tells when the clock of the computer was set back: what was written cannot lie ahead of today. */
@Component
public final class WrongClock {

    private final JdbcTemplate store;
    private final FarmClock clock;

    WrongClock(JdbcTemplate store, FarmClock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** Why the clock cannot be right, null where nothing speaks against it. */
    public @Nullable String amiss() {
        LocalDate today = clock.today();
        // Asked past the mappers: whoever asks rests on the day alone, since no new act makes a clock wrong.
        return store
                .queryForList(
                        "SELECT farm_day FROM house_act WHERE NOT undone ORDER BY id DESC FETCH FIRST ROW ONLY",
                        LocalDate.class)
                .stream()
                .filter(last -> last.isAfter(today))
                .findFirst()
                .map(last -> "By the clock it is " + today + ", but something was written here on " + last
                        + ". Nothing is lost; put the clock of this computer right before you write more.")
                .orElse(null);
    }
}
