package baylantern.app.wood;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Sticks and buds that came in (over 0) or went out (under 0). */
public record LedgerRow(
        long id,
        LocalDate onDay,
        LedgerKind kind,
        int sticks,
        int buds,
        @Nullable String personName,
        String remark) {

    /** Why sticks came or went. */
    public enum LedgerKind {
        IN,
        GRAFT,
        DISCARD,
        GIVEN
    }
}
