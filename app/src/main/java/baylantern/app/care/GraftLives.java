package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.season.WarmthService;
import baylantern.core.care.GraftLife;
import baylantern.core.care.Look;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.HealingClock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Reads grafts' lives from their looks. */
@Service
class GraftLives {

    private final CareMapper care;
    private final WarmthService warmth;
    private final Rulebook rules;

    GraftLives(CareMapper care, WarmthService warmth, Rulebook rules) {
        this.care = care;
        this.warmth = warmth;
        this.rules = rules;
    }

    /** Looks of these grafts, by graft, oldest first. */
    Map<Long, List<LookRow>> looks(Collection<Long> ids) {
        return ids.isEmpty() ? Map.of() : care.looks(ids).stream().collect(Collectors.groupingBy(LookRow::graftId));
    }

    /** The lives of these grafts, by graft. */
    Map<Long, GraftLife> of(List<Graft> grafts) {
        Map<Long, List<LookRow>> looks = looks(grafts.stream().map(Graft::id).toList());
        return grafts.stream()
                .collect(Collectors.toMap(Graft::id, g -> read(g, looks.getOrDefault(g.id(), List.of()))));
    }

    /** A graft's life from its looks. */
    GraftLife read(Graft graft, List<LookRow> looks) {
        return of(graft, looks.stream().map(LookRow::look).toList());
    }

    /** The same from looks as they were seen. */
    GraftLife of(Graft graft, List<Look> looks) {
        double established = rules.life(FigureName.ESTABLISHED_AFTER).value();
        return GraftLife.of(graft.madeOn(), looks, healing(graft.speciesKey()), established);
    }

    /** The warmth the visits of a species are reckoned with. */
    HealingClock healing(String speciesKey) {
        return warmth.healing(speciesKey);
    }
}
