package baylantern.app.cause;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.care.CareRecord;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.care.GraftState;
import baylantern.core.care.Trace;
import baylantern.core.cause.CauseCase;
import baylantern.core.cause.CauseModel;
import baylantern.core.cause.CauseWeights;
import baylantern.core.rules.CauseRules;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Weighs why grafts failed, session by session, and keeps what was confirmed. */
@Service
class CauseService {

    /** Nobody will ever know; it is no longer asked. */
    static final String NEVER_KNOWN = "NEVER_KNOWN";

    private static final int MOST_PILED = 400;
    private static final String UNKNOWN_TECHNIQUE = "cleft";

    private final CauseMapper mapper;
    private final GraftService grafts;
    private final CareRecord care;
    private final Circumstances circumstances;
    private final TrailService trail;
    private final FarmClock clock;
    private final Rulebook rules;

    CauseService(
            CauseMapper mapper,
            GraftService grafts,
            CareRecord care,
            Circumstances circumstances,
            TrailService trail,
            FarmClock clock,
            Rulebook rules) {
        this.mapper = mapper;
        this.grafts = grafts;
        this.care = care;
        this.circumstances = circumstances;
        this.trail = trail;
        this.clock = clock;
        this.rules = rules;
    }

    /** The failures of one session: grafts of a variety made in one way by one hand on one day. */
    record Session(
            LocalDate day,
            String varietyName,
            String speciesKey,
            @Nullable String techniqueKey,
            @Nullable String makerName,
            List<String> codes) {}

    /** A failure with its weights. */
    record Case(
            String code,
            LocalDate endedOn,
            List<Trace> seen,
            List<Trace> unseen,
            @Nullable String verdict,
            CauseWeights weights) {}

    /** A session looked into; shared is what is on record of all of it, in words. */
    record SessionView(Session session, List<String> shared, List<Case> cases) {}

    /** A cause as it is told. */
    record CauseTold(String key, String name, String change, String link) {}

    /** What was confirmed of a cause in a season. */
    record Counted(String cause, int year, int month, int grafts) {}

    /** Failures nobody has explained yet; total counts those too that are not listed. */
    record Pile(int total, List<Session> sessions, List<CauseTold> causes, List<Counted> confirmed) {}

    /** The pile, newest session first. */
    @Transactional(readOnly = true)
    Pile pile() {
        Map<String, List<Graft>> sessions = new LinkedHashMap<>();
        List<Long> ids = mapper.unexplained(MOST_PILED);
        Map<Long, Graft> known = grafts.byIds(ids).stream().collect(Collectors.toMap(Graft::id, g -> g));
        ids.stream()
                .map(id -> Known.in(known, id))
                .forEach(graft -> sessions.computeIfAbsent(key(graft), k -> new ArrayList<>())
                        .add(graft));
        return new Pile(
                mapper.countUnexplained(),
                sessions.values().stream().map(CauseService::session).toList(),
                rules.causes().causes().entrySet().stream()
                        .map(c -> new CauseTold(
                                c.getKey(),
                                c.getValue().name(),
                                c.getValue().change(),
                                c.getValue().link()))
                        .toList(),
                mapper.counted().stream()
                        .map(c -> new Counted(c.verdict(), c.madeYear(), c.madeMonth(), c.grafts()))
                        .toList());
    }

    private static String key(Graft graft) {
        return graft.madeOn() + " " + graft.varietyId() + " " + graft.techniqueKey() + " " + graft.makerName();
    }

    private static Session session(List<Graft> failed) {
        Graft first = failed.get(0);
        return new Session(
                first.madeOn(),
                first.varietyName(),
                first.speciesKey(),
                first.techniqueKey(),
                first.makerName(),
                failed.stream().map(Graft::code).sorted().toList());
    }

    /** The session a failed graft belongs to, weighed together. */
    @Transactional(readOnly = true)
    SessionView session(String code) {
        Graft asked = failed(code);
        List<Graft> failed = grafts.list(filter(asked), MOST_PILED).stream()
                .filter(g -> key(g).equals(key(asked)))
                .sorted(Comparator.comparing(Graft::code))
                .toList();
        Set<String> shared = circumstances.shared(asked.speciesKey(), asked.madeOn());
        Map<Long, CareRecord.Told> told = care.of(failed);
        Map<Long, CaseRow> rows = rows(failed);
        List<CauseCase> cases = failed.stream()
                .map(g -> caseOf(g, Known.in(told, g.id()), row(rows, g)))
                .toList();
        List<CauseWeights> weights = new CauseModel(rules.causes(), confirmed()).weigh(cases, shared);
        List<Case> views = new ArrayList<>();
        for (int i = 0; i < failed.size(); i++) {
            views.add(new Case(
                    failed.get(i).code(),
                    Known.in(told, failed.get(i).id()).endedOn(),
                    cases.get(i).seen().stream().sorted().toList(),
                    cases.get(i).unseen().stream().sorted().toList(),
                    row(rows, failed.get(i)).verdict(),
                    weights.get(i)));
        }
        CauseRules known = rules.causes();
        return new SessionView(
                session(failed),
                shared.stream()
                        .map(key -> Known.in(known.circumstances(), key).words())
                        .toList(),
                views);
    }

    private static GraftFilter filter(Graft graft) {
        return new GraftFilter(
                graft.varietyId(),
                null,
                null,
                null,
                null,
                GraftState.Outcome.FAILED.name(),
                graft.madeOn(),
                graft.madeOn(),
                null,
                null);
    }

    private Graft failed(String code) {
        Graft graft = grafts.byCode(code);
        if (graft.state() != GraftState.FAILED) {
            throw FarmProblem.conflict(
                    graft.code() + " has not failed: it is " + graft.state().words() + ".");
        }
        return graft;
    }

    private CauseCase caseOf(Graft graft, CareRecord.Told told, CaseRow row) {
        Set<Trace> unseen = EnumSet.noneOf(Trace.class);
        unseen.addAll(Trace.read(row.unseen()));
        Set<Trace> seen = EnumSet.noneOf(Trace.class);
        seen.addAll(Trace.read(row.seen()));
        // What was told here last counts, also against what a look had found.
        told.found().stream()
                .filter(trace -> trace.of() == Trace.Of.CAUSE && !unseen.contains(trace))
                .forEach(seen::add);
        return new CauseCase(group(graft.techniqueKey()), seen, unseen, circumstances.own(graft, told));
    }

    private Technique.Group group(@Nullable String techniqueKey) {
        return rules.technique(techniqueKey == null ? UNKNOWN_TECHNIQUE : techniqueKey)
                .orElseThrow()
                .group();
    }

    private Map<String, Double> confirmed() {
        Map<String, Double> counts = new HashMap<>();
        mapper.counted().stream()
                .filter(c -> rules.causes().causes().containsKey(c.verdict()))
                .forEach(c -> counts.merge(c.verdict(), (double) c.grafts(), Double::sum));
        return counts;
    }

    private Map<Long, CaseRow> rows(Collection<Graft> some) {
        return mapper.cases(some.stream().map(Graft::id).toList()).stream()
                .collect(Collectors.toMap(CaseRow::graftId, row -> row));
    }

    private static CaseRow row(Map<Long, CaseRow> rows, Graft graft) {
        return rows.getOrDefault(graft.id(), CaseRow.blank(graft.id()));
    }

    /** What became of it; the act takes it back. */
    record Done(long actId, String sentence) {}

    /** Tells what signs a failed graft shows, and which were looked for in vain; what was told before is replaced. */
    @Transactional
    Done signs(String code, Set<Trace> seen, Set<Trace> unseen) {
        Graft graft = failed(code);
        for (Trace sign : seen) {
            if (unseen.contains(sign)) {
                throw FarmProblem.wrong(
                        "unseen", sign, "not seen as well", "It cannot both be so and not: " + sign.words() + ".");
            }
        }
        String sentence = code + ": " + (seen.isEmpty() ? "no sign seen" : words(seen))
                + (unseen.isEmpty() ? "" : "; not " + words(unseen));
        long act = trail.follow(sentence);
        write(
                row(rows(List.of(graft)), graft).signs(seen, unseen),
                rows(List.of(graft)).isEmpty());
        return new Done(act, sentence);
    }

    private static String words(Set<Trace> signs) {
        return signs.stream().sorted().map(Trace::words).collect(Collectors.joining(", "));
    }

    private void write(CaseRow row, boolean fresh) {
        Rows.one(fresh ? mapper.insert(row) : mapper.update(row));
    }

    /** Takes a cause as known for some failures, or says that it never will be. */
    @Transactional
    Done decide(List<String> codes, String cause) {
        CauseRules.CauseRule known = rules.causes().causes().get(cause);
        if (known == null && !cause.equals(NEVER_KNOWN)) {
            throw FarmProblem.wrong("cause", cause, "a cause of the rulebook", "No cause is called " + cause + ".");
        }
        List<Graft> failed = codes.stream().distinct().map(this::failed).toList();
        String which = failed.size() == 1 ? failed.get(0).code() : failed.size() + " grafts";
        String sentence = which + ": " + (known == null ? "never known" : known.name());
        long act = trail.follow(sentence);
        Map<Long, CaseRow> rows = rows(failed);
        for (Graft graft : failed) {
            write(row(rows, graft).decided(cause, clock.today()), !rows.containsKey(graft.id()));
        }
        return new Done(act, sentence);
    }
}
