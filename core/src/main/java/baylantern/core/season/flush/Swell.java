package baylantern.core.season.flush;

import java.time.LocalDate;

/**
 * The begin of a flush.
 *
 * @param day the likeliest day
 * @param halfGapDays how far the true day may lie from it, days: half the time between the notes around it
 */
public record Swell(LocalDate day, double halfGapDays) {}
