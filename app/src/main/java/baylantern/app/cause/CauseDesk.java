package baylantern.app.cause;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.care.GraftState;
import baylantern.core.care.Trace;
import baylantern.core.rules.CauseRules;
import baylantern.core.rules.Rulebook;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is told of failures: their signs, and the cause that was taken as known. */
@Service
class CauseDesk {

    /** Nobody will ever know; it is no longer asked. */
    static final String NEVER_KNOWN = "NEVER_KNOWN";

    private final CauseMapper mapper;
    private final GraftService grafts;
    private final TrailService trail;
    private final FarmClock clock;
    private final Rulebook rules;

    CauseDesk(CauseMapper mapper, GraftService grafts, TrailService trail, FarmClock clock, Rulebook rules) {
        this.mapper = mapper;
        this.grafts = grafts;
        this.trail = trail;
        this.clock = clock;
        this.rules = rules;
    }

    /** A graft that failed; throws where it has not. */
    Graft failed(String code) {
        Graft graft = grafts.byCode(code);
        if (graft.state() != GraftState.FAILED) {
            throw FarmProblem.conflict(
                    graft.code() + " has not failed: it is " + graft.state().words() + ".");
        }
        return graft;
    }

    /** What was told of some failures, by graft; nothing of those nobody told of. */
    Map<Long, CaseRow> rows(Collection<Graft> some) {
        return mapper.cases(some.stream().map(Graft::id).toList()).stream()
                .collect(Collectors.toMap(CaseRow::graftId, row -> row));
    }

    static CaseRow row(Map<Long, CaseRow> rows, Graft graft) {
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
        Rows.one(mapper.write(row(rows(List.of(graft)), graft).signs(seen, unseen)));
        return new Done(act, sentence);
    }

    private static String words(Set<Trace> signs) {
        return signs.stream().sorted().map(Trace::words).collect(Collectors.joining(", "));
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
            Rows.one(mapper.write(row(rows, graft).decided(cause, clock.today())));
        }
        return new Done(act, sentence);
    }
}
