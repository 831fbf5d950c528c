package baylantern.app.cause;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftService;
import baylantern.core.cause.CauseWeights;
import baylantern.core.rules.CauseRules;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What to do differently on stocks that are tried again: from the causes their last grafts failed of. */
@Service
public class LessonService {

    /** Sessions looked into; stocks that failed in more of them are not told of. */
    private static final int MOST_SESSIONS = 12;

    private final CauseMapper mapper;
    private final CauseService causes;
    private final CauseDesk desk;
    private final GraftService grafts;
    private final Rulebook rules;

    LessonService(CauseMapper mapper, CauseService causes, CauseDesk desk, GraftService grafts, Rulebook rules) {
        this.mapper = mapper;
        this.causes = causes;
        this.desk = desk;
        this.grafts = grafts;
        this.rules = rules;
    }

    /**
     * A lesson.
     *
     * @param cause what their grafts failed of, in words
     * @param change what to do differently
     * @param link where that is set
     * @param stocks so many of the stocks teach it
     * @param known true where the cause was confirmed for all of them, false where it is the likeliest for one or more
     */
    public record Lesson(String cause, String change, String link, int stocks, boolean known) {}

    /** The lessons of some stems, what most of them teach first; none of stems on which no graft failed. */
    @Transactional(readOnly = true)
    public List<Lesson> of(Collection<Long> stemIds) {
        List<Long> last = stemIds.isEmpty() ? List.of() : mapper.lastFailedOn(stemIds);
        // What stood on a stem may also have been lost, of which there is nothing to learn.
        if (last.isEmpty()) {
            return List.of();
        }
        List<Graft> failed = grafts.byIds(last);
        Map<Long, CaseRow> rows = desk.rows(failed);
        Map<String, Map<String, String>> weighed = new HashMap<>();
        Map<String, Lesson> lessons = new LinkedHashMap<>();
        for (Graft graft : failed) {
            String verdict = CauseDesk.row(rows, graft).verdict();
            boolean known = verdict != null && rules.causes().causes().containsKey(verdict);
            String cause = known ? verdict : verdict != null ? null : likeliest(graft, weighed);
            if (cause != null) {
                CauseRules.CauseRule rule = Known.in(rules.causes().causes(), cause);
                Lesson one = new Lesson(rule.name(), rule.change(), rule.link(), 1, known);
                lessons.merge(cause, one, LessonService::both);
            }
        }
        return lessons.values().stream()
                .sorted(Comparator.comparingInt(Lesson::stocks).reversed())
                .toList();
    }

    private static Lesson both(Lesson a, Lesson b) {
        return new Lesson(a.cause(), a.change(), a.link(), a.stocks() + b.stocks(), a.known() && b.known());
    }

    private @Nullable String likeliest(Graft graft, Map<String, Map<String, String>> weighed) {
        String session = CauseService.key(graft);
        if (!weighed.containsKey(session) && weighed.size() < MOST_SESSIONS) {
            Map<String, String> heaviest = new HashMap<>();
            causes.session(graft.code()).cases().forEach(one -> heaviest.put(one.code(), heaviest(one.weights())));
            weighed.put(session, heaviest);
        }
        return weighed.getOrDefault(session, Map.of()).get(graft.code());
    }

    private static String heaviest(CauseWeights weights) {
        return weights.weights().get(0).cause();
    }
}
