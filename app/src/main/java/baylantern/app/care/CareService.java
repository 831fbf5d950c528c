package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftService;
import baylantern.app.platform.ActService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.FarmRules;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.platform.Undoer;
import baylantern.core.care.GraftLife;
import baylantern.core.care.Look;
import baylantern.core.care.Sign;
import baylantern.core.care.Trace;
import baylantern.core.rules.Known;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes looks, moves grafts along their life and keeps their visits planned. */
@Service
public class CareService implements Undoer {

    private final CareMapper care;
    private final GraftService grafts;
    private final ActService acts;
    private final FarmClock clock;
    private final LookAsked asked;
    private final Changes changes;
    private final TrailService trail;
    private final FarmRules farmRules;

    CareService(
            CareMapper care,
            GraftService grafts,
            ActService acts,
            FarmClock clock,
            LookAsked asked,
            Changes changes,
            TrailService trail,
            FarmRules farmRules) {
        this.farmRules = farmRules;
        this.care = care;
        this.grafts = grafts;
        this.acts = acts;
        this.clock = clock;
        this.asked = asked;
        this.changes = changes;
        this.trail = trail;
    }

    /** A graft's answer was not taken, and why. */
    public record Told(String code, String sentence) {}

    /** What became of an answer; the act takes all of it back. */
    public record Answered(@Nullable Long actId, String sentence, List<Graft> grafts, List<Told> told) {}

    /** Records one answer for many grafts in one transaction. Grafts somebody else answered first are told, not doubled. */
    @Transactional
    public Answered answer(LookEntry entry) {
        LocalDate seenOn = Objects.requireNonNullElse(entry.seenOn(), clock.today());
        if (seenOn.isAfter(clock.today())) {
            throw FarmProblem.wrong("seenOn", seenOn, "up to " + clock.today(), "A look cannot lie ahead of today.");
        }
        Map<Long, Integer> versions = new HashMap<>();
        entry.grafts().forEach(g -> versions.put(g.graftId(), g.version()));
        List<Graft> wanted = grafts.byIds(versions.keySet());
        if (wanted.size() < versions.size()) {
            throw FarmProblem.unknown("graft among", versions.keySet());
        }
        List<Told> told = new ArrayList<>();
        List<Graft> taken = new ArrayList<>();
        wanted.forEach(graft -> {
            String why = refusal(graft, Known.in(versions, graft.id()), entry, seenOn);
            if (why == null) {
                taken.add(graft);
            } else {
                told.add(new Told(graft.code(), why));
            }
        });
        if (taken.isEmpty()) {
            throw FarmProblem.conflict(told.get(0).sentence());
        }
        if (!Boolean.TRUE.equals(entry.sure())) {
            asked.about(entry.look(seenOn), taken);
        }
        // A correction may bring a graft back to life.
        return Boolean.TRUE.equals(entry.correction())
                ? farmRules.kept(() -> record(entry, seenOn, taken, told), "That one was logged since.")
                : record(entry, seenOn, taken, told);
    }

    private Answered record(LookEntry entry, LocalDate seenOn, List<Graft> taken, List<Told> told) {
        String sentence = sentence(taken, entry.sign());
        long act = acts.open(kind(), sentence);
        Map<Long, List<VisitRow>> due = visits(taken.stream().map(Graft::id).toList());
        String note = Objects.requireNonNullElse(entry.note(), "");
        for (Graft graft : taken) {
            write(due.getOrDefault(graft.id(), List.of()), graft, entry.look(seenOn), entry.personId(), note, act);
        }
        changes.settle();
        return new Answered(
                act, sentence, grafts.byIds(taken.stream().map(Graft::id).toList()), told);
    }

    /** Writes a look at one graft within the caller's act; it answers the visits that were due on its day. */
    void write(Graft graft, Look look, @Nullable Long personId, String note, long act) {
        write(visits(List.of(graft.id())).getOrDefault(graft.id(), List.of()), graft, look, personId, note, act);
    }

    private void write(List<VisitRow> open, Graft graft, Look look, @Nullable Long personId, String note, long act) {
        String answered = open.stream()
                .filter(visit -> visit.planned().due(look.seenOn()))
                .map(VisitRow::kind)
                .collect(Collectors.joining(","));
        LookRow row = new LookRow(
                0,
                graft.id(),
                null,
                look.seenOn(),
                look.sign(),
                look.correction(),
                note,
                answered,
                look.lengthMm(),
                Trace.written(look.found()));
        Rows.made(care.insertLook(graft.id(), personId, clock.now(), row, act));
    }

    /** What was found was told. */
    public record FoundDone(long actId, String sentence) {}

    /** Tells after a look what was found at its grafts; what was told before is replaced. */
    @Transactional
    public FoundDone found(long actId, List<Trace> found) {
        List<Long> of = care.graftsOfAct(actId);
        if (of.isEmpty()) {
            throw FarmProblem.unknown("look of act", actId);
        }
        String which = of.size() == 1 ? grafts.byIds(of).get(0).code() : of.size() + " grafts";
        String sentence = found.isEmpty()
                ? which + ": nothing told of what was found"
                : which + ": " + found.stream().map(Trace::words).collect(Collectors.joining(", "));
        long act = trail.follow(sentence);
        Rows.all(care.tellFound(actId, of, Trace.written(Set.copyOf(found))), of.size());
        trail.done();
        return new FoundDone(act, sentence);
    }

    private @Nullable String refusal(Graft graft, int version, LookEntry entry, LocalDate seenOn) {
        if (graft.version() != version) {
            return lastLook(graft) + " Look at it again before you answer.";
        }
        if (seenOn.isBefore(graft.madeOn())) {
            return graft.code() + " was made on " + graft.madeOn() + "; it cannot have been seen before that.";
        }
        boolean correction = Boolean.TRUE.equals(entry.correction());
        if (!correction && GraftLife.needsCorrection(graft.state(), entry.sign())) {
            return graft.code() + " is written down as " + graft.state().words()
                    + ". If that was a mistake, answer again as a correction.";
        }
        if (entry.sign() == Sign.APART && !held(graft)) {
            return graft.code() + " is not held, so there is nothing to set it apart for.";
        }
        return null;
    }

    private boolean held(Graft graft) {
        return visits(List.of(graft.id())).values().stream()
                .flatMap(List::stream)
                .anyMatch(visit -> visit.kind().equals(VisitPlanner.ISOLATE));
    }

    /** Who answered a graft last, as a sentence. */
    String lastLook(Graft graft) {
        List<LookRow> looks = care.looks(List.of(graft.id()));
        if (looks.isEmpty()) {
            return graft.code() + " was changed meanwhile.";
        }
        LookRow last = looks.get(looks.size() - 1);
        String who = last.personName() == null ? "Somebody" : last.personName();
        return who + " answered " + graft.code() + " already: " + last.sign().words() + ", " + last.seenOn() + ".";
    }

    private static String sentence(List<Graft> taken, Sign sign) {
        String which = taken.size() == 1 ? taken.get(0).code() : taken.size() + " grafts";
        return which + ": " + sign.words();
    }

    /** Open visits of these grafts, by graft, soonest first. */
    public Map<Long, List<VisitRow>> visits(Collection<Long> ids) {
        return ids.isEmpty() ? Map.of() : care.visits(ids).stream().collect(Collectors.groupingBy(VisitRow::graftId));
    }

    @Override
    public String kind() {
        return "looks";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        List<Long> touched = care.graftsOfAct(actId);
        if (!touched.isEmpty()) {
            Rows.any(care.withdraw(actId, touched));
        }
    }

    /** How many grafts are due on a day. */
    public int countDue(LocalDate day) {
        return care.countDue(day);
    }

    /** How many visits aim at each day. */
    public List<DayCount> targets(LocalDate from, LocalDate to) {
        return care.targets(from, to);
    }

    /** Open visits that aim at a day in the span, by day. */
    public List<VisitRow> between(LocalDate from, LocalDate to) {
        return care.between(from, to);
    }
}
