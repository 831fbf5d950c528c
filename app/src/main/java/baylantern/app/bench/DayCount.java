package baylantern.app.bench;

import java.time.LocalDate;

/** Grafts of a variety made on one day whose fate is known, and how many of them took. */
public record DayCount(LocalDate madeOn, String speciesKey, long varietyId, int taken, int decided) {}
