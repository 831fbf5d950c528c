package baylantern.app.lineage;

import baylantern.core.lineage.HealthTest;
import java.time.LocalDate;

/** A recall that was placed; held and released count what it held. */
public record RecallRow(
        long id,
        String nodeKey,
        String name,
        HealthTest.Result outcome,
        String subject,
        LocalDate onDay,
        int held,
        int released) {}
