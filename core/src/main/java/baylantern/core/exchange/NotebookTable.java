package baylantern.core.exchange;

import baylantern.core.rules.Words;
import baylantern.core.table.SafeCell;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * The rows of a notebook under their headings.
 *
 * @param delimiter the character between cells
 */
public record NotebookTable(char delimiter, List<String> headings, List<Line> lines) {

    /** Most rows taken from one file. */
    public static final int MOST_ROWS = 200_000;

    /** Most characters in one cell. */
    public static final int MOST_CELL = 10_000;

    private static final char[] DELIMITERS = {',', ';', '\t', '|'};
    private static final int SAMPLE = 60;

    /** One row; {@code number} counts from 1 as an editor counts lines that are rows. */
    public record Line(long number, List<String> cells) {

        /** The cell in a column, trimmed; empty where the row is short. */
        public String cell(int column) {
            return column < cells.size() ? cells.get(column) : "";
        }

        boolean blank() {
            return cells.stream().allMatch(String::isEmpty);
        }
    }

    /** Splits a text; throws {@link NotebookRefused} where no table can be seen in it. */
    public static NotebookTable of(String text, Words words) {
        char delimiter = delimiter(text);
        List<Line> lines = read(text, delimiter, MOST_ROWS + 1);
        if (lines.size() > MOST_ROWS) {
            throw new NotebookRefused(
                    "The file has more than " + MOST_ROWS + " rows. Split it by year and import each part.");
        }
        int width = lines.stream().mapToInt(line -> line.cells().size()).max().orElse(0);
        if (width < 2) {
            throw new NotebookRefused(
                    "Only one column can be seen. A notebook needs at least a date and a variety, with a comma, semicolon, tab or bar between cells.");
        }
        return headed(delimiter, lines, width, words);
    }

    private static NotebookTable headed(char delimiter, List<Line> lines, int width, Words words) {
        List<Line> filled = lines.stream().filter(line -> !line.blank()).toList();
        int heading = headingLine(filled, words);
        List<String> headings = new ArrayList<>();
        for (int column = 0; column < width; column++) {
            String name = heading < 0 ? "" : filled.get(heading).cell(column);
            headings.add(name.isEmpty() ? "Column " + (column + 1) : name);
        }
        return new NotebookTable(delimiter, List.copyOf(headings), filled.subList(heading + 1, filled.size()));
    }

    // The heading is the first row in which two cells or more are known column words; titles above it are passed over.
    private static int headingLine(List<Line> lines, Words words) {
        for (int i = 0; i < Math.min(lines.size(), 10); i++) {
            long known = lines.get(i).cells().stream()
                    .filter(cell -> headsAColumn(cell, words))
                    .count();
            if (known >= 2) {
                return i;
            }
        }
        return -1;
    }

    private static boolean headsAColumn(String cell, Words words) {
        return ColumnGuesser.byHeading(cell, words).isPresent()
                || PartHeading.of(cell, words).thickness().isPresent();
    }

    private static char delimiter(String text) {
        String sample = text.lines().limit(SAMPLE).reduce("", (a, b) -> a + "\n" + b);
        String bounded = sample.substring(0, Math.min(sample.length(), 200_000));
        return Objects.requireNonNull(Arrays.asList(',', ';', '\t', '|').stream()
                .max(Comparator.comparingDouble(candidate -> agreement(bounded, candidate)))
                .orElse(DELIMITERS[0]));
    }

    // How alike the rows are in width under a delimiter, favouring more columns; titles of one cell have no say.
    private static double agreement(String sample, char delimiter) {
        List<Integer> widths = lenientWidths(sample, delimiter);
        int usual = widths.stream()
                .filter(w -> w > 1)
                .max(Comparator.comparingLong(
                        w -> widths.stream().filter(w::equals).count()))
                .orElse(1);
        double share = widths.stream().filter(w -> w == usual).count() / (double) Math.max(1, widths.size());
        return usual < 2 ? 0 : share + Math.min(usual, 20) * 0.01;
    }

    private static List<Integer> lenientWidths(String sample, char delimiter) {
        List<Integer> widths = new ArrayList<>();
        int width = 1;
        boolean quoted = false;
        for (int i = 0; i < sample.length(); i++) {
            char c = sample.charAt(i);
            if (c == '"') {
                quoted = !quoted;
            } else if (c == '\n') {
                widths.add(width);
                width = 1;
                quoted = false;
            } else if (c == delimiter && !quoted) {
                width++;
            }
        }
        widths.add(width);
        return widths;
    }

    private static List<Line> read(String text, char delimiter, int most) {
        CSVFormat strict = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter)
                .setIgnoreEmptyLines(false)
                .get();
        try {
            return parse(text, strict, most);
        } catch (IOException | UncheckedIOException e) {
            return unquoted(text, strict.builder().setQuote(null).get(), most);
        }
    }

    // Inch marks and stray quotes break the strict reading; then quotes are letters like any other.
    private static List<Line> unquoted(String text, CSVFormat format, int most) {
        try {
            return parse(text, format, most);
        } catch (IOException | UncheckedIOException e) {
            throw new NotebookRefused("The rows cannot be told apart: " + e.getMessage());
        }
    }

    private static List<Line> parse(String text, CSVFormat format, int most) throws IOException {
        List<Line> lines = new ArrayList<>();
        try (CSVParser parser = CSVParser.builder()
                .setReader(new StringReader(text))
                .setFormat(format)
                .get()) {
            for (CSVRecord row : parser) {
                lines.add(line(row));
                if (lines.size() >= most) {
                    break;
                }
            }
        }
        return lines;
    }

    private static Line line(CSVRecord row) {
        List<String> cells = new ArrayList<>(row.size());
        for (String cell : row) {
            if (cell.length() > MOST_CELL) {
                throw new NotebookRefused("Row " + row.getRecordNumber() + " has a cell of " + cell.length()
                        + " characters; the most is " + MOST_CELL + ". Is a quote mark missing there?");
            }
            cells.add(SafeCell.read(cell.replace('\u00a0', ' ').strip()));
        }
        return new Line(row.getRecordNumber(), List.copyOf(cells));
    }
}
