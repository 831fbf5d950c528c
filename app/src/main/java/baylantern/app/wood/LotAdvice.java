package baylantern.app.wood;

import baylantern.app.platform.Advice;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** How long the lots on the shelf keep and how good they are, as advice. */
@Component
class LotAdvice implements Advice {

    private final LotDesk lots;

    LotAdvice(LotDesk lots) {
        this.lots = lots;
    }

    @Override
    public Map<String, String> told() {
        return lots.shelf().stream()
                .collect(Collectors.toMap(
                        LotView::code,
                        lot -> lot.life() + " " + lot.grade() + " " + lot.runsOut() + " " + lot.refusal()));
    }

    @Override
    public List<String> sentences(Moved moved) {
        return Moved.words(moved.other(), "lot is judged otherwise", "lots are judged otherwise");
    }
}
