package baylantern.core.exchange;

import baylantern.core.table.DateReading;
import baylantern.core.table.DateReading.Trait;
import baylantern.core.table.DayOrder;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * Which of day and month comes first in a notebook, decided from the dates that can be only one thing, and row by row
 * where the writer mixed both.
 *
 * @param usual the usual order
 * @param sure true where some dates decide it and none contradicts
 */
record DateOrder(DayOrder usual, boolean sure, String why) {

    /** Looks come after the graft, hardly ever more than two years after. */
    private static final long LONGEST_GAP_DAYS = 730;

    /** The two dates of a row. */
    record Pair(DateReading made, DateReading seen) {}

    static DateOrder of(List<Pair> rows, LocalDate today) {
        long day = count(rows, Trait.DAY_FIRST);
        long month = count(rows, Trait.MONTH_FIRST);
        long open = count(rows, Trait.EITHER);
        if (day + month + open == 0) {
            return new DateOrder(DayOrder.DAY_FIRST, true, "no date leaves the order open");
        }
        if (day > 0 && month > 0) {
            return new DateOrder(
                    DayOrder.of(day >= month),
                    false,
                    day + " dates can only be day first and " + month + " only month first: the writer mixed both");
        }
        if (day + month > 0) {
            return new DateOrder(
                    DayOrder.of(day > 0),
                    true,
                    (day + month) + " dates can only be " + DayOrder.of(day > 0).word() + " first");
        }
        return bySense(rows, today);
    }

    private static DateOrder bySense(List<Pair> rows, LocalDate today) {
        long dayOdd =
                rows.stream().filter(row -> odd(row, DayOrder.DAY_FIRST, today)).count();
        long monthOdd = rows.stream()
                .filter(row -> odd(row, DayOrder.MONTH_FIRST, today))
                .count();
        String odd = dayOdd + " rows make no sense day first, " + monthOdd + " month first";
        return dayOdd == monthOdd
                ? new DateOrder(DayOrder.DAY_FIRST, false, "nothing decides it; day first is assumed")
                : new DateOrder(DayOrder.of(dayOdd < monthOdd), false, odd);
    }

    private static long count(List<Pair> rows, Trait trait) {
        return rows.stream().filter(row -> row.made().trait() == trait).count()
                + rows.stream().filter(row -> row.seen().trait() == trait).count();
    }

    private static boolean odd(Pair row, DayOrder order, LocalDate today) {
        if (!row.made().readable()) {
            return false;
        }
        LocalDate made = row.made().in(order);
        return made.isAfter(today)
                || (row.seen().readable() && oddGap(made, row.seen().in(order), today));
    }

    private static boolean oddGap(LocalDate made, LocalDate seen, LocalDate today) {
        long gap = ChronoUnit.DAYS.between(made, seen);
        return gap < 0 || gap > LONGEST_GAP_DAYS || seen.isAfter(today);
    }

    /** The two days of a row; where the order is open, the pair that makes sense, nearest to the usual order. */
    Chosen choose(Pair row, LocalDate today) {
        Chosen plain = chosen(row, usual, usual);
        if (sure || !plain.odd(today)) {
            return plain;
        }
        DayOrder rare = usual.other();
        for (DayOrder[] order : new DayOrder[][] {{usual, rare}, {rare, usual}, {rare, rare}}) {
            Chosen other = chosen(row, order[0], order[1]);
            if (!other.odd(today)) {
                return other;
            }
        }
        return plain;
    }

    private static Chosen chosen(Pair row, DayOrder made, DayOrder seen) {
        return new Chosen(
                row.made().readable() ? List.of(row.made().in(made)) : List.of(),
                row.seen().readable() ? List.of(row.seen().in(seen)) : List.of());
    }

    /** The days settled on; each list holds one day or none. */
    record Chosen(List<LocalDate> made, List<LocalDate> seen) {

        boolean odd(LocalDate today) {
            return !made.isEmpty()
                    && (made.get(0).isAfter(today) || (!seen.isEmpty() && oddGap(made.get(0), seen.get(0), today)));
        }
    }
}
