package baylantern.core.season.weather;

import baylantern.core.rules.Quantity;
import baylantern.core.table.CsvRows;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
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

    private static final int HEADING_COLUMNS = 3;

    private final List<WeatherReading> readings = new ArrayList<>();
    private final List<Refused> refused = new ArrayList<>();
    private final Map<LocalDate, Integer> seen = new HashMap<>();

    private final String told;

    private WeatherTable(String told) {
        this.told = told;
    }

    /**
     * A row that was not taken.
     *
     * @param row number of the row, 1 for the first below the heading
     */
    public record Refused(int row, String sentence) {}

    /** Reads comma, semicolon or tab separated text; throws {@link IllegalArgumentException} where it is no table. */
    public static WeatherTable ofCsv(String text) {
        return written(
                CsvRows.of(text, heading -> new WeatherColumns(heading).byRole().size() >= HEADING_COLUMNS));
    }

    /** Reads rows as another program may have headed and measured them, see {@link WeatherSpelling}. */
    public static WeatherTable written(List<Map<String, String>> rows) {
        WeatherSpelling spelling = new WeatherSpelling(rows);
        List<Map<String, String>> plain = spelling.plain();
        return of(plain, spelling.told());
    }

    /** Reads rows under our own headings: date, min, max, humidity, wind, rain, in °C, %, m/s and mm. */
    public static WeatherTable of(List<Map<String, String>> rows) {
        return of(rows, "");
    }

    private static WeatherTable of(List<Map<String, String>> rows, String told) {
        if (rows.size() > MOST_ROWS) {
            throw new IllegalArgumentException(
                    "The file has " + rows.size() + " rows; at most " + MOST_ROWS + " days can be read at once.");
        }
        WeatherTable table = new WeatherTable(told);
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

    /** What was taken for granted in reading, to stand after "read as"; empty where all was as ours. */
    public String told() {
        return told;
    }

    /** The rows that cannot be, in the order of the file. */
    public List<Refused> refused() {
        return List.copyOf(refused);
    }

    private void needsColumns(Map<String, String> row) {
        for (String needed : List.of("date", "min", "max")) {
            if (!row.containsKey(needed)) {
                throw new IllegalArgumentException("The file has no column \"" + needed
                        + "\". It needs date, min and max; humidity, wind and rain if measured.");
            }
        }
    }

    private void take(int number, Map<String, String> row) {
        try {
            WeatherReading reading = reading(row);
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
        return Optional.ofNullable(row.get(name)).filter(found -> !found.isBlank());
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
