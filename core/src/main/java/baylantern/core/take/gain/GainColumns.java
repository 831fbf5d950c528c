package baylantern.core.take.gain;

import baylantern.core.take.TakeCount;
import baylantern.core.take.fact.FactColumn;
import baylantern.core.take.fact.FactTable;
import baylantern.core.take.gain.LogitDesign.Row;
import baylantern.core.take.gain.LogitDesign.Spread;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The aspects of decided grafts as coefficients: one for each kind met, one for "not written down" where some are and some
 * are not, and the first for the farm. Grafts alike in all of it and of one day are counted together.
 */
final class GainColumns {

    /** The season a graft was made in is its sessions' business. */
    private static final String SEASON = "season";

    private static final int FARM = 0;

    /**
     * An aspect's coefficients: which is whose, and how many decided grafts each has.
     *
     * @param place where a row's coefficient of this aspect stands among the row's
     */
    record Block(FactColumn column, int place, int from, Map<Integer, Integer> at, TakeCount[] counts) {

        /** How many coefficients it has. */
        int size() {
            return at.size();
        }

        /** The coefficient of a kind, the farm's mean of all where none is. */
        Optional<Integer> of(int kind) {
            return Optional.ofNullable(at.get(kind));
        }

        /** Decided grafts of a kind. */
        TakeCount count(int kind) {
            return counts[kind == FactColumn.UNKNOWN ? counts.length - 1 : kind];
        }

        /** Kinds that are known, as they stand in the column. */
        List<Integer> known() {
            return at.keySet().stream()
                    .filter(kind -> kind != FactColumn.UNKNOWN)
                    .sorted()
                    .toList();
        }
    }

    private final List<Block> blocks = new ArrayList<>();
    private final List<Row> rows;
    private final int sessions;
    private final int columns;

    GainColumns(FactTable table, int[] decided) {
        int next = FARM + 1;
        for (FactColumn column : table.columns()) {
            TakeCount[] counts = table.counts(column, decided);
            Map<Integer, Integer> at = met(counts, next);
            if (at.size() > 1 && !column.aspect().key().equals(SEASON)) {
                blocks.add(new Block(column, blocks.size() + 1, next, at, counts));
                next += at.size();
            }
        }
        this.columns = next;
        Map<LocalDate, Integer> days = new HashMap<>();
        Map<List<Integer>, double[]> alike = new LinkedHashMap<>();
        for (int graft : decided) {
            int day = days.computeIfAbsent(table.row(graft).madeOn(), d -> days.size());
            double[] count = alike.computeIfAbsent(key(day, graft), k -> new double[2]);
            count[0] += table.row(graft).end() == FactTable.End.TAKEN ? 1 : 0;
            count[1]++;
        }
        this.sessions = days.size();
        this.rows = alike.entrySet().stream()
                .map(one -> row(one.getKey(), one.getValue()))
                .toList();
    }

    private static Map<Integer, Integer> met(TakeCount[] counts, int from) {
        Map<Integer, Integer> at = new LinkedHashMap<>();
        for (int kind = 0; kind < counts.length; kind++) {
            if (counts[kind].decided() > 0) {
                at.put(kind == counts.length - 1 ? FactColumn.UNKNOWN : kind, from + at.size());
            }
        }
        return at;
    }

    private List<Integer> key(int day, int graft) {
        Integer[] key = new Integer[blocks.size() + 1];
        key[0] = day;
        for (int i = 0; i < blocks.size(); i++) {
            key[i + 1] = blocks.get(i).column().of(graft);
        }
        return Arrays.asList(key);
    }

    private Row row(List<Integer> key, double[] count) {
        int[] at = new int[blocks.size() + 1];
        at[0] = FARM;
        for (int i = 0; i < blocks.size(); i++) {
            at[i + 1] = blocks.get(i).of(key.get(i + 1)).orElseThrow();
        }
        double[] once = new double[at.length];
        Arrays.fill(once, 1);
        return new Row(at, once, key.get(0), count[0], count[1]);
    }

    List<Block> blocks() {
        return blocks;
    }

    Map<String, Block> byAspect() {
        return blocks.stream()
                .collect(Collectors.toMap(block -> block.column().aspect().key(), Function.identity()));
    }

    List<Row> rows() {
        return rows;
    }

    int sessions() {
        return sessions;
    }

    LogitDesign design(double spread, double weight, double sessionSpread) {
        List<Spread> spreads = blocks.stream()
                .map(block -> new Spread(block.from(), block.from() + block.size(), spread, weight))
                .toList();
        return new LogitDesign(columns, new double[columns], spreads, sessions, sessionSpread, rows);
    }

    /** Coefficients for grafts of which some kinds are known; for each other aspect the mean of those on record. */
    Sparse about(Map<String, String> told) {
        Map<Integer, Double> times = new LinkedHashMap<>();
        times.put(FARM, 1.0);
        for (Block block : blocks) {
            String key = told.get(block.column().aspect().key());
            int kind = key == null ? FactColumn.UNKNOWN : block.column().kind(key);
            Optional<Integer> own = kind == FactColumn.UNKNOWN ? Optional.empty() : block.of(kind);
            own.ifPresentOrElse(at -> times.put(at, 1.0), () -> times.putAll(mean(block, block.known())));
        }
        return Sparse.of(times);
    }

    /** Some kinds of an aspect, each by how many decided grafts it has; together 1. */
    static Map<Integer, Double> mean(Block block, List<Integer> kinds) {
        double whole =
                kinds.stream().mapToInt(kind -> block.count(kind).decided()).sum();
        return kinds.stream()
                .collect(Collectors.toMap(
                        kind -> block.of(kind).orElseThrow(),
                        kind -> block.count(kind).decided() / whole));
    }

    /** Coefficients and how often each counts. */
    record Sparse(int[] at, double[] times) {

        static Sparse of(Map<Integer, Double> times) {
            int[] at = times.keySet().stream().mapToInt(Integer::intValue).toArray();
            return new Sparse(at, IntStream.of(at).mapToDouble(times::get).toArray());
        }
    }
}
