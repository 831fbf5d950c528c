package baylantern.core.take.fact;

import baylantern.core.take.TakeCount;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** All grafts once each, with what was known of them; in the order they were made. */
public final class FactTable {

    private final List<Row> rows;
    private final Map<String, FactColumn> columns = new LinkedHashMap<>();

    /** How a graft stands. */
    public enum End {
        TAKEN,
        FAILED,
        WAITING,
        LOST;

        /** Whether its fate is known. */
        public boolean decided() {
            return this == TAKEN || this == FAILED;
        }

        /** One graft that ended so. */
        public TakeCount count() {
            return switch (this) {
                case TAKEN -> new TakeCount(1, 0, 0, 0);
                case FAILED -> new TakeCount(0, 1, 0, 0);
                case WAITING -> new TakeCount(0, 0, 1, 0);
                case LOST -> new TakeCount(0, 0, 0, 1);
            };
        }
    }

    /** A graft. */
    public record Row(String code, LocalDate madeOn, End end) {}

    /** A table of these grafts and columns, all of one length. */
    public FactTable(List<Row> rows, List<FactColumn> columns) {
        this.rows = List.copyOf(rows);
        columns.forEach(column -> this.columns.put(column.aspect().key(), column));
    }

    /** How many grafts there are. */
    public int size() {
        return rows.size();
    }

    /** A graft by its place, 0 to {@link #size()} exclusive. */
    public Row row(int graft) {
        return rows.get(graft);
    }

    /** All columns in their order. */
    public List<FactColumn> columns() {
        return List.copyOf(columns.values());
    }

    /** The column of an aspect, empty where there is no such aspect. */
    public Optional<FactColumn> column(String aspect) {
        return Optional.ofNullable(columns.get(aspect));
    }

    /** Places of the grafts for which something holds. */
    public int[] where(IntPredicate holds) {
        return IntStream.range(0, size()).filter(holds).toArray();
    }

    /** Counts of some grafts by the kinds of a column; those not known come last, so there is one count more than kinds. */
    public TakeCount[] counts(FactColumn column, int[] grafts) {
        int kinds = column.kinds().size();
        int[][] counts = new int[kinds + 1][End.values().length];
        for (int graft : grafts) {
            int kind = column.of(graft);
            counts[kind == FactColumn.UNKNOWN ? kinds : kind][
                    rows.get(graft).end().ordinal()]++;
        }
        TakeCount[] told = new TakeCount[kinds + 1];
        for (int kind = 0; kind <= kinds; kind++) {
            told[kind] = new TakeCount(counts[kind][0], counts[kind][1], counts[kind][2], counts[kind][3]);
        }
        return told;
    }
}
