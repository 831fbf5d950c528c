package baylantern.core.wood;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;

/**
 * Pinched shoots on their way: the side buds swell in about ten healing days.
 *
 * @param healingDays passed since the pinch
 * @param readyAfter healing days after which they are ready, with their range
 * @param lookFrom the first day to look for swelling
 * @param earliest the first day they may be ready
 * @param aim the day they are expected to be ready
 * @param latest the last day they serve; after it the buds open
 */
public record Conditioning(
        LocalDate pinchedOn,
        double healingDays,
        Figure readyAfter,
        LocalDate lookFrom,
        LocalDate earliest,
        LocalDate aim,
        LocalDate latest,
        Phase phase) {

    /** Where pinched shoots stand. */
    public enum Phase {
        ASLEEP("nothing to see yet"),
        LOOK("look for swelling buds"),
        READY("ready: cut when the buds swell"),
        TOO_LATE("probably too late: the buds have opened");

        private final String words;

        Phase(String words) {
            this.words = words;
        }

        /** As the grower says it. */
        public String words() {
            return words;
        }
    }

    /** Where shoots pinched on a day stand today, by the healing clock of their species. */
    public static Conditioning of(LocalDate pinchedOn, LocalDate today, HealingClock clock, Rulebook rules) {
        Figure pinch = rules.flush().figure(FigureName.PINCH);
        LocalDate look = clock.after(pinchedOn, rules.wood().value(FigureName.LOOK_FROM));
        LocalDate earliest = clock.after(pinchedOn, pinch.low());
        LocalDate latest = clock.after(pinchedOn, pinch.high());
        return new Conditioning(
                pinchedOn,
                clock.between(pinchedOn, today),
                pinch,
                look,
                earliest,
                clock.after(pinchedOn, pinch.value()),
                latest,
                phase(today, look, earliest, latest));
    }

    private static Phase phase(LocalDate today, LocalDate look, LocalDate earliest, LocalDate latest) {
        if (today.isBefore(look)) {
            return Phase.ASLEEP;
        }
        if (today.isBefore(earliest)) {
            return Phase.LOOK;
        }
        return today.isAfter(latest) ? Phase.TOO_LATE : Phase.READY;
    }
}
