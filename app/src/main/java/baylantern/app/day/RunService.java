package baylantern.app.day;

import baylantern.app.bench.BenchEntry;
import baylantern.app.bench.BenchService;
import baylantern.app.fit.PreparedPairs;
import baylantern.app.place.PlaceService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.rules.Finding;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A graft day being worked through. Its grafts are laid out once, when work begins; each is made, refused or put later, by
 * whoever is there, each once. Whether one is made the log says, so what is taken back there is open again here.
 */
@Service
class RunService {

    private final LayoutService layouts;
    private final RunMapper runs;
    private final BenchService bench;
    private final PlaceService places;
    private final TrailService trail;
    private final HandDesk atHand;
    private final FarmClock clock;
    private final NumberedService numbered;
    private final Ways ways;
    private final PreparedPairs prepared;

    RunService(
            LayoutService layouts,
            RunMapper runs,
            BenchService bench,
            PlaceService places,
            TrailService trail,
            HandDesk atHand,
            FarmClock clock,
            NumberedService numbered,
            Ways ways,
            PreparedPairs prepared) {
        this.prepared = prepared;
        this.ways = ways;
        this.numbered = numbered;
        this.layouts = layouts;
        this.runs = runs;
        this.bench = bench;
        this.places = places;
        this.trail = trail;
        this.atHand = atHand;
        this.clock = clock;
    }

    /** Lays out what of the day's plans is not laid out yet, graft by graft. */
    @Transactional
    BenchDayService.Done begin(LocalDate day) {
        onItsDay(day);
        LayoutService.Layout layout = layouts.of(day);
        List<RunMapper.NewJob> jobs = new ArrayList<>();
        NumberedService.Handing codes = numbered.codes(day, layout.jobs());
        int turn = layout.jobs().stream().mapToInt(JobRow::turn).max().orElse(0);
        for (Blocks.Made block : layouts.pieces(day, layout)) {
            for (Blocks.Piece piece : block.pieces()) {
                jobs.add(new RunMapper.NewJob(
                        ++turn,
                        block.key(),
                        block.line().plan().planNo(),
                        block.line().plan().varietyId(),
                        block.line().technique().key(),
                        block.cover(),
                        piece.stem().stemId(),
                        piece.lot().id(),
                        codes.next(block.line().plan())));
            }
        }
        if (jobs.isEmpty()) {
            throw FarmProblem.wrong(
                    "day",
                    day,
                    "a day with plans, free stocks and wood",
                    "There is nothing to begin with: no plan of this day has both stocks and wood left.");
        }
        String sentence = "Work begun on " + day + ": " + jobs.size() + (jobs.size() == 1 ? " graft" : " grafts");
        long act = trail.follow(sentence);
        Rows.all(runs.insertJobs(day, jobs), jobs.size());
        ways.lay(day);
        return new BenchDayService.Done(act, sentence);
    }

    private void onItsDay(LocalDate day) {
        if (!day.equals(clock.today())) {
            throw FarmProblem.wrong(
                    "day",
                    day,
                    "" + clock.today(),
                    "Work begins on the day itself: what is logged is logged as made then.");
        }
    }

    /**
     * A graft as made.
     *
     * @param lotId the lot it was made of, null where of the one planned
     * @param scionMm diameters at the cut in mm, null where not measured
     * @param faceS how long a cut face stood open, where that was timed
     */
    record MadeEntry(
            @NotNull(message = "needs who made it") Long personId,
            @Nullable Long lotId,
            @Nullable Double scionMm,
            @Nullable Double stockMm,

            @DecimalMin(value = "0", message = "is from 0 to 3600")
            @DecimalMax(value = "3600", message = "is from 0 to 3600")
            @Nullable
            Integer faceS) {}

    /** A graft is in the log. */
    record MadeDone(long actId, String code, String sentence, List<Finding> warnings) {}

    /** Logs a graft of the day as made now. */
    @Transactional
    MadeDone made(long jobId, MadeEntry entry) {
        JobRow job = existing(jobId);
        onItsDay(job.onDay());
        notMadeYet(job);
        long person = places.person(entry.personId()).id();
        long lot = entry.lotId() == null ? job.how().lotId() : entry.lotId();
        BenchService.Logged logged = bench.logAs(entry(job, entry, person, lot), job.code());
        String code = logged.codes().get(0);
        Rows.one(runs.ofLot(job.id(), lot));
        Rows.one(runs.made(job.id(), new RunMapper.Made(code, clock.now(), person, entry.faceS())));
        prepared.made(job.on().stemId(), code);
        atHand.letGo(job.id());
        return new MadeDone(
                logged.actId(), code, code + ": " + job.how().varietyName() + " on " + stock(job), logged.warnings());
    }

    private BenchEntry entry(JobRow job, MadeEntry made, long person, long lot) {
        return new BenchEntry(
                job.how().varietyId(),
                job.how().techniqueKey(),
                person,
                clock.today(),
                new BenchEntry.Wood(lot, null, null),
                job.how().cover(),
                null,
                ways.own(job),
                List.of(new BenchEntry.OnStem(
                        job.on().stemId(),
                        made.scionMm(),
                        made.stockMm() != null ? made.stockMm() : job.on().stockMm(),
                        null)));
    }

    private static String stock(JobRow job) {
        return job.on().plantCode()
                + ("1".equals(job.on().label()) ? "" : " · " + job.on().label());
    }

    private static void notMadeYet(JobRow job) {
        if (job.made().graftCode() != null) {
            throw FarmProblem.conflict(
                    stock(job) + " is grafted already: " + job.made().graftCode() + " is in the log.");
        }
    }

    private JobRow existing(long id) {
        JobRow job = runs.job(id);
        if (job == null) {
            throw FarmProblem.unknown("graft of a day", id);
        }
        return job;
    }

    /** Why a stock is left out. */
    record RefusalEntry(@NotNull(message = "needs why") Refusal why) {}

    /** Leaves a stock out of the day, and says what serves instead. */
    @Transactional
    BenchDayService.Done refuse(long jobId, RefusalEntry entry) {
        JobRow job = existing(jobId);
        notMadeYet(job);
        String sentence = stock(job) + " left out: " + entry.why().words();
        long act = trail.follow(sentence);
        Rows.one(runs.refuse(job.id(), entry.why().name()));
        atHand.letGo(job.id());
        return new BenchDayService.Done(act, sentence + ". " + entry.why().instead());
    }

    /** Puts a graft behind all others of the day. */
    @Transactional
    BenchDayService.Done later(long jobId) {
        JobRow job = existing(jobId);
        notMadeYet(job);
        String sentence = stock(job) + " put later";
        long act = trail.follow(sentence);
        Rows.one(runs.later(job.id()));
        atHand.letGo(job.id());
        return new BenchDayService.Done(act, sentence);
    }

    /** Ends the day's work: what was not made goes back to the plans. */
    @Transactional
    BenchDayService.Done end(LocalDate day) {
        long act = trail.follow("Work of " + day + " ended");
        Rows.any(runs.deleteOpen(day));
        return new BenchDayService.Done(act, "Work of " + day + " ended");
    }
}
