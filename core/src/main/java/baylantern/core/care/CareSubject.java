package baylantern.core.care;

import baylantern.core.rules.Hemisphere;
import baylantern.core.rules.Technique;
import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a care plan depends on.
 *
 * @param cover name of the cover
 * @param schools question key to the school followed
 */
public record CareSubject(
        String speciesKey,
        Technique technique,
        LocalDate madeOn,
        String cover,
        Map<String, String> schools,
        Stand stand) {

    /** What the stock's roots are in. */
    public enum Setting {
        POT("POT", "ROOMY_POT"),
        SMALL_POT("POT", "SMALL_POT"),
        GROUND("GROUND");

        private final Set<String> names;

        Setting(String... names) {
            this.names = Set.of(names);
        }

        /** As rules name it: a small pot is a pot too. */
        boolean isAnyOf(Set<String> wanted) {
            return wanted.stream().anyMatch(names::contains);
        }

        /** True of pots, whatever they hold. */
        public boolean pot() {
            return this != GROUND;
        }
    }

    /**
     * What it stands on.
     *
     * @param stockMm thickness of the stock at the cut, null where nobody measured it
     */
    public record Stand(Setting setting, @Nullable Double stockMm, Hemisphere hemisphere) {

        /** A stock in a pot, north of the equator, not measured. */
        public static final Stand POT = new Stand(Setting.POT, null, Hemisphere.NORTH);
    }
}
