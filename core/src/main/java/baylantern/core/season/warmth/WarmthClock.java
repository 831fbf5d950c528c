package baylantern.core.season.warmth;

import baylantern.core.season.weather.Weather;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * The healing clock of a species at a site: the sum of daily healing from the weather, recorded where it is, forecast
 * where there is one, and the climate's for the rest. The day of grafting itself does not count. Outside its span, and
 * where a cold site never heals within it, the last day of the span is given.
 */
public final class WarmthClock implements HealingClock {

    private final DailySums sums;

    /** Reckons the clock from the first to the last day. */
    public WarmthClock(HealingRate rate, Weather weather, LocalDate first, LocalDate last) {
        int days = (int) ChronoUnit.DAYS.between(first, last) + 1;
        this.sums = DailySums.of(first, days, weather.byWarmth(rate::over));
    }

    @Override
    public LocalDate after(LocalDate start, double healingDays) {
        if (!(healingDays > 0)) {
            return start;
        }
        LocalDate reached = sums.reaching(sums.upTo(start) + healingDays);
        LocalDate held = reached.isAfter(sums.last()) ? sums.last() : reached;
        return held.isBefore(start) ? start : held;
    }

    @Override
    public LocalDate before(LocalDate end, double healingDays) {
        if (!(healingDays > 0)) {
            return end;
        }
        // The first day by whose evening so much was reached; the evening before it is the last with enough to come.
        double needed = sums.upTo(end) - healingDays;
        LocalDate reached = sums.reaching(needed);
        return between(reached, end) < healingDays ? reached.minusDays(1) : reached;
    }

    @Override
    public double between(LocalDate start, LocalDate end) {
        return sums.upTo(end) - sums.upTo(start);
    }
}
