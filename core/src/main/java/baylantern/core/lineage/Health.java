package baylantern.core.lineage;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * How clean something is held to be.
 *
 * @param until the day its clear test holds to, null where there is none
 * @param reason one sentence
 */
public record Health(Standing standing, @Nullable LocalDate until, String reason) {

    /** Standings, worse ones later. */
    public enum Standing {
        CLEAN("clean"),
        DUE("test due"),
        LAPSED("test lapsed"),
        UNTESTED("never tested"),
        SUSPECT("suspect"),
        POSITIVE("positive");

        private final String words;

        Standing(String words) {
            this.words = words;
        }

        /** As the grower says it. */
        public String words() {
            return words;
        }

        /** True of wood that must not be used. */
        public boolean stops() {
            return this == SUSPECT || this == POSITIVE;
        }
    }

    /** The worse of two; of two alike the first. */
    public Health worse(Health other) {
        return other.standing.ordinal() > standing.ordinal() ? other : this;
    }
}
