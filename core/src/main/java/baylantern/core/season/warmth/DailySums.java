package baylantern.core.season.warmth;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.function.ToDoubleFunction;

/** A running sum over days, to be asked both ways: how much between two days, and which day so much is reached. */
public final class DailySums {

    private static final double CLOSE = 1e-9;

    private final LocalDate first;
    private final double[] sums;

    private DailySums(LocalDate first, double[] sums) {
        this.first = first;
        this.sums = sums;
    }

    /** Sums what each day gives, none below 0, from the first day for so many days. */
    public static DailySums of(LocalDate first, int days, ToDoubleFunction<LocalDate> each) {
        double[] sums = new double[days + 1];
        for (int i = 0; i < days; i++) {
            sums[i + 1] = sums[i] + Math.max(0, each.applyAsDouble(first.plusDays(i)));
        }
        return new DailySums(first, sums);
    }

    /** The sum up to the evening of a day; days outside the span read as its nearest end. */
    public double upTo(LocalDate day) {
        long index = ChronoUnit.DAYS.between(first, day) + 1;
        return sums[(int) Math.max(0, Math.min(sums.length - 1, index))];
    }

    /** The first day by whose evening the sum is reached; the day after the span where it is not. */
    public LocalDate reaching(double sum) {
        int at = Arrays.binarySearch(sums, sum - CLOSE);
        int index = at >= 0 ? at : -at - 1;
        while (index > 0 && sums[index - 1] >= sum - CLOSE) {
            index--;
        }
        return first.plusDays(index - 1L);
    }

    /** The last day of the span. */
    public LocalDate last() {
        return first.plusDays(sums.length - 2L);
    }
}
