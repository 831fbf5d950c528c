package baylantern.core.wood;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

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

    private static final int MOST_ROWS = 100_000;
    private static final double LEAST_C = -30;
    private static final double MOST_C = 120;

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
        String head = text.replace("\uFEFF", "").lines().findFirst().orElse("");
        char mark = head.contains(";") ? ';' : head.contains("\t") ? '\t' : ',';
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(mark)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser csv = CSVParser.builder()
                .setReader(new StringReader(text.replace("\uFEFF", "")))
                .setFormat(format)
                .get()) {
            return of(csv.getRecords());
        } catch (IOException | UncheckedIOException e) {
            throw new IllegalArgumentException("The file is not a table of commas or semicolons.", e);
        }
    }

    private static StoreTable of(List<CSVRecord> records) {
        if (records.isEmpty() || records.size() > MOST_ROWS) {
            throw new IllegalArgumentException(
                    "The file has " + records.size() + " rows; 1 to " + MOST_ROWS + " can be read at once.");
        }
        int time = column(records.get(0), Set.of("time", "at", "date", "when"));
        int temp = column(records.get(0), Set.of("temp", "temp_c", "°c", "c", "temperature"));
        List<Reading> readings = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        Set<LocalDateTime> seen = new HashSet<>();
        for (int i = 1; i < records.size(); i++) {
            try {
                readings.add(reading(records.get(i), time, temp, seen));
            } catch (IllegalArgumentException e) {
                refused.add(new Refused(i, String.valueOf(e.getMessage())));
            }
        }
        readings.sort((a, b) -> a.at().compareTo(b.at()));
        double mean = readings.stream().mapToDouble(Reading::temp).average().orElse(0);
        return new StoreTable(List.copyOf(readings), List.copyOf(refused), mean > NO_STORE_C);
    }

    private static int column(CSVRecord heading, Set<String> names) {
        for (int i = 0; i < heading.size(); i++) {
            if (names.contains(heading.get(i).toLowerCase(Locale.ROOT))) {
                return i;
            }
        }
        throw new IllegalArgumentException("The file needs the columns time and temp, for instance time,temp.");
    }

    private static Reading reading(CSVRecord row, int time, int temp, Set<LocalDateTime> seen) {
        LocalDateTime at = moment(row.size() > time ? row.get(time) : "");
        double read = number(row.size() > temp ? row.get(temp) : "");
        if (!seen.add(at)) {
            throw new IllegalArgumentException(at + " stands there twice.");
        }
        return new Reading(at, read);
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
