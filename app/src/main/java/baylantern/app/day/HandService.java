package baylantern.app.day;

import baylantern.app.fit.CutAdvice;
import baylantern.app.place.PlaceService;
import baylantern.app.platform.FarmProblem;
import baylantern.app.wood.CleanService;
import baylantern.app.wood.LotDesk;
import baylantern.app.wood.LotView;
import baylantern.core.day.crew.Rest;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The graft at hand of a person on a graft day: what, where, how, and whether the blade is clean for it. */
@Service
class HandService {

    private final RunMapper runs;
    private final HandDesk atHand;
    private final PlaceService places;
    private final Ways ways;
    private final BladeGate blades;
    private final LotDesk lots;
    private final Paces paces;
    private final Rulebook rules;
    private final CutAdvice advice;

    HandService(
            RunMapper runs,
            HandDesk atHand,
            PlaceService places,
            Ways ways,
            BladeGate blades,
            LotDesk lots,
            Paces paces,
            Rulebook rules,
            CutAdvice advice) {
        this.runs = runs;
        this.atHand = atHand;
        this.places = places;
        this.ways = ways;
        this.blades = blades;
        this.lots = lots;
        this.paces = paces;
        this.rules = rules;
        this.advice = advice;
    }

    /** Who asks. */
    record Asking(@NotNull(message = "needs a person") Long personId) {}

    /** A graft in front of somebody. */
    record Facing(
            long jobId,
            @JsonUnwrapped What what,
            @JsonUnwrapped On on,
            CutAdvice.@Nullable Advised cut,
            List<Wood> others,
            List<Followed> schools,
            @Nullable Tried trial) {

        /** What is grafted, how. */
        record What(
                String varietyName,
                String techniqueKey,
                String techniqueName,
                String coverWords,
                long lotId,
                String lotCode,
                @Nullable String code) {}

        /** On what, mm at the cut where it was measured. */
        record On(
                String plantCode,
                String stemLabel,
                String spotName,
                @Nullable Double stockMm,
                @Nullable Double scionMm) {}

        /** Another lot that serves. */
        record Wood(long lotId, String code, int sticksLeft, int budsLeft) {}

        /** The way a trial has it made. */
        record Tried(int number, int pair, String words, boolean hidden) {}

        /** A school that is followed here. */
        record Followed(String question, String school) {}
    }

    /** A graft after that, in few words. */
    record Next(String plantCode, String varietyName, String lotCode, String techniqueName) {}

    /** What is done and by whom, for the strip beside it. */
    record Turn(
            long jobId,
            String block,
            String plantCode,
            String varietyName,
            State state,
            @Nullable String graftCode) {

        /** How it stands. */
        enum State {
            MADE,
            OPEN,
            LEFT_OUT
        }
    }

    /**
     * What a person sees.
     *
     * @param clean why their blade is cleaned before this one, null where it is clean
     * @param facing null where nothing is left for them
     * @param rest minutes that what is left takes at the pace so far, null where too little was made to tell
     */
    record HandView(
            LocalDate day,
            CleanService.@Nullable Occasion clean,
            @Nullable Facing facing,
            @Nullable Next next,
            BenchDayService.Progress progress,
            @Nullable Rest rest,
            List<Turn> turns) {}

    /**
     * A graft still to be made, for a device that goes where there is no contact.
     *
     * @param host the tree it comes on; a blade that comes to another is cleaned
     * @param clean why the blade is cleaned before it, once all before it in this list are made
     */
    record Ahead(Facing facing, String host, CleanService.@Nullable Occasion clean) {}

    /** How far ahead a device sees. */
    private static final int AHEAD = 60;

    /** What a person comes to, in order, as far as nobody else does; nothing is laid in front of them by this. */
    List<Ahead> ahead(LocalDate day, long personId) {
        long person = places.person(personId).id();
        List<JobRow> jobs = runs.jobs(day);
        Map<Long, Long> partners = ways.partners(day);
        List<JobRow> open = atHand.rest(
                jobs.stream().filter(JobRow::open).toList(), person, othersPairs(jobs, person, partners), partners);
        List<Ahead> ahead = new ArrayList<>();
        for (JobRow job : open.subList(0, Math.min(AHEAD, open.size()))) {
            int at = ahead.size();
            ahead.add(new Ahead(
                    facing(job),
                    job.host(),
                    at == 0 ? blades.before(job, jobs, person) : BladeGate.between(open.get(at - 1), job)));
        }
        return ahead;
    }

    HandView at(LocalDate day, Asking asking) {
        long person = places.person(asking.personId()).id();
        List<JobRow> jobs = runs.jobs(day);
        if (jobs.isEmpty()) {
            throw FarmProblem.wrong("day", day, "a day on which work has begun", "Work on this day has not begun.");
        }
        List<JobRow> open = jobs.stream().filter(JobRow::open).toList();
        Map<Long, Long> partners = ways.partners(day);
        JobRow facing = atHand.take(open, person, othersPairs(jobs, person, partners), partners);
        return new HandView(
                day,
                facing == null ? null : blades.before(facing, jobs, person),
                facing == null ? null : facing(facing),
                next(open, facing),
                BenchDayService.progress(jobs),
                rest(jobs, open.size()),
                jobs.stream().map(HandService::turn).toList());
    }

    // What is paired with a graft another made: by one hand both are made, so far as that can be.
    private Set<Long> othersPairs(List<JobRow> jobs, long person, Map<Long, Long> partners) {
        return jobs.stream()
                .filter(job -> job.made().doneBy() != null && job.made().doneBy() != person)
                .map(job -> partners.get(job.id()))
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
    }

    // Between one graft and the next of all hands together; a pause is no work.
    private @Nullable Rest rest(List<JobRow> jobs, int open) {
        List<Instant> done = jobs.stream()
                .map(job -> job.made().doneAt())
                .filter(Objects::nonNull)
                .sorted()
                .toList();
        double usual = jobs.stream()
                .mapToDouble(job -> paces.usual(technique(job)).whole())
                .average()
                .orElse(0);
        double seconds = 0;
        int counted = 0;
        for (int i = 1; i < done.size(); i++) {
            double gap = Duration.between(done.get(i - 1), done.get(i)).toMillis() / 1000.0;
            if (gap < rules.day(FigureName.PAUSE_TIMES) * usual) {
                seconds += gap;
                counted++;
            }
        }
        return open == 0 || counted < Rest.LEAST || seconds <= 0
                ? null
                : Rest.of(counted, seconds / 60, open, rules.day(FigureName.PACE_SHAPE));
    }

    private static Turn turn(JobRow job) {
        Turn.State state = job.made().graftCode() != null
                ? Turn.State.MADE
                : job.refused() != null ? Turn.State.LEFT_OUT : Turn.State.OPEN;
        return new Turn(
                job.id(),
                job.block(),
                job.on().plantCode(),
                job.how().varietyName(),
                state,
                job.made().graftCode());
    }

    private @Nullable Next next(List<JobRow> open, @Nullable JobRow facing) {
        return open.stream()
                .filter(job -> facing == null || job.id() != facing.id())
                .findFirst()
                .map(job -> new Next(
                        job.on().plantCode(),
                        job.how().varietyName(),
                        job.how().lotCode(),
                        technique(job).name()))
                .orElse(null);
    }

    // At the bench only what is done with the hands there counts.
    private static Set<String> asked(Technique technique) {
        return technique.group() == Technique.Group.BUD ? Set.of("wrap", "film", "shield") : Set.of("wrap", "film");
    }

    private Technique technique(JobRow job) {
        return rules.technique(job.how().techniqueKey()).orElseThrow();
    }

    private Facing facing(JobRow job) {
        List<LotView> own = lots.shelf().stream()
                .filter(lot -> lot.varietyId() == job.how().varietyId() && lot.refusal() == null)
                .toList();
        Double scion = own.stream()
                .filter(lot -> lot.id() == job.how().lotId())
                .flatMap(lot -> lot.count().diametersMm().stream())
                .findFirst()
                .orElse(null);
        return new Facing(
                job.id(),
                new Facing.What(
                        job.how().varietyName(),
                        job.how().techniqueKey(),
                        technique(job).name(),
                        job.how().cover().words(),
                        job.how().lotId(),
                        job.how().lotCode(),
                        job.code()),
                new Facing.On(
                        job.on().plantCode(),
                        job.on().label(),
                        job.on().spotName(),
                        job.on().stockMm(),
                        scion),
                scion == null
                        ? null
                        : advice.of(job.on().stemId(), job.how().techniqueKey(), scion)
                                .orElse(null),
                own.stream()
                        .map(lot -> new Facing.Wood(
                                lot.id(),
                                lot.code(),
                                lot.sticksLeft(),
                                lot.count().budsLeft()))
                        .toList(),
                schools(job),
                tried(ways.of(job)));
    }

    private static Facing.@Nullable Tried tried(Arms.@Nullable Way way) {
        return way == null ? null : new Facing.Tried(way.trial(), way.pair(), way.words(), way.hidden());
    }

    private List<Facing.Followed> schools(JobRow job) {
        Map<String, String> standard = ways.followed(job);
        return rules.schools().stream()
                .filter(question -> asked(technique(job)).contains(question.key()))
                .map(question -> new Facing.Followed(
                        question.question(),
                        Objects.requireNonNull(
                                        question.schools().get(Objects.requireNonNull(standard.get(question.key()))))
                                .name()))
                .toList();
    }
}
