package baylantern.core.season;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Comparator;
import java.util.Locale;

/**
 * A season, named for the hemisphere: quarters of whole months from March on. The one that runs from December to
 * February is labelled with both its years.
 *
 * @param startYear the year the season begins in
 * @param quarter 0 from March, 1 from June, 2 from September, 3 from December
 * @param name what the quarter is called on this side of the equator
 */
public record Season(int startYear, int quarter, Name name) implements Comparable<Season> {

    /** Names in the order of a northern year. */
    public enum Name {
        SPRING,
        SUMMER,
        AUTUMN,
        WINTER
    }

    /**
     * The season of a day.
     *
     * @param latitudeDeg degrees, north positive, −90 to 90; the equator counts as north
     */
    public static Season of(LocalDate day, double latitudeDeg) {
        return of(YearMonth.from(day), latitudeDeg);
    }

    /** The season of a month; see {@link #of(LocalDate, double)}. */
    public static Season of(YearMonth month, double latitudeDeg) {
        if (!(Math.abs(latitudeDeg) <= 90)) {
            throw new IllegalArgumentException("latitude " + latitudeDeg + " is outside −90 to 90");
        }
        YearMonth sinceMarch = month.minusMonths(2);
        int quarter = (sinceMarch.getMonthValue() - 1) / 3;
        int turned = latitudeDeg < 0 ? (quarter + 2) % 4 : quarter;
        return new Season(sinceMarch.getYear(), quarter, Name.values()[turned]);
    }

    /** For instance "spring 2026" or "winter 2025–26". */
    public String label() {
        String years = quarter == 3
                ? startYear + "–" + String.format(Locale.ROOT, "%02d", (startYear + 1) % 100)
                : Integer.toString(startYear);
        return name.name().toLowerCase(Locale.ROOT) + " " + years;
    }

    /** A key that sorts by time, for instance "2026-0". */
    public String key() {
        return startYear + "-" + quarter;
    }

    @Override
    public int compareTo(Season other) {
        return Comparator.comparingInt(Season::startYear)
                .thenComparingInt(Season::quarter)
                .compare(this, other);
    }
}
