package baylantern.core.table;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A table with a heading, separated by commas, semicolons or tabs; which of them the heading shows. */
public final class CsvRows {

    private static final int HEADED_WITHIN = 10;

    private CsvRows() {}

    /**
     * The rows below the heading, cells by the heading's words as written.
     *
     * @throws IllegalArgumentException with a sentence where the text is empty or no table
     */
    public static List<Map<String, String>> of(String text) {
        return of(text, heading -> true);
    }

    /**
     * The same, where titles may stand above the heading: it is the first row that can be one, else the first of all.
     *
     * @throws IllegalArgumentException with a sentence where the text is empty or no table
     */
    public static List<Map<String, String>> of(String text, Predicate<List<String>> heads) {
        String plain = text.replace("\uFEFF", "");
        List<CSVRecord> records = records(plain);
        if (records.isEmpty()) {
            throw new IllegalArgumentException("The file is empty.");
        }
        int at = IntStream.range(0, Math.min(HEADED_WITHIN, records.size()))
                .filter(i -> heads.test(records.get(i).toList()))
                .findFirst()
                .orElse(0);
        CSVRecord heading = records.get(at);
        List<Map<String, String>> rows = new ArrayList<>();
        for (CSVRecord record : records.subList(at + 1, records.size())) {
            Map<String, String> row = new HashMap<>();
            for (int i = 0; i < heading.size(); i++) {
                row.put(heading.get(i), i < record.size() ? record.get(i) : "");
            }
            rows.add(row);
        }
        return rows;
    }

    private static List<CSVRecord> records(String text) {
        String head = text.lines().limit(HEADED_WITHIN).collect(Collectors.joining("\n"));
        char mark = head.contains(";") ? ';' : head.contains("\t") ? '\t' : ',';
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(mark)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser csv = CSVParser.builder()
                .setReader(new StringReader(text))
                .setFormat(format)
                .get()) {
            return csv.getRecords();
        } catch (IOException | UncheckedIOException e) {
            throw new IllegalArgumentException("The file is not a table of commas or semicolons.", e);
        }
    }
}
