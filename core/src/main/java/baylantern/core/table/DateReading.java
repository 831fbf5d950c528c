package baylantern.core.table;

import java.time.LocalDate;
import java.util.List;

/**
 * What a cell may say as a date.
 *
 * @param dayFirst the day if the day comes first, or the only reading
 * @param monthFirst the day if the month comes first; the same where there is one reading only
 * @param trait what sort of reading it is
 */
public record DateReading(List<LocalDate> dayFirst, List<LocalDate> monthFirst, Trait trait) {

    /** What sort of reading it is. */
    public enum Trait {
        EMPTY,
        CERTAIN,
        MONTH_ONLY,
        DAY_FIRST,
        MONTH_FIRST,
        EITHER,
        UNREADABLE
    }

    static final DateReading EMPTY = new DateReading(List.of(), List.of(), Trait.EMPTY);
    static final DateReading UNREADABLE = new DateReading(List.of(), List.of(), Trait.UNREADABLE);

    static DateReading certain(LocalDate day) {
        return new DateReading(List.of(day), List.of(day), Trait.CERTAIN);
    }

    static DateReading monthOnly(LocalDate middle) {
        return new DateReading(List.of(middle), List.of(middle), Trait.MONTH_ONLY);
    }

    /** Whether it is a day at all. */
    public boolean readable() {
        return !dayFirst.isEmpty() || !monthFirst.isEmpty();
    }

    /** The reading in the wished order, else the only one there is. */
    public LocalDate in(DayOrder order) {
        List<LocalDate> wished = order == DayOrder.DAY_FIRST ? dayFirst : monthFirst;
        List<LocalDate> other = order == DayOrder.DAY_FIRST ? monthFirst : dayFirst;
        return wished.isEmpty() ? other.get(0) : wished.get(0);
    }
}
