package baylantern.core.table;

/** Which of day and month is written first. */
public enum DayOrder {
    DAY_FIRST,
    MONTH_FIRST;

    /** The order in which the day is first, or not. */
    public static DayOrder of(boolean dayFirst) {
        return dayFirst ? DAY_FIRST : MONTH_FIRST;
    }

    /** The other one. */
    public DayOrder other() {
        return this == DAY_FIRST ? MONTH_FIRST : DAY_FIRST;
    }

    /** "day" or "month". */
    public String word() {
        return this == DAY_FIRST ? "day" : "month";
    }
}
