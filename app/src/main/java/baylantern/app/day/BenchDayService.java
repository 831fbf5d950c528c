package baylantern.app.day;

import baylantern.app.bench.FreeStem;
import baylantern.app.cause.LessonService;
import baylantern.app.platform.FarmClock;
import baylantern.app.take.ComingGraft;
import baylantern.app.take.ComingTakes;
import baylantern.app.wood.LotView;
import baylantern.core.day.crew.DaysOfWork;
import baylantern.core.day.crew.Flow;
import baylantern.core.day.crew.Forecast;
import baylantern.core.day.crew.Pace;
import baylantern.core.day.crew.Role;
import baylantern.core.day.crew.Span;
import baylantern.core.day.crew.Stint;
import baylantern.core.day.kit.Kit;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** A graft day as a piece of work, to look at: its order, its team, when it is done, what goes into the box. */
@Service
class BenchDayService {

    private final LayoutService layouts;
    private final DayMapper days;
    private final RunMapper runs;
    private final TeamService teams;
    private final Rulebook rules;
    private final FarmClock clock;
    private final ComingTakes takes;
    private final LessonService lessons;
    private final Ways ways;

    BenchDayService(
            LayoutService layouts,
            DayMapper days,
            RunMapper runs,
            TeamService teams,
            Rulebook rules,
            FarmClock clock,
            ComingTakes takes,
            LessonService lessons,
            Ways ways) {
        this.ways = ways;
        this.lessons = lessons;
        this.takes = takes;
        this.clock = clock;
        this.teams = teams;
        this.layouts = layouts;
        this.days = days;
        this.runs = runs;
        this.rules = rules;
    }

    /** A day with plans. */
    record DayHead(LocalDate day, int lines, int grafts, int made) {}

    /**
     * A line as it is shown.
     *
     * @param again how many of its stocks are tried again, after a graft that failed
     * @param missing what is short, null where nothing is
     * @param lessons what to change on the stocks that are tried again
     * @param likely what its grafts are likely to take, with the wood that most of them have
     */
    record LineView(
            int planNo,
            String varietyName,
            String techniqueName,
            String spotName,
            int grafts,
            int laid,
            int again,
            @Nullable String missing,
            ComingTakes.Told likely,
            List<LessonService.Lesson> lessons) {}

    /** A block in its turn; suspect wood comes last. */
    record BlockView(
            String key,
            int planNo,
            String varietyName,
            String lotCode,
            String host,
            String techniqueName,
            int grafts,
            double minutes,
            boolean suspect) {}

    /**
     * What the order costs.
     *
     * @param moreMinutes beside the best order, 0 where it is that
     * @param chosen true where the grower chose it
     */
    record PriceView(
            int cleanings,
            double cleanMinutes,
            double walkMinutes,
            double lostMinutes,
            double moreMinutes,
            boolean chosen) {}

    /** A person at work: what they do, how fast, how much of their time they wait, and their day. */
    record LaneView(
            @Nullable Long personId,
            String name,
            Role role,
            int fromMinute,
            PaceView pace,
            double idle,
            List<Span> spans) {}

    /** Times as long as usual, learned from so many grafts; 1 where nothing is known. */
    record PaceView(double mean, double low, double high, int times) {

        static PaceView of(Pace pace) {
            return new PaceView(pace.mean(), pace.quantile(0.05), pace.quantile(0.95), pace.times());
        }
    }

    /**
     * The team.
     *
     * @param said true where somebody chose it
     */
    record TeamView(int beginsMinute, TeamEntry.@Nullable Break pause, boolean said, List<LaneView> lanes) {}

    /** When it is done, minutes after midnight, and how long a cut face waits; in sentences too. */
    record DoneView(
            Forecast.Range finish,
            Forecast.Range longestFace,
            double faceMinutes,
            boolean tooLong,
            List<String> sentences) {}

    /** How far it is. */
    record Progress(boolean begun, int made, int open, int refused) {}

    /** The whole of a day. */
    record DayView(
            LocalDate day,
            List<LineView> lines,
            List<BlockView> blocks,
            PriceView price,
            TeamView team,
            @Nullable DoneView done,
            @JsonUnwrapped Box box,
            Progress progress) {

        /** What goes into the box. */
        record Box(List<Kit.Thing> kit) {}
    }

    /** What was done. */
    record Done(long actId, String sentence) {}

    /** Days with plans from today on, the first of them first. */
    List<DayHead> heads() {
        Map<LocalDate, List<DayRow>> byDay = days.standing().stream()
                .filter(row -> !row.onDay().isBefore(clock.today()))
                .collect(Collectors.groupingBy(DayRow::onDay, TreeMap::new, Collectors.toList()));
        return byDay.entrySet().stream()
                .map(day -> new DayHead(
                        day.getKey(),
                        day.getValue().size(),
                        day.getValue().stream().mapToInt(DayRow::grafts).sum(),
                        (int) runs.jobs(day.getKey()).stream()
                                .filter(job -> job.made().graftCode() != null)
                                .count()))
                .toList();
    }

    DayView view(LocalDate day) {
        LayoutService.Layout layout = layouts.of(day);
        TeamService.Team team = teams.of(day);
        List<Stint> stints = layouts.stints(layout.order());
        Forecast forecast = forecast(team, stints);
        return new DayView(
                day,
                layout.lines().stream().map(line -> line(line, layout.jobs())).toList(),
                layout.order().stream().map(this::block).toList(),
                price(layout.price()),
                teamView(team, forecast.typical()),
                stints.isEmpty() ? null : done(team, stints, forecast, layout),
                new DayView.Box(kit(layout, team)),
                progress(layout.jobs()));
    }

    static Progress progress(List<JobRow> jobs) {
        int made = (int)
                jobs.stream().filter(job -> job.made().graftCode() != null).count();
        int open = (int) jobs.stream().filter(JobRow::open).count();
        return new Progress(!jobs.isEmpty(), made, open, jobs.size() - made - open);
    }

    private LineView line(Blocks.Line line, List<JobRow> jobs) {
        int laid = line.pieces().size()
                + (int) jobs.stream()
                        .filter(job -> job.planNo() == line.plan().planNo() && job.refused() == null)
                        .count();
        return new LineView(
                line.plan().planNo(),
                line.plan().varietyName(),
                line.technique().name(),
                line.plan().spotName(),
                line.plan().grafts(),
                laid,
                (int) line.pieces().stream()
                        .filter(piece -> piece.stem().again())
                        .count(),
                missing(line, laid),
                takes.of(coming(line)),
                lessons.of(line.pieces().stream()
                        .map(Blocks.Piece::stem)
                        .filter(FreeStem::again)
                        .map(FreeStem::stemId)
                        .toList()));
    }

    private static ComingGraft coming(Blocks.Line line) {
        Map<LotView, Long> lots = line.pieces().stream()
                .collect(Collectors.groupingBy(Blocks.Piece::lot, LinkedHashMap::new, Collectors.counting()));
        ComingGraft.Wood wood = lots.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .map(lot ->
                        new ComingGraft.Wood(Objects.requireNonNullElse(lot.of().fromName(), ""), lot.cutOn()))
                .orElse(null);
        return new ComingGraft(
                line.plan().varietyId(), line.technique().key(), line.plan().onDay(), wood);
    }

    private static @Nullable String missing(Blocks.Line line, int laid) {
        if (laid >= line.plan().grafts()) {
            return null;
        }
        String wood = line.woodShort() == 0
                ? ""
                : "wood for " + line.woodShort() + " is missing: collect or ask for it, or plan fewer";
        String stocks = line.stemsShort() == 0
                ? ""
                : line.stemsShort() + (line.stemsShort() == 1 ? " stock" : " stocks") + " too few stand free at "
                        + line.plan().spotName();
        return stocks.isEmpty() ? wood : wood.isEmpty() ? stocks : wood + "; " + stocks;
    }

    private BlockView block(DayBlock block) {
        return new BlockView(
                block.key(),
                block.planNo(),
                block.of().varietyName(),
                block.wood().lotCode(),
                block.where().host(),
                block.how().technique().name(),
                block.grafts(),
                layouts.block(block).workMinutes(),
                block.wood().suspect());
    }

    private static PriceView price(LayoutService.Price price) {
        return new PriceView(
                price.cost().cleanings(),
                price.cost().cleanMinutes(),
                price.cost().walkMinutes(),
                price.cost().lostMinutes(),
                Math.max(0, price.cost().minutes() - price.bestMinutes()),
                price.chosen());
    }

    private TeamView teamView(TeamService.Team team, Flow flow) {
        List<LaneView> lanes = new ArrayList<>();
        for (int i = 0; i < team.hands().size(); i++) {
            Forecast.Known known = team.hands().get(i);
            Flow.Of lane = flow.lanes().get(i);
            lanes.add(new LaneView(
                    team.rows().isEmpty() ? null : team.rows().get(i).personId(),
                    known.hand().name(),
                    known.hand().role(),
                    (int) known.hand().fromMinute(),
                    PaceView.of(known.pace()),
                    lane.idle(),
                    lane.spans()));
        }
        return new TeamView(team.begins(), team.pause(), !team.rows().isEmpty(), lanes);
    }

    private Forecast forecast(TeamService.Team team, List<Stint> stints) {
        return Forecast.of(
                team.hands(),
                team.pauses(),
                rules.day(FigureName.FACE_MINUTES),
                stints,
                rules.day(FigureName.PACE_SHAPE));
    }

    private DoneView done(TeamService.Team team, List<Stint> stints, Forecast forecast, LayoutService.Layout layout) {
        Forecast.Range finish = forecast.finish();
        List<String> sentences = new ArrayList<>(ways.ahead(layout.lines()));
        sentences.addAll(new BenchDayWords(rules).of(team.crew(), stints, forecast, layout.order()));
        return new DoneView(
                new Forecast.Range(
                        team.begins() + finish.low(), team.begins() + finish.mid(), team.begins() + finish.high()),
                forecast.longestFace(),
                rules.day(FigureName.FACE_MINUTES),
                DaysOfWork.done(forecast.typical()) > SpreadService.limit(rules),
                sentences);
    }

    private List<Kit.Thing> kit(LayoutService.Layout layout, TeamService.Team team) {
        List<Kit.Part> parts = layout.order().stream()
                .map(block ->
                        new Kit.Part(block.how().technique(), block.how().cover(), block.grafts(), block.stockMm()))
                .toList();
        int blades = (int) team.hands().stream()
                .filter(known ->
                        known.hand().role() != Role.WRAP && known.hand().role() != Role.LABEL)
                .count();
        int cleanings = layout.price().cost().cleanings() * blades;
        return parts.isEmpty() ? List.of() : new Kit(rules).things(parts, cleanings, blades);
    }
}
