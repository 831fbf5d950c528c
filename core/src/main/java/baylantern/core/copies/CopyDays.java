package baylantern.core.copies;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;

/**
 * Which dated copies stay: each of the last seven days, the last of each of the last five weeks, the last of each of the last
 * twelve months, today's day, week and month among them. The newest always stays, and one dated ahead does too: a clock set
 * back takes nothing away.
 */
public final class CopyDays {

    private static final int DAYS = 7;
    private static final int WEEKS = 5;
    private static final int MONTHS = 12;

    private CopyDays() {}

    /** Those of these days whose copies stay on a day, in order. */
    public static Set<LocalDate> kept(Collection<LocalDate> days, LocalDate today) {
        Set<LocalDate> kept = new TreeSet<>();
        LocalDate week = monday(today).minusWeeks(WEEKS - 1L);
        YearMonth month = YearMonth.from(today).minusMonths(MONTHS - 1L);
        for (LocalDate day : days) {
            if (day.isAfter(today.minusDays(DAYS))) {
                kept.add(day);
            }
        }
        kept.addAll(last(days, CopyDays::monday, monday -> !monday.isBefore(week)));
        kept.addAll(last(days, YearMonth::from, one -> !one.isBefore(month)));
        days.stream().max(LocalDate::compareTo).ifPresent(kept::add);
        return kept;
    }

    private static LocalDate monday(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    // The last day of each span that counts.
    private static <S> Collection<LocalDate> last(
            Collection<LocalDate> days, Function<LocalDate, S> span, Function<S, Boolean> counts) {
        Map<S, LocalDate> last = new HashMap<>();
        for (LocalDate day : days) {
            S of = span.apply(day);
            if (counts.apply(of)) {
                last.merge(of, day, (one, other) -> one.isAfter(other) ? one : other);
            }
        }
        return last.values();
    }
}
