package baylantern.app.day;

import baylantern.app.bench.FreeStem;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Spot;
import baylantern.app.wood.LotDesk;
import baylantern.app.wood.LotView;
import baylantern.core.day.crew.Stint;
import baylantern.core.day.order.Block;
import baylantern.core.day.order.DayOrder;
import baylantern.core.day.order.OrderCost;
import baylantern.core.lineage.Health;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.wood.Keeping;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The blocks of a day and the order they are made in: the cheapest, or the one the grower chose. */
@Service
class LayoutService {

    /** A stock nobody measured counts for so thick, mm. */
    private static final double USUAL_STOCK_MM = 10;

    private static final double HOURS = 24;
    private static final double SEVENTY = 0.3;

    private final DayLines lines;
    private final RunMapper runs;
    private final PlaceService places;
    private final LotDesk lots;
    private final Paces paces;
    private final Rulebook rules;

    LayoutService(DayLines lines, RunMapper runs, PlaceService places, LotDesk lots, Paces paces, Rulebook rules) {
        this.lines = lines;
        this.runs = runs;
        this.places = places;
        this.lots = lots;
        this.paces = paces;
        this.rules = rules;
    }

    /**
     * A day laid out.
     *
     * @param jobs its grafts where work has begun, else none
     * @param order its blocks with what is still to make, in the order they are made
     */
    record Layout(List<Blocks.Line> lines, List<JobRow> jobs, List<DayBlock> order, Price price) {}

    /**
     * What the order costs beside the best.
     *
     * @param chosen true where the grower chose it
     */
    record Price(OrderCost.Cost cost, double bestMinutes, boolean chosen) {}

    Layout of(LocalDate day) {
        List<JobRow> jobs = runs.jobs(day);
        List<Blocks.Line> laid = lines.of(day, jobs);
        List<DayBlock> blocks = new ArrayList<>(jobs.isEmpty() ? fresh(laid) : begun(jobs));
        List<String> turns = runs.turns(day);
        List<DayBlock> best = best(blocks);
        List<DayBlock> order = jobs.isEmpty() ? chosen(best, turns) : blocks;
        OrderCost cost = cost();
        double bestMinutes = cost.of(asBlocks(best)).minutes();
        return new Layout(laid, jobs, order, new Price(cost.of(asBlocks(order)), bestMinutes, !turns.isEmpty()));
    }

    /** The pieces a day could be begun with, block by block in the order they are made. */
    List<Blocks.Made> pieces(LocalDate day, Layout layout) {
        List<Blocks.Made> made = DayLines.blocks(layout.lines());
        List<String> order = chosen(best(fresh(layout.lines())), runs.turns(day)).stream()
                .map(DayBlock::key)
                .toList();
        return made.stream()
                .sorted(Comparator.comparingInt(block -> order.indexOf(block.key())))
                .toList();
    }

    OrderCost cost() {
        return new OrderCost(rules.day(FigureName.CLEAN_MINUTES), rules.day(FigureName.STEP_MINUTES));
    }

    Block block(DayBlock block) {
        return block.block(paces.usual(block.how().technique()).whole());
    }

    private List<Block> asBlocks(List<DayBlock> blocks) {
        return blocks.stream().map(this::block).toList();
    }

    private List<DayBlock> best(List<DayBlock> blocks) {
        Map<String, DayBlock> byKey = blocks.stream()
                .collect(Collectors.toMap(DayBlock::key, Function.identity(), (a, b) -> a, LinkedHashMap::new));
        return new DayOrder(cost())
                .best(asBlocks(blocks)).stream()
                        .map(block -> Objects.requireNonNull(byKey.get(block.key())))
                        .toList();
    }

    // Blocks that were not there when the order was chosen come after those that were.
    private static List<DayBlock> chosen(List<DayBlock> best, List<String> turns) {
        return best.stream()
                .sorted(Comparator.comparingInt(
                        (DayBlock block) -> turns.contains(block.key()) ? turns.indexOf(block.key()) : turns.size()))
                .toList();
    }

    private List<DayBlock> fresh(List<Blocks.Line> laid) {
        Map<String, Integer> walk = walk();
        return DayLines.blocks(laid).stream()
                .map(made -> new DayBlock(
                        made.key(),
                        made.line().plan().planNo(),
                        new DayBlock.Of(
                                made.line().plan().varietyId(),
                                made.line().plan().varietyName()),
                        wood(made.lot().id(), made.lot().code(), made.lot()),
                        new DayBlock.Where(
                                made.host(),
                                walk.getOrDefault(made.pieces().get(0).stem().spotName(), 0)),
                        new DayBlock.How(made.line().technique(), made.cover()),
                        made.pieces().size(),
                        made.pieces().stream()
                                .map(Blocks.Piece::stem)
                                .map(FreeStem::diameterMm)
                                .filter(Objects::nonNull)
                                .mapToDouble(Double::doubleValue)
                                .average()
                                .orElse(USUAL_STOCK_MM)))
                .toList();
    }

    private List<DayBlock> begun(List<JobRow> jobs) {
        Map<String, Integer> walk = walk();
        Map<Long, LotView> shelf = lots.shelf().stream().collect(Collectors.toMap(LotView::id, Function.identity()));
        Map<String, List<JobRow>> byBlock = jobs.stream()
                .filter(JobRow::open)
                .collect(Collectors.groupingBy(JobRow::block, LinkedHashMap::new, Collectors.toList()));
        return byBlock.entrySet().stream()
                .map(block -> begun(block.getKey(), block.getValue(), walk, shelf))
                .toList();
    }

    private DayBlock begun(String key, List<JobRow> jobs, Map<String, Integer> walk, Map<Long, LotView> shelf) {
        JobRow job = jobs.get(0);
        return new DayBlock(
                key,
                job.planNo(),
                new DayBlock.Of(job.how().varietyId(), job.how().varietyName()),
                wood(job.how().lotId(), job.how().lotCode(), shelf.get(job.how().lotId())),
                new DayBlock.Where(job.host(), walk.getOrDefault(job.on().spotName(), 0)),
                new DayBlock.How(
                        rules.technique(job.how().techniqueKey()).orElseThrow(),
                        job.how().cover()),
                jobs.size(),
                jobs.stream()
                        .map(one -> one.on().stockMm())
                        .filter(Objects::nonNull)
                        .mapToDouble(Double::doubleValue)
                        .average()
                        .orElse(USUAL_STOCK_MM));
    }

    private Map<String, Integer> walk() {
        return places.spots().stream().collect(Collectors.toMap(Spot::name, Spot::walkOrder));
    }

    private DayBlock.Wood wood(long id, String code, @Nullable LotView lot) {
        boolean lapsed = lot != null && lot.standing().health().standing() == Health.Standing.LAPSED;
        return new DayBlock.Wood(id, code, lapsed, lot == null ? 0 : lossPerHour(lot));
    }

    // On the bench day the wood waits in the cool box: it loses as its keeping there says.
    private double lossPerHour(LotView lot) {
        double days = new Keeping(rules.wood(), lot.of().speciesKey())
                .days(rules.wood().value(FigureName.COOL_BOX_C));
        double bare = lot.wrapped() ? 1 : rules.wood().value(FigureName.BARE_TIMES);
        return Math.min(1, SEVENTY * bare / (days * HOURS));
    }

    /** The work of blocks in their order: cleaning where it is due, and the way from one to the next. */
    List<Stint> stints(List<DayBlock> order) {
        List<Stint> stints = new ArrayList<>();
        Block last = null;
        for (DayBlock block : order) {
            Block next = block(block);
            boolean cleaned = last == null || last.cleanedBefore(next);
            stints.add(new Stint(
                    block.key(),
                    block.grafts(),
                    paces.usual(block.how().technique()),
                    cleaned ? rules.day(FigureName.CLEAN_MINUTES) : 0,
                    last == null ? 0 : cost().walk(last, next)));
            last = next;
        }
        return stints;
    }

    /** The keys of the blocks that can be put in an order. */
    static Set<String> keys(Layout layout) {
        return layout.order().stream().map(DayBlock::key).collect(Collectors.toSet());
    }
}
