package baylantern.core.season.weather;

import baylantern.core.rules.Quantity;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The climate of a site: twelve monthly normals, smoothed over the year.
 *
 * <p>Between the middles of two months the normals follow a cubic through the four nearest months (Catmull and Rom
 * 1974), closed over the turn of the year: exact at mid-month, no step from one month to the next. A 29 February reads
 * as the day between its neighbours.
 *
 * @param months January to December
 */
public record Climate(List<Month> months) {

    private static final double YEAR_DAYS = 365.2425;

    /**
     * Normals of one month.
     *
     * @param minC mean daily lowest, °C
     * @param maxC mean daily highest, °C
     * @param humidityPct mean relative humidity, %
     * @param windMs mean wind, m/s
     * @param rainMm rain in the month, mm
     * @param spreadC standard deviation of the daily mean temperature, °C
     */
    public record Month(double minC, double maxC, double humidityPct, double windMs, double rainMm, double spreadC) {

        /** Requires {@code minC <= maxC}. */
        public Month {
            if (!(minC <= maxC)) {
                throw new IllegalArgumentException("a normal lowest of " + Quantity.celsius(minC)
                        + " is above the highest " + Quantity.celsius(maxC));
            }
        }

        /** Mean of lowest and highest, °C. */
        public double meanC() {
            return (minC + maxC) / 2;
        }

        /** The weather of a day of such normals, with the month's rain spread evenly. */
        WeatherDay weather(LocalDate day) {
            double rain = rainMm * 12 / YEAR_DAYS;
            return new WeatherDay(day, minC, maxC, humidityPct, windMs, rain, WeatherDay.Origin.FILLED);
        }
    }

    /** Requires twelve months. */
    public Climate {
        if (months.size() != 12) {
            throw new IllegalArgumentException("a climate has 12 months, not " + months.size());
        }
        months = List.copyOf(months);
    }

    /** The normals on a day; rain stays that of a whole month. */
    public Month on(LocalDate day) {
        return on(day.getDayOfYear());
    }

    /** The normals on each day of a year, 1 to 366. */
    List<Month> wholeYear() {
        return IntStream.rangeClosed(1, 366).mapToObj(this::on).toList();
    }

    private Month on(int dayOfYear) {
        double position = (dayOfYear - 0.5) / YEAR_DAYS * 12 - 0.5;
        int before = (int) Math.floor(position);
        double t = position - before;
        double min = through(before, t, Field.MIN);
        return new Month(
                min,
                Math.max(min, through(before, t, Field.MAX)),
                clamp(through(before, t, Field.HUMIDITY), 0, 100),
                Math.max(0, through(before, t, Field.WIND)),
                Math.max(0, through(before, t, Field.RAIN)),
                Math.max(0, through(before, t, Field.SPREAD)));
    }

    /** The normals half a year turned: the same climate on the other side of the equator. */
    public Climate turned() {
        return new Climate(
                IntStream.range(0, 12).mapToObj(i -> months.get((i + 6) % 12)).toList());
    }

    private enum Field {
        MIN,
        MAX,
        HUMIDITY,
        WIND,
        RAIN,
        SPREAD;

        double of(Month month) {
            return switch (this) {
                case MIN -> month.minC();
                case MAX -> month.maxC();
                case HUMIDITY -> month.humidityPct();
                case WIND -> month.windMs();
                case RAIN -> month.rainMm();
                case SPREAD -> month.spreadC();
            };
        }
    }

    private double through(int before, double t, Field field) {
        double a = field.of(month(before - 1));
        double b = field.of(month(before));
        double c = field.of(month(before + 1));
        double d = field.of(month(before + 2));
        return b + 0.5 * t * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)));
    }

    private Month month(int index) {
        return months.get(Math.floorMod(index, 12));
    }

    private static double clamp(double x, double low, double high) {
        return Math.max(low, Math.min(high, x));
    }
}
