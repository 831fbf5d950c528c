package baylantern.app.season;

import baylantern.app.platform.FarmClock;
import baylantern.app.platform.Rows;
import baylantern.core.season.flush.BudNote;
import java.time.LocalDate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was so before the farm began to keep its records here: written as it was, on the days it was, without an act that
 * could be taken back.
 */
@Service
@Transactional
public class SeasonHistory {

    private final WeatherMapper days;
    private final WeatherService weather;
    private final WatchMapper notes;
    private final FarmClock clock;

    SeasonHistory(WeatherMapper days, WeatherService weather, WatchMapper notes, FarmClock clock) {
        this.days = days;
        this.weather = weather;
        this.notes = notes;
        this.clock = clock;
    }

    /** What the station measured from a day to yesterday; it stays on. */
    public void measuredSince(LocalDate first) {
        Rows.one(days.saveStation(true, WeatherService.SEED));
        weather.fetch(WeatherService.SEED, first, clock.today());
    }

    /** Buds as they were seen on a past day. */
    public void note(long plantId, BudNote note) {
        Rows.made(notes.insert(
                plantId,
                note.day(),
                note.sun().written(),
                note.shade() == null ? null : note.shade().written(),
                note.flowering(),
                "",
                null,
                clock.now(),
                null,
                null));
    }
}
