package baylantern.core.exchange;

import baylantern.core.exchange.DateReading.Trait;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * Which of day and month comes first in a notebook, decided from the dates that can be only one thing, and row by row
 * where the writer mixed both.
 *
 * @param dayFirst the usual order
 * @param sure true where some dates decide it and none contradicts
 */
record DateOrder(boolean dayFirst, boolean sure, String why) {

    /** Looks come after the graft, hardly ever more than two years after. */
    private static final long LONGEST_GAP_DAYS = 730;

    /** The two dates of a row. */
    record Pair(DateReading made, DateReading seen) {}

    static DateOrder of(List<Pair> rows, LocalDate today) {
        long day = count(rows, Trait.DAY_FIRST);
        long month = count(rows, Trait.MONTH_FIRST);
        long open = count(rows, Trait.EITHER);
        if (day + month + open == 0) {
            return new DateOrder(true, true, "no date leaves the order open");
        }
        if (day > 0 && month > 0) {
            return new DateOrder(
                    day >= month,
                    false,
                    day + " dates can only be day first and " + month + " only month first: the writer mixed both");
        }
        if (day + month > 0) {
            return new DateOrder(
                    day > 0, true, (day + month) + " dates can only be " + (day > 0 ? "day" : "month") + " first");
        }
        return bySense(rows, today);
    }

    private static DateOrder bySense(List<Pair> rows, LocalDate today) {
        long dayOdd = rows.stream().filter(row -> odd(row, true, today)).count();
        long monthOdd = rows.stream().filter(row -> odd(row, false, today)).count();
        String odd = dayOdd + " rows make no sense day first, " + monthOdd + " month first";
        return dayOdd == monthOdd
                ? new DateOrder(true, false, "nothing decides it; day first is assumed")
                : new DateOrder(dayOdd < monthOdd, false, odd);
    }

    private static long count(List<Pair> rows, Trait trait) {
        return rows.stream().filter(row -> row.made().trait() == trait).count()
                + rows.stream().filter(row -> row.seen().trait() == trait).count();
    }

    private static boolean odd(Pair row, boolean dayFirst, LocalDate today) {
        if (!row.made().readable()) {
            return false;
        }
        LocalDate made = row.made().in(dayFirst);
        return made.isAfter(today)
                || (row.seen().readable() && oddGap(made, row.seen().in(dayFirst), today));
    }

    private static boolean oddGap(LocalDate made, LocalDate seen, LocalDate today) {
        long gap = ChronoUnit.DAYS.between(made, seen);
        return gap < 0 || gap > LONGEST_GAP_DAYS || seen.isAfter(today);
    }

    /** The two days of a row; where the order is open, the pair that makes sense, nearest to the usual order. */
    Chosen choose(Pair row, LocalDate today) {
        Chosen usual = chosen(row, dayFirst, dayFirst);
        if (sure || !usual.odd(today)) {
            return usual;
        }
        for (boolean[] order : new boolean[][] {{dayFirst, !dayFirst}, {!dayFirst, dayFirst}, {!dayFirst, !dayFirst}}) {
            Chosen other = chosen(row, order[0], order[1]);
            if (!other.odd(today)) {
                return other;
            }
        }
        return usual;
    }

    private static Chosen chosen(Pair row, boolean madeDayFirst, boolean seenDayFirst) {
        return new Chosen(
                row.made().readable() ? List.of(row.made().in(madeDayFirst)) : List.of(),
                row.seen().readable() ? List.of(row.seen().in(seenDayFirst)) : List.of());
    }

    /** The days settled on; each list holds one day or none. */
    record Chosen(List<LocalDate> made, List<LocalDate> seen) {

        boolean odd(LocalDate today) {
            return !made.isEmpty()
                    && (made.get(0).isAfter(today) || (!seen.isEmpty() && oddGap(made.get(0), seen.get(0), today)));
        }
    }
}
