package baylantern.app.platform;

import baylantern.core.table.SafeCell;
import java.io.Flushable;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/** A table as it goes out to spreadsheets. Everything that writes commas writes them here. */
public final class CsvTable implements Flushable {

    private final CSVPrinter csv;

    /** Writes to somewhere, in a format. */
    public CsvTable(Appendable out, CSVFormat format) throws IOException {
        this.csv = new CSVPrinter(out, format);
    }

    /** The same in the usual format. */
    public CsvTable(Appendable out) throws IOException {
        this(out, CSVFormat.RFC4180);
    }

    /** Writes a row. */
    public void row(@Nullable Object... cells) throws IOException {
        row(Arrays.asList(cells));
    }

    /** Writes a row. */
    public void row(List<? extends @Nullable Object> cells) throws IOException {
        for (Object cell : cells) {
            csv.print(cell instanceof String text ? SafeCell.written(text) : cell);
        }
        csv.println();
    }

    @Override
    public void flush() throws IOException {
        csv.flush();
    }
}
