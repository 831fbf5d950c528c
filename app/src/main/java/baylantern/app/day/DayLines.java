package baylantern.app.day;

import baylantern.app.bench.BenchService;
import baylantern.app.bench.FreeStem;
import baylantern.app.fit.PreparedPairs;
import baylantern.app.wood.LotView;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import baylantern.core.wood.LotBalance;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Gives each line of a day its stocks and its wood: free stocks of the place in walking order, no stem to two lines; of the
 * lots that may be used and still live by then the one to be used first, no stick twice. What is not there is said, not planned.
 */
@Service
class DayLines {

    private final DayMapper days;
    private final BenchService bench;
    private final LivingWood living;
    private final Rulebook rules;
    private final PreparedPairs pairs;

    DayLines(DayMapper days, BenchService bench, LivingWood living, Rulebook rules, PreparedPairs pairs) {
        this.pairs = pairs;
        this.days = days;
        this.bench = bench;
        this.living = living;
        this.rules = rules;
    }

    /** The lines of a day in the order they were planned, with what they have beside the grafts laid out already. */
    List<Blocks.Line> of(LocalDate day, List<JobRow> laid) {
        Stores stores = new Stores(laid, day);
        Map<Integer, Integer> already = laid.stream()
                .filter(job -> job.refused() == null)
                .collect(Collectors.toMap(JobRow::planNo, job -> 1, Integer::sum));
        return days.standing().stream()
                .filter(row -> row.onDay().equals(day))
                .map(row -> line(row, stores, row.grafts() - already.getOrDefault(row.planNo(), 0)))
                .toList();
    }

    private Blocks.Line line(DayRow plan, Stores stores, int wanted) {
        Technique technique = rules.technique(plan.techniqueKey()).orElseThrow();
        List<FreeStem> stems = stores.stems(plan, Math.max(0, wanted));
        List<Blocks.Piece> pieces = new ArrayList<>();
        for (FreeStem stem : stems) {
            LotView lot = stores.stick(stem.stemId(), plan.varietyId(), BenchService.takes(technique));
            if (lot == null) {
                break;
            }
            pieces.add(new Blocks.Piece(stem, lot));
        }
        return new Blocks.Line(
                plan, technique, List.copyOf(pieces), Math.max(0, wanted) - stems.size(), stems.size() - pieces.size());
    }

    /** The blocks of lines, those of one line in the order of its stocks. */
    static List<Blocks.Made> blocks(List<Blocks.Line> lines) {
        Map<String, List<Blocks.Piece>> pieces = new LinkedHashMap<>();
        Map<String, Blocks.Line> of = new HashMap<>();
        for (Blocks.Line line : lines) {
            for (Blocks.Piece piece : line.pieces()) {
                String key = key(line, piece);
                pieces.computeIfAbsent(key, k -> new ArrayList<>()).add(piece);
                of.put(key, line);
            }
        }
        return pieces.entrySet().stream()
                .map(block -> new Blocks.Made(
                        block.getKey(),
                        Objects.requireNonNull(of.get(block.getKey())),
                        block.getValue().get(0).lot(),
                        block.getValue().get(0).host(),
                        List.copyOf(block.getValue())))
                .toList();
    }

    // A line has its stocks at one place; names of places are long and change.
    private static String key(Blocks.Line line, Blocks.Piece piece) {
        boolean onTree = Blocks.onTree(piece.stem().kind());
        return line.plan().planNo() + " " + piece.lot().id()
                + (onTree ? " " + piece.stem().plantId() : "");
    }

    /** What is there still while lines are served. */
    private final class Stores {

        private final Set<Long> taken;
        private final Map<Long, LotBalance> left = new HashMap<>();
        private final List<LotView> shelf;
        private final Map<Long, PreparedPairs.Pair> prepared = new HashMap<>();

        // What is laid out and not made yet has its stem and its stick.
        Stores(List<JobRow> laid, LocalDate day) {
            this.taken = laid.stream().map(job -> job.on().stemId()).collect(Collectors.toCollection(HashSet::new));
            pairs.open().forEach(pair -> prepared.putIfAbsent(pair.stemId(), pair));
            this.shelf = living.by(day);
            shelf.forEach(lot -> left.put(
                    lot.id(),
                    new LotBalance(
                            lot.sticksLeft(),
                            lot.count().budsLeft(),
                            lot.count().budsPerStick())));
            laid.stream().filter(JobRow::open).forEach(this::promised);
        }

        private void promised(JobRow job) {
            LotBalance.Unit unit =
                    BenchService.takes(rules.technique(job.how().techniqueKey()).orElseThrow());
            left.computeIfPresent(
                    job.how().lotId(), (lot, rest) -> rest.less(1, unit).orElse(rest));
        }

        List<FreeStem> stems(DayRow plan, int wanted) {
            List<FreeStem> own = bench.freeAt(plan.spotId(), plan.speciesKey()).stream()
                    .filter(stem -> !taken.contains(stem.stemId()))
                    .sorted(Comparator.comparingInt(stem -> rank(plan, prepared.get(stem.stemId()))))
                    .limit(wanted)
                    .toList();
            own.forEach(stem -> taken.add(stem.stemId()));
            return own;
        }

        // What was prepared for this line first, what was for another last.
        private static int rank(DayRow plan, PreparedPairs.@Nullable Pair pair) {
            if (pair == null) {
                return 1;
            }
            return pair.varietyId() == plan.varietyId() && pair.techniqueKey().equals(plan.techniqueKey()) ? 0 : 2;
        }

        // The lot that was prepared for the stem, else the one to be used first.
        @Nullable
        LotView stick(long stemId, long varietyId, LotBalance.Unit unit) {
            PreparedPairs.Pair pair = prepared.get(stemId);
            List<LotView> inTurn = shelf.stream()
                    .sorted(Comparator.comparing(lot -> pair == null || lot.id() != pair.lotId()))
                    .toList();
            for (LotView lot : inTurn) {
                if (lot.varietyId() == varietyId) {
                    var rest = Objects.requireNonNull(left.get(lot.id())).less(1, unit);
                    if (rest.isPresent()) {
                        left.put(lot.id(), rest.get());
                        return lot;
                    }
                }
            }
            return null;
        }
    }
}
