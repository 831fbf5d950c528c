package baylantern.app.take;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Variety;
import baylantern.core.rules.FactRules.Steps;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import java.util.HashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Of what kind a graft to come will be, aspect by aspect, by the same keys as those that were made. */
@Component
class ComingKinds {

    private final PlaceService places;
    private final FactReader reader;
    private final Rulebook rules;

    ComingKinds(PlaceService places, FactReader reader, Rulebook rules) {
        this.reader = reader;
        this.places = places;
        this.rules = rules;
    }

    /** The kinds that are known beforehand; aspects of which nothing is known are left out. */
    Map<String, String> kinds(ComingGraft graft) {
        Variety variety = places.variety(graft.varietyId());
        Map<String, String> kinds = new HashMap<>();
        kinds.put("species", variety.speciesKey());
        kinds.put("variety", "" + variety.id());
        if (graft.techniqueKey() != null) {
            kinds.put("technique", graft.techniqueKey());
        }
        if (graft.day() != null) {
            kinds.put("part", reader.part(graft.day()));
            kinds.put("moon", FactReader.moon(graft.day()));
        }
        if (graft.wood() != null) {
            if (!graft.wood().source().isBlank()) {
                kinds.put("source", graft.wood().source());
            }
            Steps age = Known.in(rules.facts().aspects(), "woodAge").steps();
            Double days =
                    graft.day() == null ? null : FactReader.woodAge(graft.wood().cutOn(), graft.day());
            if (age != null && days != null) {
                kinds.put("woodAge", "" + age.kind(days));
            }
        }
        return kinds;
    }
}
