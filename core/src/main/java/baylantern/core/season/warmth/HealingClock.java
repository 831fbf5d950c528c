package baylantern.core.season.warmth;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** Turns healing days into calendar days and back, for one species at one site. */
public interface HealingClock {

    /** The first day on which {@code healingDays} have passed since {@code start}. */
    LocalDate after(LocalDate start, double healingDays);

    /** The last day from which {@code healingDays} still pass until {@code end}. */
    LocalDate before(LocalDate end, double healingDays);

    /** Healing days from {@code start} to {@code end}; 0 or more where end is not before start. */
    double between(LocalDate start, LocalDate end);

    /** Every day at the best warmth: one healing day a day. */
    static HealingClock atBest() {
        return new HealingClock() {
            @Override
            public LocalDate after(LocalDate start, double healingDays) {
                return start.plusDays(Math.round(healingDays));
            }

            @Override
            public LocalDate before(LocalDate end, double healingDays) {
                return end.minusDays(Math.round(healingDays));
            }

            @Override
            public double between(LocalDate start, LocalDate end) {
                return ChronoUnit.DAYS.between(start, end);
            }
        };
    }
}
