package baylantern.core.season.warmth;

import java.time.LocalDate;
import java.util.List;

/**
 * A danger of the weather to fresh grafts.
 *
 * @param severity 0 none to 1 likely loss
 * @param days the days concerned
 * @param answer what cover answers it
 */
public record Hazard(Kind kind, double severity, List<LocalDate> days, String answer) {

    /** Kinds of danger. */
    public enum Kind {
        FROST,
        HEAT,
        HOT_DRY_WIND,
        HEAVY_RAIN,
        STORM;

        /** As a grower says it. */
        public String words() {
            return switch (this) {
                case FROST -> "cold below the limit";
                case HEAT -> "heat over the limit";
                case HOT_DRY_WIND -> "hot dry wind";
                case HEAVY_RAIN -> "heavy rain";
                case STORM -> "strong wind";
            };
        }
    }
}
