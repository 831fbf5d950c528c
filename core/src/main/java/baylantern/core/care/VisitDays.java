package baylantern.core.care;

import baylantern.core.rules.Hemisphere;
import baylantern.core.rules.VisitRule;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.time.Month;

/** Counts the days of a rule in its unit. */
interface VisitDays {

    /** The heart of winter: the coldest days lag the shortest by about a month. */
    int MIDDLE_OF_MONTH = 15;

    /** So many days before midwinter a rule of winter begins to count. */
    int BEFORE = 30;

    /** The day when so much has been counted from a start. */
    LocalDate after(LocalDate start, double count);

    static VisitDays of(VisitRule.Unit unit, HealingClock clock, CareSubject subject) {
        return switch (unit) {
            case HEALING_DAYS -> clock::after;
            case DAYS -> (start, count) -> start.plusDays(Math.round(count));
            case MIDWINTER ->
                (start, count) -> midwinter(start, subject.stand().hemisphere()).plusDays(Math.round(count) - BEFORE);
        };
    }

    /** The first midwinter on or after a day. */
    static LocalDate midwinter(LocalDate from, Hemisphere hemisphere) {
        Month month = hemisphere == Hemisphere.NORTH ? Month.JANUARY : Month.JULY;
        LocalDate thisYear = LocalDate.of(from.getYear(), month, MIDDLE_OF_MONTH);
        return thisYear.isBefore(from) ? thisYear.plusYears(1) : thisYear;
    }
}
