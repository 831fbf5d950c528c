package baylantern.app.cause;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.care.CareRecord;
import baylantern.core.care.GraftState;
import baylantern.core.care.Trace;
import baylantern.core.cause.CauseCase;
import baylantern.core.cause.CauseModel;
import baylantern.core.cause.CauseWeights;
import baylantern.core.rules.CauseRules;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
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

/** Weighs why grafts failed, session by session. */
@Service
class CauseService {

    private static final int MOST_PILED = 400;

    private final CauseMapper mapper;
    private final GraftService grafts;
    private final CareRecord care;
    private final Circumstances circumstances;
    private final CauseDesk desk;
    private final Rulebook rules;

    CauseService(
            CauseMapper mapper,
            GraftService grafts,
            CareRecord care,
            Circumstances circumstances,
            CauseDesk desk,
            Rulebook rules) {
        this.mapper = mapper;
        this.grafts = grafts;
        this.care = care;
        this.circumstances = circumstances;
        this.desk = desk;
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

    static String key(Graft graft) {
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
        Graft asked = desk.failed(code);
        List<Graft> failed = grafts.list(filter(asked), MOST_PILED).stream()
                .filter(g -> key(g).equals(key(asked)))
                .sorted(Comparator.comparing(Graft::code))
                .toList();
        Set<String> shared = circumstances.shared(asked.speciesKey(), asked.madeOn());
        Map<Long, CareRecord.Told> told = care.of(failed);
        Map<Long, CaseRow> rows = desk.rows(failed);
        List<CauseCase> cases = failed.stream()
                .map(g -> caseOf(g, Known.in(told, g.id()), CauseDesk.row(rows, g)))
                .toList();
        List<CauseWeights> weights = new CauseModel(rules.causes(), confirmed()).weigh(cases, shared);
        List<Case> views = new ArrayList<>();
        for (int i = 0; i < failed.size(); i++) {
            views.add(new Case(
                    failed.get(i).code(),
                    Known.in(told, failed.get(i).id()).endedOn(),
                    cases.get(i).seen().stream().sorted().toList(),
                    cases.get(i).unseen().stream().sorted().toList(),
                    CauseDesk.row(rows, failed.get(i)).verdict(),
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

    private CauseCase caseOf(Graft graft, CareRecord.Told told, CaseRow row) {
        Set<Trace> unseen = EnumSet.noneOf(Trace.class);
        unseen.addAll(Trace.read(row.unseen()));
        Set<Trace> seen = EnumSet.noneOf(Trace.class);
        seen.addAll(Trace.read(row.seen()));
        // What was told here last counts, also against what a look had found.
        told.found().stream()
                .filter(trace -> trace.of() == Trace.Of.CAUSE && !unseen.contains(trace))
                .forEach(seen::add);
        return new CauseCase(
                rules.techniqueOrUsual(graft.techniqueKey()).group(), seen, unseen, circumstances.own(graft, told));
    }

    private Map<String, Double> confirmed() {
        Map<String, Double> counts = new HashMap<>();
        mapper.counted().stream()
                .filter(c -> rules.causes().causes().containsKey(c.verdict()))
                .forEach(c -> counts.merge(c.verdict(), (double) c.grafts(), Double::sum));
        return counts;
    }
}
