package baylantern.app.bench;

import baylantern.app.platform.FarmProblem;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A part of the year, in whichever year: month · 100 + day, both ends included. It may run over the turn of the year.
 */
public record YearPart(int from, int to) {

    private static final Pattern WRITTEN = Pattern.compile("(\\d\\d)(\\d\\d)-(\\d\\d)(\\d\\d)");

    /** Reads it as {@code 0401-0531}, null where nothing is written; throws where there are no such days. */
    public static @Nullable YearPart read(@Nullable String written) {
        if (written == null) {
            return null;
        }
        Matcher parts = WRITTEN.matcher(written);
        try {
            if (parts.matches()) {
                return new YearPart(day(parts.group(1), parts.group(2)), day(parts.group(3), parts.group(4)));
            }
        } catch (DateTimeException e) {
            throw wrong(written);
        }
        throw wrong(written);
    }

    private static FarmProblem wrong(String written) {
        return FarmProblem.wrong("part", written, "such as 0401-0531", "\"" + written + "\" is no part of the year.");
    }

    private static int day(String month, String day) {
        MonthDay there = MonthDay.of(Integer.parseInt(month), Integer.parseInt(day));
        return there.getMonthValue() * 100 + there.getDayOfMonth();
    }

    /** As it is read. */
    public String written() {
        return String.format("%04d-%04d", from, to);
    }

    /** Whether a day lies in it, whichever its year. */
    public boolean holds(LocalDate day) {
        int at = 100 * day.getMonthValue() + day.getDayOfMonth();
        return overTheTurn() ? at >= from || at <= to : at >= from && at <= to;
    }

    /** Whether it runs over the turn of the year. */
    public boolean overTheTurn() {
        return from > to;
    }
}
