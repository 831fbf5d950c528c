package baylantern.app.bench;

import java.time.LocalDate;

/** How many in the week that begins on a day, of one species. */
public record WeekCount(LocalDate week, String speciesKey, int count) {}
