package baylantern.core.wood;

import baylantern.core.table.CsvRows;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * A store thermometer's log as a table with the columns time and temp.
 *
 * @param readings the rows that can be, oldest first
 * @param refused the rows that cannot be
 * @param looksFahrenheit true where most readings are plainly another unit: no store that keeps wood is so warm
 */
public record StoreTable(List<Reading> readings, List<Refused> refused, boolean looksFahrenheit) {

    /** Over this mean, in °C, a store's log is taken for °F until somebody says otherwise. */
    static final double NO_STORE_C = 33;

    private static final Set<String> TIME = Set.of("time", "at", "date", "when");
    private static final Set<String> TEMP = Set.of("temp", "temp_c", "°c", "c", "temperature");
    private static final int MOST_ROWS = 100_000;

    /** What a thermometer in a store can tell, in its own unit. */
    public static final double LEAST_C = -30;

    public static final double MOST_C = 120;

    /** One reading, in the unit of the file. */
    public record Reading(LocalDateTime at, double temp) {}

    /** A row that was not taken; row 1 is the first below the heading. */
    public record Refused(int row, String sentence) {}

    /** °C of a temperature in °F. */
    public static double celsius(double fahrenheit) {
        return (fahrenheit - 32) * 5 / 9;
    }

    /** Reads comma, semicolon or tab separated text; throws {@link IllegalArgumentException} where it is no such table. */
    public static StoreTable ofCsv(String text) {
        List<Map<String, String>> rows = CsvRows.of(text);
        if (rows.size() > MOST_ROWS) {
            throw new IllegalArgumentException(
                    "The file has " + rows.size() + " rows; at most " + MOST_ROWS + " can be read at once.");
        }
        List<Reading> readings = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        Set<LocalDateTime> seen = new HashSet<>();
        for (int i = 0; i < rows.size(); i++) {
            String time = cell(rows.get(i), TIME);
            String temp = cell(rows.get(i), TEMP);
            try {
                Reading reading = new Reading(moment(time), number(temp));
                if (!seen.add(reading.at())) {
                    throw new IllegalArgumentException(reading.at() + " stands there twice.");
                }
                readings.add(reading);
            } catch (IllegalArgumentException e) {
                refused.add(new Refused(i + 1, String.valueOf(e.getMessage())));
            }
        }
        readings.sort(Comparator.comparing(Reading::at));
        double mean = readings.stream().mapToDouble(Reading::temp).average().orElse(0);
        return new StoreTable(List.copyOf(readings), List.copyOf(refused), mean > NO_STORE_C);
    }

    private static String cell(Map<String, String> row, Set<String> names) {
        return row.entrySet().stream()
                .filter(cell -> names.contains(cell.getKey().toLowerCase(Locale.ROOT)))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "The file needs the columns time and temp, for instance time,temp."));
    }

    private static LocalDateTime moment(String written) {
        String plain = written.replace(' ', 'T');
        try {
            return plain.length() == 10 ? LocalDate.parse(plain).atTime(12, 0) : LocalDateTime.parse(plain);
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException("\"" + written + "\" is not a time; write it as 2026-05-14 06:00.", e);
        }
    }

    private static double number(String written) {
        double read;
        try {
            read = Double.parseDouble(written.replace(',', '.').replace('−', '-'));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("\"" + written + "\" is not a temperature.", e);
        }
        if (!(read >= LEAST_C && read <= MOST_C)) {
            throw new IllegalArgumentException(written + " cannot be the warmth of a store; it lies from −30 to 120.");
        }
        return read;
    }
}
