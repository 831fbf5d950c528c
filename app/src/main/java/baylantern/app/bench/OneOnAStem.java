package baylantern.app.bench;

import baylantern.app.platform.FarmRule;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** A stem carries one living graft, also where a graft's stock was put right and somebody has used the old one since. */
@Component
class OneOnAStem implements FarmRule {

    private final GraftMapper grafts;

    OneOnAStem(GraftMapper grafts) {
        this.grafts = grafts;
    }

    @Override
    public Set<String> broken() {
        return grafts.crowded().stream()
                .map(code -> "The stem of " + code + " carries another living graft by now.")
                .collect(Collectors.toSet());
    }
}
