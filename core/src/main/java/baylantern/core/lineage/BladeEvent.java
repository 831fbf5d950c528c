package baylantern.core.lineage;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Something a blade did. Events of one blade are told in the order they happened.
 *
 * @param blade whose blade it is
 * @param made what was cut or made with it; empty for a cleaning
 * @param touched the plant it cut into; empty for a cleaning or where not known
 */
public record BladeEvent(long blade, LocalDate day, Optional<Node> made, Optional<Node> touched) {

    /** The blade was cleaned. */
    public static BladeEvent cleaned(long blade, LocalDate day) {
        return new BladeEvent(blade, day, Optional.empty(), Optional.empty());
    }

    /** The blade made a lot or a graft, cutting into a plant. */
    public static BladeEvent cut(long blade, LocalDate day, Node made, Optional<Node> touched) {
        return new BladeEvent(blade, day, Optional.of(made), touched);
    }
}
