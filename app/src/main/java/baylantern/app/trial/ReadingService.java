package baylantern.app.trial;

import baylantern.app.place.PlaceService;
import baylantern.app.platform.DemoClock;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.platform.Undoer;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.take.Belief;
import baylantern.core.trial.PairedTakes;
import baylantern.core.trial.Reading;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * How trials stand, and what they say once they may be read. Before that nothing tells what either way took. What was read is
 * not taken back: whoever has read it knows it, and a reading more would be one too many.
 */
@Service
class ReadingService implements Undoer {

    private static final String KIND = "trial-reading";

    private final TrialMapper trials;
    private final TrialService service;
    private final TrialAspects aspects;
    private final PlaceService places;
    private final TrailService trail;
    private final DemoClock demo;
    private final FarmClock clock;
    private final Rulebook rules;

    ReadingService(
            TrialMapper trials,
            TrialService service,
            TrialAspects aspects,
            PlaceService places,
            TrailService trail,
            DemoClock demo,
            FarmClock clock,
            Rulebook rules) {
        this.trials = trials;
        this.service = service;
        this.aspects = aspects;
        this.places = places;
        this.trail = trail;
        this.demo = demo;
        this.clock = clock;
        this.rules = rules;
    }

    /** What is tried in what. */
    record Asked(
            String aspect,
            String words,
            String first,
            String second,
            String speciesName,
            @Nullable String varietyName,
            @Nullable String techniqueName) {}

    /**
     * How far it is.
     *
     * @param each grafts of each way it needs
     * @param open laid into days, to be made yet
     * @param decided of both ways
     * @param due how many decided grafts the next reading waits for; null where it has ended
     * @param ready whether it may be read now
     * @param gates how many decided grafts each reading waits for
     */
    record Standing(
            int each,
            int open,
            int made,
            int decided,
            int lost,
            @Nullable Integer due,
            boolean ready,
            List<Integer> gates) {}

    /**
     * A trial.
     *
     * @param hidden whether who looks is not told which way a graft was made
     * @param plan how large it is and when it is read, in words
     * @param says what was read last, null where nothing was
     * @param reading the last reading's counts and difference, null while it runs
     */
    record TrialView(
            long id,
            int number,
            String question,
            Asked asked,
            Standing standing,
            boolean hidden,
            String plan,
            @Nullable String says,
            TrialMapper.@Nullable ReadRow reading,
            Dates dates) {}

    /** When it began and ended, and how. */
    record Dates(LocalDate since, @Nullable LocalDate endedOn, TrialRow.@Nullable Ending ending) {}

    /** All trials, those that run first, then the latest. */
    List<TrialView> all() {
        Map<Long, List<TrialMapper.ReadRow>> readings =
                trials.readings().stream().collect(Collectors.groupingBy(TrialMapper.ReadRow::trialId));
        List<TrialRow> rows = trials.all();
        return Stream.concat(
                        rows.stream().filter(TrialRow::runs),
                        rows.stream().filter(row -> !row.runs()).sorted((a, b) -> b.number() - a.number()))
                .map(row -> view(row, readings.getOrDefault(row.id(), List.of())))
                .toList();
    }

    private TrialView view(TrialRow trial, List<TrialMapper.ReadRow> readings) {
        TrialAspects.AspectChoice aspect = aspects.known(trial.of());
        TrialMapper.ReadRow last = readings.isEmpty() ? null : readings.get(readings.size() - 1);
        boolean givenUp = trial.ended().ending() == TrialRow.Ending.GIVEN_UP;
        return new TrialView(
                trial.id(),
                trial.number(),
                trial.question(),
                asked(trial.of(), aspect),
                standing(trial, trials.turns(trial.id()), last == null ? 0 : last.reading()),
                aspect.hidden(),
                TrialWords.plan(trial.planned(), aspect.hidden()),
                givenUp
                        ? "Given up: nothing was read of it."
                        : last == null ? null : TrialWords.read(last, trial, aspect),
                trial.runs() ? null : last,
                new Dates(trial.since(), trial.ended().on(), trial.ended().ending()));
    }

    private Asked asked(TrialRow.Of of, TrialAspects.AspectChoice aspect) {
        return new Asked(
                aspect.key(),
                aspect.words(),
                aspect.words(of.first()),
                aspect.words(of.second()),
                rules.species(of.speciesKey()).map(Species::name).orElse(of.speciesKey()),
                of.varietyId() == null ? null : places.variety(of.varietyId()).name(),
                Optional.ofNullable(of.techniqueKey())
                        .flatMap(rules::technique)
                        .map(one -> one.name())
                        .orElse(null));
    }

    private static Standing standing(TrialRow trial, List<TurnRow> turns, int read) {
        int decided = (int) turns.stream().filter(TurnRow::decided).count();
        int lost = (int) turns.stream().filter(TurnRow::lost).count();
        int made =
                (int) turns.stream().filter(turn -> turn.made().code() != null).count();
        int open = (int) turns.stream()
                .filter(turn -> turn.made().code() == null && !turn.refused())
                .count();
        Integer due = trial.runs()
                ? trial.planned().size().due(Math.min(read + 1, trial.planned().readings()))
                : null;
        return new Standing(
                trial.planned().each(),
                open,
                made,
                decided,
                lost,
                due,
                trial.runs() && trial.planned().size().reading(decided) > read,
                IntStream.rangeClosed(1, trial.planned().readings())
                        .mapToObj(trial.planned().size()::due)
                        .toList());
    }

    /** A graft of a trial; which way it was made is told once the trial has ended. */
    record TrialGraft(String code, int pair, @Nullable String way, String stands) {}

    /** The grafts of a trial that were made, by pair. */
    List<TrialGraft> grafts(long id) {
        TrialRow trial = trials.trial(id);
        if (trial == null) {
            throw FarmProblem.unknown("trial", id);
        }
        TrialAspects.AspectChoice aspect = aspects.known(trial.of());
        return trials.turns(id).stream()
                .filter(turn -> turn.made().code() != null && turn.made().state() != null)
                .map(turn -> new TrialGraft(
                        Objects.requireNonNull(turn.made().code()),
                        turn.pair(),
                        trial.runs()
                                ? null
                                : aspect.words(
                                        turn.firstWay()
                                                ? trial.of().first()
                                                : trial.of().second()),
                        Objects.requireNonNull(turn.made().state()).words()))
                .toList();
    }

    /** Reads a trial where that is due, and ends it where it says enough or nothing is to come. */
    @Transactional
    TrialService.TrialDone read(long id) {
        TrialRow trial = service.running(id);
        List<TurnRow> turns = trials.turns(id);
        int decided = (int) turns.stream().filter(TurnRow::decided).count();
        int before = before(trial);
        int reading = trial.planned().size().reading(decided);
        if (reading <= before) {
            throw FarmProblem.wrong(
                    "decided",
                    decided,
                    "" + trial.planned().size().due(before + 1),
                    "Trial " + trial.number() + " may be read when "
                            + trial.planned().size().due(before + 1) + " of its grafts are decided; " + decided
                            + " are. Who reads sooner and more often finds differences that are none.");
        }
        TrialMapper.ReadRow row = row(trial, reading, turns, clock.today());
        String sentence =
                "Trial " + trial.number() + " read. " + TrialWords.read(row, trial, aspects.known(trial.of()));
        long act = trail.follow(KIND, sentence);
        write(row);
        return new TrialService.TrialDone(act, sentence);
    }

    private int before(TrialRow trial) {
        return trials.readings().stream()
                .filter(row -> row.trialId() == trial.id())
                .mapToInt(TrialMapper.ReadRow::reading)
                .max()
                .orElse(0);
    }

    private void write(TrialMapper.ReadRow row) {
        Rows.one(trials.insertReading(row));
        if (row.says() != Reading.OPEN) {
            service.end(
                    row.trialId(),
                    row.readOn(),
                    TrialRow.Ending.valueOf(row.says().name()));
        }
    }

    /** Reads the pairs of a trial up to one, as on a day, where that is due, without an act. */
    void readIfDue(TrialRow trial, int lastPair, LocalDate day) {
        List<TurnRow> turns = trials.turns(trial.id()).stream()
                .filter(turn -> turn.pair() <= lastPair)
                .toList();
        int reading = trial.planned().size().reading((int)
                turns.stream().filter(TurnRow::decided).count());
        if (trial.runs() && reading > before(trial)) {
            write(row(trial, reading, turns, day));
        }
    }

    private TrialMapper.ReadRow row(TrialRow trial, int reading, List<TurnRow> turns, LocalDate day) {
        PairedTakes takes = takes(turns);
        Belief.Range range = takes.range(rules.life(FigureName.RANGE_MASS).value());
        return new TrialMapper.ReadRow(
                trial.id(),
                reading,
                day,
                Reading.of(takes, trial.planned().size().bounds(), reading),
                counts(turns),
                new TrialMapper.Difference(takes.points(), range.low(), range.high()));
    }

    private static TrialMapper.Counts counts(List<TurnRow> turns) {
        return new TrialMapper.Counts(
                (int) turns.stream().filter(t -> t.firstWay() && t.decided()).count(),
                (int) turns.stream().filter(t -> t.firstWay() && t.took()).count(),
                (int) turns.stream().filter(t -> !t.firstWay() && t.decided()).count(),
                (int) turns.stream().filter(t -> !t.firstWay() && t.took()).count());
    }

    /** The decided grafts beside each other by lot and maker. */
    static PairedTakes takes(List<TurnRow> turns) {
        Map<List<Long>, int[]> among = new LinkedHashMap<>();
        for (TurnRow turn : turns) {
            if (turn.decided()) {
                Long by = turn.made().by();
                int[] counts = among.computeIfAbsent(List.of(turn.lotId(), by == null ? 0 : by), k -> new int[4]);
                int at = turn.firstWay() ? 0 : 2;
                counts[at]++;
                counts[at + 1] += turn.took() ? 1 : 0;
            }
        }
        return new PairedTakes(among.values().stream()
                .map(c -> new PairedTakes.Among(c[0], c[1], c[2], c[3]))
                .toList());
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void undo(long actId) {
        if (!demo.demo()) {
            throw FarmProblem.conflict("What was read is known: a reading is not taken back.");
        }
        trail.undo(actId);
    }
}
