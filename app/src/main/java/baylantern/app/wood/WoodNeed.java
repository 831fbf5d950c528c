package baylantern.app.wood;

import baylantern.core.wood.LotBalance;
import java.time.LocalDate;
import java.util.List;

/** Tells which grafts are planned, so that wood can be found for them. */
public interface WoodNeed {

    /** Grafts of one variety planned for a day; each of a stick or of one bud. */
    record Planned(long varietyId, LocalDate day, int grafts, LotBalance.Unit unit, String name) {}

    /** Plans from today on. */
    List<Planned> planned();
}
