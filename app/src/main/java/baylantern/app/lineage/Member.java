package baylantern.app.lineage;

import baylantern.core.lineage.Node;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A member of the lineage as it is shown.
 *
 * @param key its short name, for instance LOT-3
 * @param words what it is, in a few words
 * @param where the place it stands or lies, empty where it has none
 */
public record Member(
        String key,
        Node.Kind kind,
        String code,
        String words,
        String where,
        @Nullable LocalDate day) {}
