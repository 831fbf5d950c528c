package baylantern.core.season.weather;

import baylantern.core.rules.Known;
import baylantern.core.rules.Quantity;
import baylantern.core.table.CsvRows;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Reads a table of weather row by row. The columns are date, min, max and, where measured, humidity, wind and rain, in
 * °C, %, m/s and mm; rows that cannot be are refused one by one, with the reason.
 */
public final class WeatherTable {

    /** The most rows one file may have: sixty years of days. */
    public static final int MOST_ROWS = 22_000;

    private static final Map<String, List<String>> NAMES = Map.of(
            "date", List.of("date", "day"),
            "min", List.of("min", "minc", "tmin", "lowest", "min °c"),
            "max", List.of("max", "maxc", "tmax", "highest", "max °c"),
            "humidity", List.of("humidity", "humiditypct", "rh", "humidity %"),
            "wind", List.of("wind", "windms", "wind m/s"),
            "rain", List.of("rain", "rainmm", "rain mm"));

    private final List<WeatherReading> readings = new ArrayList<>();
    private final List<Refused> refused = new ArrayList<>();
    private final Map<LocalDate, Integer> seen = new HashMap<>();

    private WeatherTable() {}

    /**
     * A row that was not taken.
     *
     * @param row number of the row, 1 for the first below the heading
     */
    public record Refused(int row, String sentence) {}

    /** Reads comma, semicolon or tab separated text; throws {@link IllegalArgumentException} where it is no table. */
    public static WeatherTable ofCsv(String text) {
        return of(CsvRows.of(text));
    }

    /** Reads rows that are already split into named cells. */
    public static WeatherTable of(List<Map<String, String>> rows) {
        if (rows.size() > MOST_ROWS) {
            throw new IllegalArgumentException(
                    "The file has " + rows.size() + " rows; at most " + MOST_ROWS + " days can be read at once.");
        }
        WeatherTable table = new WeatherTable();
        if (!rows.isEmpty()) {
            table.needsColumns(rows.get(0));
        }
        for (int i = 0; i < rows.size(); i++) {
            table.take(i + 1, rows.get(i));
        }
        return table;
    }

    /** The days that can be, in the order of the file. */
    public List<WeatherReading> readings() {
        return List.copyOf(readings);
    }

    /** The rows that cannot be, in the order of the file. */
    public List<Refused> refused() {
        return List.copyOf(refused);
    }

    private void needsColumns(Map<String, String> row) {
        for (String needed : List.of("date", "min", "max")) {
            if (!plain(row).keySet().stream().anyMatch(Known.in(NAMES, needed)::contains)) {
                throw new IllegalArgumentException("The file has no column \"" + needed
                        + "\". It needs date, min and max; humidity, wind and rain if measured.");
            }
        }
    }

    private static Map<String, String> plain(Map<String, String> row) {
        Map<String, String> plain = new HashMap<>();
        row.forEach((name, cell) -> plain.put(name.strip().toLowerCase(Locale.ROOT), cell == null ? "" : cell));
        return plain;
    }

    private void take(int number, Map<String, String> row) {
        try {
            WeatherReading reading = reading(plain(row));
            Integer earlier = seen.putIfAbsent(reading.day(), number);
            if (earlier != null) {
                throw new IllegalArgumentException(
                        reading.day() + " stands in row " + earlier + " already; a day can be told once.");
            }
            readings.add(reading);
        } catch (IllegalArgumentException | DateTimeException e) {
            refused.add(new Refused(number, String.valueOf(e.getMessage())));
        }
    }

    private static WeatherReading reading(Map<String, String> row) {
        LocalDate day = day(cell(row, "date").orElse(""));
        double min = number(row, "min", -60, 60).orElseThrow(() -> missing(day, "lowest temperature"));
        double max = number(row, "max", -60, 60).orElseThrow(() -> missing(day, "highest temperature"));
        if (!(min <= max)) {
            throw new IllegalArgumentException(day + ": the lowest, " + Quantity.celsius(min)
                    + ", is above the highest, " + Quantity.celsius(max) + ". Are the columns changed about?");
        }
        return new WeatherReading(
                day, min, max, or(number(row, "humidity", 0, 100)), or(number(row, "wind", 0, 60)), or(rain(row)));
    }

    private static Optional<Double> rain(Map<String, String> row) {
        return number(row, "rain", 0, 2000);
    }

    private static @Nullable Double or(Optional<Double> found) {
        return found.orElse(null);
    }

    private static IllegalArgumentException missing(LocalDate day, String what) {
        return new IllegalArgumentException(day + " has no " + what + ".");
    }

    private static LocalDate day(String written) {
        try {
            return LocalDate.parse(written);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException(
                    "\"" + written + "\" is not a day; write it as year-month-day, for instance 2026-05-14.", e);
        }
    }

    private static Optional<String> cell(Map<String, String> row, String name) {
        return Known.in(NAMES, name).stream()
                .map(row::get)
                .filter(found -> found != null && !found.isBlank())
                .findFirst();
    }

    private static Optional<Double> number(Map<String, String> row, String name, double low, double high) {
        return cell(row, name).map(written -> within(name, written.strip(), low, high));
    }

    private static double within(String name, String written, double low, double high) {
        double number;
        try {
            number = Double.parseDouble(written.replace(',', '.').replace('−', '-'));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("\"" + written + "\" under " + name + " is not a number.", e);
        }
        if (!(low <= number && number <= high)) {
            throw new IllegalArgumentException(
                    written + " under " + name + " cannot be; it lies from " + (int) low + " to " + (int) high + ".");
        }
        return number;
    }
}
