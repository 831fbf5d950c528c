package baylantern.app.care;

import java.time.LocalDate;

/** How many on a day. */
public record DayCount(LocalDate day, int count) {}
