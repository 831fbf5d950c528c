package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.platform.FarmProblem;
import baylantern.core.care.GraftLife;
import baylantern.core.care.Look;
import baylantern.core.care.LookQuestions;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Asks back about answers that do not fit a graft's life, before anything is written down. */
@Service
class LookAsked {

    private static final String MOIST = "KEEP_MOIST";
    private static final int MOST_NAMED = 3;

    private final CareMapper care;
    private final GraftLives lives;
    private final Rulebook rules;

    LookAsked(CareMapper care, GraftLives lives, Rulebook rules) {
        this.care = care;
        this.lives = lives;
        this.rules = rules;
    }

    /** Throws what is asked back, told with the grafts it is asked of; returns where all fits. */
    void about(Look look, List<Graft> grafts) {
        List<Long> ids = grafts.stream().map(Graft::id).toList();
        Map<Long, GraftLife> known = lives.of(grafts);
        Map<Long, Long> dry = new LinkedHashMap<>();
        care.visits(ids).stream()
                .filter(visit -> visit.kind().equals(MOIST))
                .forEach(visit -> dry.put(visit.graftId(), ChronoUnit.DAYS.between(visit.latest(), look.seenOn())));
        Map<String, List<String>> asked = new LinkedHashMap<>();
        for (Graft graft : grafts) {
            GraftLife life = Known.in(known, graft.id());
            new LookQuestions(life, lives.healing(graft.speciesKey()), rules.life(FigureName.GROWTH))
                    .about(look, graft.madeOn(), dry.getOrDefault(graft.id(), 0L))
                    .forEach(question -> asked.computeIfAbsent(question, q -> new ArrayList<>())
                            .add(graft.code()));
        }
        if (!asked.isEmpty()) {
            throw FarmProblem.wrong("sure", false, "true where it is so", sentence(asked));
        }
    }

    private static String sentence(Map<String, List<String>> asked) {
        return asked.entrySet().stream()
                .map(one -> named(one.getValue()) + ": " + one.getKey())
                .collect(Collectors.joining(" "));
    }

    private static String named(List<String> codes) {
        return codes.size() <= MOST_NAMED ? String.join(", ", codes) : codes.size() + " grafts";
    }
}
