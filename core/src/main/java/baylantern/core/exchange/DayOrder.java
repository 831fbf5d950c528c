package baylantern.core.exchange;

/** Which of day and month is written first. */
enum DayOrder {
    DAY_FIRST,
    MONTH_FIRST;

    static DayOrder of(boolean dayFirst) {
        return dayFirst ? DAY_FIRST : MONTH_FIRST;
    }

    DayOrder other() {
        return this == DAY_FIRST ? MONTH_FIRST : DAY_FIRST;
    }

    /** "day" or "month". */
    String word() {
        return this == DAY_FIRST ? "day" : "month";
    }
}
