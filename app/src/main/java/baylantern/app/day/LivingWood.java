package baylantern.app.day;

import baylantern.app.bench.BenchService;
import baylantern.app.wood.LotDesk;
import baylantern.app.wood.LotView;
import baylantern.core.rules.Technique;
import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.wood.LotBalance;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;

/** What of the wood on the shelf may be used and still lives on a day. */
@Service
class LivingWood {

    private final LotDesk lots;

    LivingWood(LotDesk lots) {
        this.lots = lots;
    }

    /**
     * The wood of a variety for a plan.
     *
     * @param lots codes, the one to be used first in front
     * @param grafts so many grafts it is enough for
     */
    record There(List<String> lots, int sticks, int buds, int grafts) {}

    /** The lots, those to be used first in front. */
    List<LotView> by(LocalDate day) {
        return lots.shelf().stream()
                .filter(lot -> lot.refusal() == null && lot.grade() != Grade.X)
                .filter(lot -> !lot.life().lastUntil().isBefore(day))
                .toList();
    }

    /** What there is of a variety for a technique. */
    There by(LocalDate day, long varietyId, Technique technique) {
        List<LotView> own =
                by(day).stream().filter(lot -> lot.varietyId() == varietyId).toList();
        int sticks = own.stream().mapToInt(LotView::sticksLeft).sum();
        int buds = own.stream().mapToInt(lot -> lot.count().budsLeft()).sum();
        return new There(
                own.stream().map(LotView::code).toList(),
                sticks,
                buds,
                BenchService.takes(technique) == LotBalance.Unit.STICK ? sticks : buds);
    }
}
