package baylantern.app.wood;

import baylantern.app.platform.FarmRule;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What is left of a lot is the sum of what came in and went out. */
@Component
class LedgerSums implements FarmRule {

    private final LotMapper lots;

    LedgerSums(LotMapper lots) {
        this.lots = lots;
    }

    @Override
    public Set<String> broken() {
        return lots.unevenLots().stream()
                .map(code -> "What is left of " + code + " is not the sum of its entries.")
                .collect(Collectors.toSet());
    }
}
