package baylantern.app.lineage;

import baylantern.app.platform.FarmRule;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What a parent, a recall or a hold names is there: the store does not know these names, so it is looked at. */
@Component
class NamedInLineage implements FarmRule {

    private final LineageMapper lineage;

    NamedInLineage(LineageMapper lineage) {
        this.lineage = lineage;
    }

    @Override
    public Set<String> broken() {
        return lineage.namingNothing().stream()
                .map(key -> "A parent, a recall or a hold names " + key + ", which would be gone.")
                .collect(Collectors.toSet());
    }
}
