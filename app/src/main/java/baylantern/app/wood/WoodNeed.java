package baylantern.app.wood;

import java.time.LocalDate;
import java.util.List;

/** Tells which grafts are planned, so that wood can be found for them. */
public interface WoodNeed {

    /** Grafts of one variety planned for a day; singleBuds where each takes one bud, not a stick. */
    record Planned(long varietyId, LocalDate day, int grafts, boolean singleBuds, String name) {}

    /** Plans from today on. */
    List<Planned> planned();
}
